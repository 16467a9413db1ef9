# frozen_string_literal: true

require_relative "../support/browser"

# The whole class in sight, lists from elsewhere, and what becomes of findings.
RSpec.describe "The board at a glance" do
  def block(id, role, movements, **keys)
    intervals(movements.map.with_index(1) { |movement, index| station("s#{index}", movement: movement) }, id: id, role: role, title: id.capitalize, **keys)
  end

  def whole_class
    [block("warm", "warm_up", %w[march_swing shoulder_roll squat_reach wrist_wake], rest_s: 5), block("circuit", "main", %w[squat push_up side_lunge blade_squeeze dead_bug glute_bridge], rounds: 3, round_rest_s: 60, get_ready_s: 10),
      block("finish", "finisher", %w[mountain_climber jumping_jack boxing], rounds_by_level: {"beginner" => 1, "intermediate" => 2, "advanced" => 3}), block("cool", "cool_down", %w[chest_stretch calf_stretch])]
  end

  def open_board(blocks)
    studio = Server::Records::Studio.first
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(*blocks, title: "Lock side")), by: studio.instructors.first)
    sign_in_as
    visit "/circuits/#{workout.id}"
    expect(page).to saved
    workout
  end

  # The lowest edge of what matches, in pixels of the screen.
  def lowest(css)
    page.evaluate_script("Math.max(...[...document.querySelectorAll(#{css.to_json})].map((one) => one.getBoundingClientRect().bottom))")
  end

  it "shows fifteen stations in four blocks with nothing scrolled, also while one of them is edited" do
    open_board(whole_class)
    expect(page).to have_css("[role=group][aria-label^='Station ']", count: 15)
    chart = page.evaluate_script("document.querySelector('.lanes').getBoundingClientRect().top")
    expect(lowest("[role=group][aria-label^='Station ']")).to be <= chart
    expect(page).to have_content("1/2/3 rounds")
    find_field("Squat, intermediate: target").click
    expect(page).to have_css(level_cell("intermediate"), text: /reps, .*left|fit/)
    expect(lowest("[role=group][aria-label^='Station ']")).to be <= chart + 60
    expect(page.evaluate_script("[...document.querySelectorAll('.board *')].filter((one) => one.scrollHeight > one.clientHeight + 40 && getComputedStyle(one).overflowY === 'auto').length")).to eq(0)
    press "l" if page.evaluate_script("document.activeElement.blur()").nil?
    expect(page).to have_css("section[aria-label='Lane chart'] text", text: "Circuit")
  end

  it "takes a list from elsewhere once it was seen what was understood" do
    workout = open_board([block("circuit", "main", %w[squat])])
    click_button "Paste a list"
    within("[role=dialog]") do
      fill_in "One movement a line", with: "10 push-ups\nplank 40s\n• jump squat 3x8\nzorbing"
      expect(page).to have_css("tr", text: /10 push-ups.*Push-up.*10 reps/m)
      expect(page).to have_css("tr", text: /jump squat 3x8.*8 reps, 3 rounds/m)
      expect(page).to have_css("tr", text: /zorbing.*No movement of that name/m)
      click_button "Add 3 stations"
    end
    expect(station_names).to eq(["Squat", "Push-up", "Plank", "Squat and spring"])
    expect(page).to saved
    stations = workout.reload.document.dig("blocks", 0, "stations")
    expect(stations[1]["levels"].values.map { |cell| cell["reps"] }).to eq([10, 10, 10])
    expect(stations[2]["levels"]["intermediate"]["hold_s"]).to eq(40)
    expect(workout.document.dig("blocks", 0, "rounds")).to eq(1)
    chord(:control, "z")
    expect(station_names).to eq(["Squat"])
  end

  it "marks a station as a bonus" do
    workout = open_board([block("circuit", "main", %w[squat push_up])])
    click_button "Squat: sides, own times, notes"
    within(:group, "Details of the station") { find("label", text: "A bonus, for who likes").click }
    expect(page).to have_css("[role=group][aria-label='Station 1: Squat']", text: "bonus")
    expect(page).to saved
    expect(workout.reload.document.dig("blocks", 0, "stations").map { |held| held["optional"] }).to eq([true, nil])
  end

  it "leaves a finding as it is for a class, and turns a rule off for the studio" do
    workout = open_board([block("circuit", "main", %w[squat])])
    missing = "section[aria-label=Findings] li"
    within(missing, text: "There is no cool-down.") do
      find("summary").click
      expect(page).to have_content("A common caution")
      click_button "Not for this class"
    end
    expect(page).to have_no_css(missing, text: "There is no cool-down.")
    expect(page).to saved
    expect(workout.reload.document["left_as_is"]).to eq(%w[cool_down_missing])
    click_button "Tell me again"
    within(missing, text: "There is no cool-down.") do
      find("summary").click
      click_button "Not for us"
    end
    expect(page).to have_no_css(missing, text: "There is no cool-down.")
    expect(Server::Records::Studio.first.rules_off).to eq(%w[cool_down_missing])
    visit "/house"
    click_button "Turn on again: cool-down missing"
    expect(page).to have_content("All rules are on.")
    expect(Server::Records::Studio.first.rules_off).to eq([])
  end

  it "offers what keeps to the conditions of the class, and finds what does not" do
    workout = open_board([block("circuit", "main", %w[squat_jump])])
    find("[aria-label='Conditions of the class']", match: :first, visible: :all).ancestor(".conditions").click
    page.document.find("[role=option]", text: "No jumps").click
    press :escape
    expect(page).to have_css("section[aria-label=Findings] li", text: "Does not keep to “no jumps”")
    expect(page).to saved
    expect(workout.reload.document["conditions"]).to eq("no_jumps" => true)
    find_field("Add a station to Circuit", exact: false).send_keys("skater")
    expect(page).to have_css("[role=option]", text: "Skater")
    press :enter
    expect(page).to have_css("[role=group][aria-label^='Station ']", count: 2)
    expect(page).to saved
    versions = workout.reload.document.dig("blocks", 0, "stations", 1, "levels").values.map { |cell| Sparrow::Catalogue.house.variation(cell["variation"]) }
    expect(versions.map(&:impact)).not_to include("high")
  end

  # Each is only drawn until somebody comes near its row.
  it "opens a list of versions by a press without a pointer, and by the focus and a key" do
    open_board([block("circuit", "main", %w[push_up row])])
    page.execute_script("arguments[0].click()", find("[role=combobox][aria-label='Push-up, beginner: version']"))
    expect(page).to have_css("[role=option]", text: "Floor push-up")
    expect(page.evaluate_script("document.activeElement.getAttribute('aria-label')")).to eq("Push-up, beginner: version")
    press :escape
    expect(page).to have_no_css("[role=listbox]")
    page.execute_script("arguments[0].focus()", find("[role=combobox][aria-label^='Row'][aria-label$='advanced: version']"))
    press :arrow_down
    expect(page).to have_css("[role=option]", text: "Long-lever row")
  end

  it "lays what the last four weeks worked beside the circuit, as a body and as pushes against pulls" do
    open_board([block("circuit", "main", %w[push_up row])])
    within("section[aria-label=Balance]") do
      expect(page).to have_css("tr", text: /0:40\s+0:40/, minimum: 1)
      click_button "Last four weeks"
      expect(page).to have_content(/As planned, of \d class/)
      choose_option("Balance by", "By joint")
      expect(page).to have_css("th", text: "knee")
    end
  end
end
