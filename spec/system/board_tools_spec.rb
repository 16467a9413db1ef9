# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "The board's offers", in_turns: true do
  before { sign_in_as }

  def stations(title, block = 2)
    Server::Records::Workout.find_by!(title: title).document["blocks"][block]["stations"]
  end

  it "brings the lanes together, only when it is taken, and back in one step" do
    open_circuit
    before = stations("Lock-gate Tuesday")
    click_button "Finish together: Lock-gate circuit"
    within("[role=dialog]") do
      expect(page).to have_css("tbody tr", text: "Skater")
      expect(page).to have_css("li", text: "Skater: 16 → ")
      click_button "Leave it"
    end
    expect(stations("Lock-gate Tuesday")).to eq(before)
    find("body").send_keys("t")
    within("[role=dialog]") do
      expect(page).to have_css("li", text: "Skater: 16 → ")
      click_button "Take these"
    end
    expect(find_field("Skater, beginner: target").value).not_to eq("16")
    expect(page).to saved
    chord(:control, "z")
    expect(find_field("Skater, beginner: target").value).to eq("16")
    expect(page).to saved
    expect(stations("Lock-gate Tuesday")).to eq(before)
  end

  it "chooses the work time that the numbers need, and says what the class then takes" do
    open_circuit
    click_button "Finish together: Lock-gate circuit"
    within("[role=dialog]") do
      find(:button, text: "The work time").click
      expect(page).to have_css("th", text: "Left over")
      expect(page).to have_css("li", text: /Skater: \d+ → \d+ s/)
      expect(page).to have_content(/The class: 36:40 → \d+:\d+/)
      click_button "Take these"
    end
    expect(page).to saved
    expect(stations("Lock-gate Tuesday").map { |station| station["work_s"] }.compact).to all(satisfy { |seconds| (seconds % 5).zero? })
    expect(stations("Lock-gate Tuesday")).to include(have_key("work_s"))
  end

  it "says what stands in for a joint, and takes it back" do
    open_circuit
    click_button "Push-up: sides, own times, notes"
    choose_option("Joint to spare", "wrist")
    find("[role=combobox][aria-label='Version for: wrist']").click
    find("input[role=searchbox]").send_keys("forearm pl")
    find("[role=option]", exact_text: "Forearm plank").click
    within(:group, "Alternatives") { expect(page).to have_content(/wrist:\s*Forearm plank/) }
    expect(page).to saved
    expect(stations("Lock-gate Tuesday").find { |station| station["movement"] == "push_up" }["alternatives"]).to eq([{"for" => "wrist", "variation" => "plank.forearm"}])
    chord(:control, "z")
    within(:group, "Alternatives") { expect(page).to have_no_content("Forearm plank") }
  end

  it "fits the class to a slot by the way that is chosen" do
    open_circuit
    find("body").send_keys("s")
    click_button "30 min"
    within("[role=dialog]") do
      expect(page).to have_content("takes 36:40 of 30:00")
      first(:button, text: "in Lock-gate circuit").click
    end
    expect(page).to have_no_css("[role=dialog]")
    expect(find_field("Slot").value).to eq("30")
    minutes, seconds = find("[data-testid=total]").text.split(":").map(&:to_i)
    expect(minutes * 60 + seconds).to be_between(25 * 60, 30 * 60)
  end

  it "suggests a warm-up and puts it where a class begins" do
    open_circuit("Weir-side Saturday")
    add_station("Main", "squat")
    expect(page).to have_css("[role=group]", text: "Squat")
    click_button "Suggest", exact: true
    within("[role=dialog]") do
      expect(page).to have_content("Raises the pulse")
      expect(page).to have_content("Rehearses the squat")
      click_button "Add this block"
    end
    expect(all("[data-testid=block]").map { |block| block["aria-label"] }).to eq(%w[Warm-up Main])
    click_button "Suggest", exact: true
    click_button "Cool-down", exact: true
    within("[role=dialog]") do
      expect(page).to have_content("Stretches the front of thigh")
      click_button "Add this block"
    end
    expect(all("[data-testid=block]").map { |block| block["aria-label"] }).to eq(%w[Warm-up Main Cool-down])
    expect(page).to saved
  end

  it "copies a cell across and down, and takes the number that fits, by key" do
    open_circuit
    find_field("Squat, beginner: target").click
    chord(:alt, "r")
    expect(page).to have_field("Squat, advanced: target", with: find_field("Squat, beginner: target").value)
    expect(page).to have_css(level_cell("advanced"), text: "Chair-tap squat")
    chord(:alt, "f")
    expect(find_field("Squat, beginner: target").value).to eq("10")
    chord(:alt, "b")
    expect(page).to have_field("Push-up, beginner: target", with: "10")
    chord(:control, "z")
    expect(page).to have_field("Push-up, beginner: target", with: "5")
  end

  it "changes several stations at once, each change one step back" do
    open_circuit
    %w[Squat Skater].each { |name| check "Choose #{name}", allow_label_click: true }
    expect(page).to have_content("2 stations chosen")
    click_button "Harder versions"
    expect(page).to have_css(level_cell("beginner"), text: "Parallel squat")
    click_button "Remove", exact: true
    expect(page).to have_no_css("[role=group]", text: "Skater")
    chord(:control, "z")
    chord(:control, "z")
    expect(page).to have_css(level_cell("beginner"), text: "Chair-tap squat")
    expect(page).to have_css("[role=group]", text: "Skater")
  end

  it "sums up the balance by level" do
    open_circuit
    within("section[aria-label=Balance]") do
      expect(page).to have_css("svg[role=img][aria-label^='The front of the body at the intermediate level']")
      expect(page).to have_content("Not worked: ")
    end
    choose_option("Balance by", "by pattern")
    within("section[aria-label=Balance]") do
      expect(page).to have_css("th", text: "trunk bracing")
      expect(page).to have_css("td", text: "4:00")
    end
    choose_option("Balance by", "by impact")
    within("section[aria-label=Balance]") { expect(page).to have_css("th", text: "high") }
  end
end
