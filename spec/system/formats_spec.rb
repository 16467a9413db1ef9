# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Formats on the board" do
  before { sign_in_as }

  def squats(reps = 10, **keys)
    station("s1", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => reps}] }, **keys)
  end

  def block(format, stations = [squats], **keys)
    {"id" => "b", "role" => "main", "format" => format, "title" => "Main", "stations" => stations, **keys.transform_keys(&:to_s)}
  end

  it "sets partners by their turns, and shows who works when" do
    open_block(block("rounds", rounds: 2))
    choose_option("Format of the block", "With a partner")
    unfold "Main"
    in_block("Main") do
      retype "A turn", 40
      retype "To change over", 5
    end
    # Two rounds of four turns of 40 s with three changes of 5 s.
    expect(page).to have_css("[data-testid=total]", text: "5:50")
    expect(page).to have_content("First partner: 1")
    expect(page).to have_content("Second partner: 1")
    choose_option("How partners change", "Partners change when the set is done")
    expect(page).to have_no_content("First partner: 1")
    expect(page).to have_css("table", text: "about")
  end

  it "changes the format without losing what was typed, says what waits, and brings it back" do
    workout = open_block(intervals([squats], title: "Main", work_s: 35, rest_s: 25, rounds: 4))
    choose_option("Format of the block", "Rounds of reps")
    expect(page).to have_content("Set aside for another format: work")
    expect(page).to have_css("[data-testid=total]", text: /\d:\d\d/)
    expect(page).to have_css("table", text: "about")
    expect(page).to saved
    page.refresh
    expect(page).to have_content("work")
    choose_option("Format of the block", "Timed intervals")
    in_block("Main") { expect(find_field("Work").value).to eq("35") }
    expect(page).to have_no_content("Set aside for another format")
    chord(:control, "z")
    expect(page).to have_content("work")
    chord(:control, :shift, "z")
    expect(page).to saved
    expect(workout.reload.document["blocks"].first).to include("format" => "intervals", "work_s" => 35, "rest_s" => 25, "rounds" => 4)
  end

  it "spreads a total over the rounds as it is typed, and says at its field what cannot be" do
    open_block(block("ladder", [squats(nil, ladder: {"total" => 60, "shape" => "descending"}).tap { |held| held["levels"].each_value { |given| given.delete("reps") } }], rounds: 4))
    expect(page).to have_css(level_cell("advanced"), text: "24, 18, 12, 6 reps = 60")
    choose_option("How the total is spread", "rising")
    expect(page).to have_css(level_cell("advanced"), text: "6, 12, 18, 24 reps")
    retype("in steps of", 7)
    expect(page).to have_content("Total cannot be split so: 60 is not a multiple of 7")
    retype("in steps of", 2)
    choose_option("How the total is spread", "typed")
    retype("Rounds", "10, 20", match: :first, id: /counts/)
    expect(page).to have_content("name 2 rounds where the station stands in 4")
    unfold "Main"
    choose_option("Levels by", "A share of the number")
    choose_option("How the total is spread", "falling")
    retype("Total", 60)
    expect(page).to have_css(level_cell("beginner"), text: "= 30")
    expect(page).to have_css(level_cell("intermediate"), text: "= 46")
  end

  it "predicts rounds and remainder of as many rounds as possible, never as clock time" do
    open_block(block("amrap", [squats(15)], cap_s: 720))
    expect(page).to have_css("table", text: /about \d+ rounds of \d:\d\d, \d+ s over/)
    retype("Time", "10:00")
    expect(page).to have_total("10:00")
  end

  it "suggests the sets of a total, takes typed ones, and complains of those that do not add up" do
    open_block(block("chipper", [squats(40)]))
    expect(page).to have_css("table", text: /\d × \d+/)
    click_button "Squat: sides, own times, notes"
    within(:group, "Details of the station") { all("input[placeholder=suggested]").last.send_keys("20, 10") }
    expect(page).to have_content("Sets add up to 30, not to 40")
    within(:group, "Details of the station") { all("input[placeholder=suggested]").last.send_keys(", 10") }
    expect(page).to have_css("table", text: "20, 2 × 10")
  end

  it "shows what is left of each minute, and marks what is not" do
    open_block(block("every_minute", [squats(10)], rounds: 2))
    find_field("Squat, all levels: target").click
    expect(page).to have_css(level_cell("all levels"), text: /\d+ s left/)
    click_button "Squat, all levels: levels apart"
    find_field("Squat, intermediate: target").click
    expect(page).to have_css(level_cell("intermediate"), text: "30 s left")
    fill_in "Squat, advanced: target", with: "40"
    expect(page).to have_css("section[aria-label=Findings] li", text: "The set takes 108 s of its 60.")
    within("section[aria-label=Findings] li", text: "The set takes 108 s") { find(:button, text: /Ask for \d+/).click }
    expect(page).to have_no_content("The set takes 108 s")
  end

  it "takes a day's total from minimum to maximum" do
    workout = open_block(block("quota", [squats.tap { |held| held["levels"].each_value { |given| given.replace(given.except("reps").merge("quota" => {"min" => 30, "max" => 50})) } }]))
    find_field("Squat, all levels: target").click
    click_button "Squat, all levels: levels apart"
    fill_in "Squat, beginner: target", with: "20-40"
    expect(page).to have_css(level_cell("beginner"), text: "20–40 in the day")
    choose_option("Kind of day", "Lighter")
    expect(page).to have_css("table", text: "= 20")
    fill_in "Squat, beginner: target", with: "40-20"
    expect(page).to have_css(level_cell("beginner"), text: "is above the maximum")
    fill_in "Squat, beginner: target", with: "25-40"
    expect(page).to saved
    expect(workout.reload.document.dig("blocks", 0, "stations", 0, "levels", "beginner", "quota")).to eq("min" => 25, "max" => 40)
  end

  it "gives groups their own order, and the kit that either flow needs" do
    open_block(intervals([squats, station("s2", movement: "step_up")], title: "Main"), head_count: 14)
    unfold "Main"
    choose_option("How the room moves", "Groups that move on")
    click_button "The lane chart in full"
    expect(page).to have_content("Group 1: 1 → 2")
    expect(page).to have_content("Group 2: 2 → 1")
    expect(page).to have_css("section[aria-label='Lane chart'] svg", text: "group 2", visible: :all)
    expect(page).to have_content("step 14 together or 7 in groups")
  end

  it "makes three of one by the school that is chosen, and leaves what is typed" do
    open_block(block("chipper", [squats(90)]))
    unfold "Main"
    choose_option("Levels by", "A share of the number")
    %w[beginner intermediate].each { |level| find_field("Squat, #{level}: target").send_keys([:control, "a"], :backspace) }
    expect(page).to have_content("everybody does the same thing")
    expect(page).to have_css("#{level_cell("beginner")} input[placeholder='45']")
    expect(page).to have_css("#{level_cell("intermediate")} input[placeholder='70']")
    fill_in "Squat, advanced: target", with: "60"
    expect(page).to have_css("#{level_cell("beginner")} input[placeholder='30']")
    fill_in "Squat, beginner: target", with: "12"
    expect(page).to have_css("#{level_cell("intermediate")} input[placeholder='45']")
    expect(find_field("Squat, beginner: target").value).to eq("12")
  end

  it "builds a compound of parts, and shows both numbers" do
    workout = open_block(block("rounds", rounds: 2))
    click_button "Compound"
    expect(page).to have_css(level_cell("advanced"), text: "8 counted, 64 moves")
    retype("Mountain climber", 6)
    expect(page).to have_css(level_cell("advanced"), text: "8 counted, 80 moves")
    within("[role=group][aria-label='Parts of one count']") { find_field("Add a part").send_keys("jumping") }
    expect(page).to have_css("[role=option]")
    within("[role=group][aria-label='Parts of one count']") { find_field("Add a part").send_keys(:enter) }
    expect(page).to have_css("[role=group][aria-label='Parts of one count']", text: "= 14 moves")
    click_button "Take Jumping jack out"
    expect(page).to saved
    expect(workout.reload.document.dig("blocks", 0, "stations", 1, "parts").map { |part| part["reps"] }).to eq([4, 6])
  end

  it "explains a tempo as it is typed, and refuses one that takes no time" do
    open_block(intervals([squats], title: "Main"))
    click_button "Squat: sides, own times, notes"
    within(:group, "Details of the station") { all("input").find { |input| input["placeholder"] == "default" }.send_keys("3-0-1-0") }
    expect(page).to have_content("3 s down, 1 s up: 4 s a move")
    expect(page).to have_css(level_cell("beginner"), text: "tempo 3-0-1-0")
    within(:group, "Details of the station") { all("input").find { |input| input["placeholder"] == "default" }.send_keys([:control, "a"], "0-0-0-0") }
    expect(page).to have_content("must be four numbers such as 3-0-1-0, not all 0")
  end
end
