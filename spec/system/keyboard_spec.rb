# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "By keyboard alone" do
  def tab_to(label, back: false)
    80.times do
      return if focused.start_with?(label)
      back ? chord(:shift, :tab) : press(:tab)
    end
    raise "#{label} is not reached by Tab; the focus is on #{focused.inspect}"
  end

  it "a class of warm-up, six stations, finisher and cool-down is made in at most 120 keystrokes" do
    sign_in_as
    visit "/circuits"
    expect(page).to have_css("h1", text: "Circuits")
    @pressed = 0
    press "n"
    expect(page).to have_content("There is no station yet.")
    press "a"
    take_stations(%w[squat push- skater row dead glute])
    press :escape, "f"
    take_stations(%w[mount jumping bicy])
    press :escape
    %w[Warm-up Cool-down].each do |title|
      press "w"
      expect(page).to have_css("[role=dialog] ol li")
      expect(focused).to eq("Add this block")
      press :enter
      expect(page).to have_css("section[aria-label='#{title}']")
    end
    expect(page).to saved
    document = Server::Records::Workout.order(:created_at).last.document
    expect(document["blocks"].map { |block| [block["role"], block["stations"].size] }).to match([["warm_up", be > 3], ["main", 6], ["finisher", 3], ["cool_down", be > 1]])
    expect(document["blocks"][1]["stations"].flat_map { |station| station["levels"].values.map { |cell| cell["variation"] } }.uniq.size).to be >= 17
    expect(document["blocks"].find { |block| block["role"] == "finisher" }).to include("work_s" => 30, "rest_s" => 15, "rounds" => 2)
    puts "  #{@pressed} keystrokes for a whole class" if ENV["COUNT_KEYS"]
    expect(@pressed).to be <= 120
  end

  def take_stations(words)
    words.each do |word|
      press word
      expect(page).to have_css("[role=option][data-p-focused=true], [role=option].p-focus")
      standing = all("[role=group][aria-label^='Station ']", wait: 0).size
      press :enter
      expect(page).to have_css("[role=group][aria-label^='Station ']", count: standing + 1)
    end
  end

  it "somebody signs in, builds a circuit, runs it and ends it" do
    visit "/sign-in"
    expect(page).to have_field("E-mail")
    tab_to("E-mail")
    press "ottoline@tumblingbay.example", :tab, Demo::Scenario::PASSWORD, :enter
    expect(page).to have_css("h1", text: "Today")
    tab_to("Circuits")
    press :enter
    expect(page).to have_css("h1", text: "Circuits")
    press "n"
    expect(page).to have_content("There is no station yet.")

    press "a"
    expect(focused).to start_with("Add a station to Main")
    press "push"
    expect(page).to have_css("[role=option]", text: "Push-up")
    press :enter
    expect(page).to have_css("[role=group]", text: "Push-up")
    press "dead"
    expect(page).to have_css("[role=option]", text: "Dead bug")
    press :enter
    expect(page).to have_css("[role=group]", text: "Dead bug")

    tab_to("Push-up, intermediate: target", back: true)
    chord :control, "a"
    press "12"
    expect(find_field("Push-up, intermediate: target").value).to eq("12")
    chord :alt, :up
    expect(page).to have_css(level_cell("intermediate"), text: "Push-up, feet on a step")
    chord :alt, :shift, :down
    expect(station_names).to eq(["Dead bug", "Push-up"])
    chord :control, "z"
    expect(station_names).to eq(["Push-up", "Dead bug"])
    expect(page).to saved

    tab_to("Start class", back: true)
    press :enter
    expect(page).to have_button("Start", exact: true)
    press :space
    expect(page).to have_button("Pause")
    press :right
    expect(page).to have_css("[data-testid=phase]", text: "Work")
    press "e"
    expect(page).to have_css("[role=dialog]", text: "End the class here?")
    press :enter
    expect(page).to have_button("Log this class")
    press :enter
    expect(page).to have_css("h1", text: "Log: New circuit")
    chord :control, :enter
    expect(page).to have_content("14 present")
  end

  it "somebody switches single-key shortcuts off" do
    sign_in_as
    open_circuit
    press "?"
    find("#single-keys", visible: :all).send_keys(:space)
    press :escape
    expect(page).to have_no_css("[role=dialog]")
    press "?"
    expect(page).to have_no_css("[role=dialog]")
  end

  # Two minutes are what a typist of three keys a second has for 360 keys; a
  # third of them is to think in.
  most_keys = 120

  it "somebody goes from a blank circuit to six stations in three levels in few keystrokes" do
    sign_in_as
    visit "/circuits"
    expect(page).to have_css("tbody tr")
    @pressed = 0
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    press "n"
    expect(page).to have_content("There is no station yet.")
    press "a"
    {"squ" => "Squat", "pus" => "Push-up", "ska" => "Skater", "row" => "Row under a table or bar", "side p" => "Side plank", "dead" => "Dead bug"}.each do |letters, name|
      press letters
      expect(page).to have_css("[role=option]", text: /\A#{name}/)
      press :enter
      expect(page).to have_css("[role=group]", text: name)
    end
    press :escape
    # From the finder back to the last station's cells: another number for each level.
    tab_to("Dead bug, advanced: target", back: true)
    press "6"
    tab_to("Dead bug, intermediate: target", back: true)
    press "8"
    tab_to("Dead bug, beginner: target", back: true)
    press "10"
    chord :control, "s"
    expect(page).to saved
    took = Process.clock_gettime(Process::CLOCK_MONOTONIC) - started

    stations = Server::Records::Workout.order(:created_at).last.document["blocks"].first["stations"]
    expect(stations.map { |station| station["movement"] }).to eq(%w[squat push_up skater row side_plank dead_bug])
    expect(stations.map { |station| station["levels"].keys.sort }.uniq).to eq([%w[advanced beginner intermediate]])
    expect(stations.last["levels"].values_at("beginner", "intermediate", "advanced").map { |level| level["reps"] }).to eq([10, 8, 6])
    expect(@pressed).to be <= most_keys
    expect(took).to be < 120
  end
end
