# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "The list of circuits" do
  before do
    sign_in_as
    visit "/circuits"
    expect(page).to have_css("tbody tr", minimum: 10)
  end

  it "begins one from a ready-made circuit" do
    click_button "Start from a template"
    within("[role=dialog]") { expect(page).to have_css("li", minimum: 10) }
    click_button "Use this: Weir-side Chipper"
    expect(page).to have_css("[data-testid=total]", text: /\d+:\d\d/)
    expect(find_field("Title of the circuit").value).to eq("Weir-side Chipper")
    expect(Server::Records::Workout.where(title: "Weir-side Chipper").count).to eq(2)
  end

  it "is searched, filtered by format and tag, and sorted" do
    fill_in "Search titles and tags", with: "little kit"
    expect(page).to have_css("tbody tr", count: 1, text: "Ferry Round")
    fill_in "Search titles and tags", with: ""
    choose_option("Format", "Every minute")
    expect(page).to have_css("tbody tr", count: 1, text: "Every Bell")
    find("[aria-label=Format]").find(:xpath, "./ancestor::div[contains(@class,'p-select')][1]").find(".p-select-clear-icon").click
    choose_option("Tag", "holds")
    expect(page).to have_css("tbody tr", count: 1, text: "Slipway Holds")
    fill_in "Search titles and tags", with: "nothing like it"
    expect(page).to have_content("No circuit answers to that search.")
  end

  it "keeps tags that are typed with commas" do
    click_button "Change the tags of Every Bell"
    find_field("Tags of Every Bell").send_keys([:control, "a"], "bells, Saturday", :enter)
    expect(page).to have_css("tr", text: /Every Bell\s+bells\s+saturday/)
    expect(Server::Records::Workout.find_by!(title: "Every Bell").tags).to eq(%w[bells saturday])
  end

  it "lays two circuits side by side" do
    check "Compare Every Bell"
    check "Compare Slow Paddle"
    click_button "Compare the two"
    expect(page).to have_css("h1", text: "Two circuits")
    within("section[aria-label='Every Bell']") { expect(page).to have_content("21:55") }
    within("section[aria-label='Slow Paddle']") { expect(page).to have_css("tr", text: "push") }
  end
end
