# frozen_string_literal: true

require_relative "../support/browser"

# A level may do another movement than the others, have parts of its own, or sit a station out.
RSpec.describe "Levels that differ" do
  before { sign_in_as }

  let(:stations) { [station("p", movement: "push_up"), station("s", movement: "squat")] }

  def open_plain(**keys)
    open_block(intervals(stations, title: "Circuit", rounds: 2, **keys)).tap { expect(page).to saved }
  end

  def levels(workout, at = 0)
    workout.reload.document.dig("blocks", 0, "stations", at, "levels")
  end

  it "are given another movement, parts of their own and a rest, by keys alone, and go back to the station's" do
    workout = open_plain
    find_field("Push-up, beginner: target").click
    chord(:alt, "m")
    expect(page).to have_css("input[aria-label='Push-up, beginner: another movement']:focus")
    press("squat")
    expect(page).to have_css("[role=option]", text: "Squat")
    press(:enter)
    expect(page).to have_css("[role=combobox][aria-label='Push-up, beginner: version']:focus", text: /squat/i)
    find_field("Push-up, advanced: target").click
    chord(:alt, "o")
    expect(page).to have_css("[role=combobox][aria-label='Push-up, advanced: version']", text: "Sits this one out")
    expect(page).to have_field("Push-up, advanced: target", disabled: true)
    choose_option("Push-up, intermediate: version", "Parts of its own")
    expect(page).to have_css("[role=combobox][aria-label='Push-up, intermediate: version']", text: /4 Push-up \+ 4/)
    expect(page).to saved
    held = levels(workout)
    expect([held["beginner"]["variation"], held["advanced"].slice("sits_out", "variation"), held["intermediate"]["parts"].map { |part| part["reps"] }]).to match([/\Asquat\./, {"sits_out" => true, "variation" => "push_up.feet_30"}, [4, 4]])
    choose_option("Push-up, intermediate: version", "As the station")
    find_field("Push-up, beginner: target").click
    chord(:alt, "o")
    expect(page).to have_css("[role=combobox][aria-label='Push-up, beginner: version']", text: "Sits this one out")
    choose_option("Push-up, beginner: version", "Takes part again")
    choose_option("Push-up, beginner: version", "As the station")
    choose_option("Push-up, advanced: version", "Takes part again")
    expect(page).to saved
    expect(levels(workout).transform_values { |level| level["variation"][/\A\w+/] }).to eq("beginner" => "push_up", "intermediate" => "push_up", "advanced" => "push_up")
  end

  it "that are one are typed once, and stand as one until they are taken apart" do
    workout = open_plain
    find_field("Squat, intermediate: target").click
    chord(:alt, "e")
    expect(page).to have_css("input[aria-label='Squat, all levels: target']:focus")
    press("14")
    expect(page).to saved
    expect(levels(workout, 1).values.uniq).to eq([{"variation" => "squat.parallel", "reps" => 14}])
    visit current_path
    expect(page).to have_field("Squat, all levels: target", with: "14")
    expect(page).to have_no_field("Squat, advanced: target")
    find_field("Squat, all levels: target").click
    chord(:alt, "e")
    find_field("Squat, advanced: target").send_keys([:control, "a"], "20")
    expect(page).to saved
    expect(levels(workout, 1).transform_values { |level| level["reps"] }).to eq("beginner" => 14, "intermediate" => 14, "advanced" => 20)
  end

  it "have work that shortens from round to round, a rest by one's own work, and say what was typed wrong" do
    workout = open_plain
    in_block("Circuit") { retype("Work", "60, 50") }
    expect(page).to have_total("4:40")
    in_block("Circuit") { retype("Rest", "10-25") }
    expect(page).to have_total("4:55")
    unfold("Circuit")
    retype("Rest as a share of one’s own work", "0.5")
    expect(page).to have_total("5:05")
    expect(page).to saved
    expect(workout.reload.document["blocks"].first).to include("work_s" => [60, 50], "rest_s" => {"min" => 10, "max" => 25}, "rest_ratio" => 0.5)
    click_button "Push-up: sides, own times, notes"
    within(:group, "Details of the station") do
      retype("Own work", "50, 30")
      retype("Own rest", "2x")
    end
    expect(page).to have_total("6:20")
    expect(page).to saved
    expect(workout.reload.document["blocks"].first["stations"].first).to include("work_s" => [50, 30], "rest_ratio" => 2)
    in_block("Circuit") { retype("Work", "60, soon") }
    expect(page).to have_css("[role=alert]", text: "Work must be a whole number")
  end

  it "are told on the Floor what is theirs, and logged so" do
    given = stations.first
    mixed = given.merge("levels" => given["levels"].merge("beginner" => {"variation" => "squat.chair_tap", "reps" => 6}, "advanced" => {"sits_out" => true}))
    run = open_floor_of(intervals([mixed, stations.last], title: "Circuit", get_ready_s: 0))
    press :space
    advance 5
    expect(page).to have_css("section[aria-label=beginner]", text: /Chair-tap squat.*6 reps/m)
    expect(page).to have_css("section[aria-label=advanced]", text: "Rests here")
    advance 60
    expect(page).to have_css("section[aria-label=advanced]", text: "Paused squat")
    advanced = Sparrow::Logging::Sheet.new(Sparrow::Plan.read(run.document)).results("advanced", [])
    expect(advanced.map(&:station)).to eq(["s"])
  end
end
