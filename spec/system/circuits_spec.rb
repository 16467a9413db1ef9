# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "The list of circuits" do
  before do
    sign_in_as
    visit "/circuits"
  end

  def titles
    all("tbody td:first-child a").map(&:text)
  end

  it "finds by title, and sorts" do
    fill_in "Search titles", with: "way"
    expect(page).to have_content("1 circuit")
    expect(titles).to eq(["Slipway Holds"])
    fill_in "Search titles", with: "zeppelin"
    expect(page).to have_content("No circuit has «zeppelin» in its title.")
    fill_in "Search titles", with: ""
    find("[role=combobox][aria-label=Order]").click
    find("[role=option]", text: "By title").click
    expect(titles).to eq(titles.sort)
  end

  it "duplicates a circuit" do
    click_button "Duplicate Slipway Holds"
    expect(page).to have_link("Slipway Holds (copy)")
  end

  it "deletes a circuit and brings it back" do
    click_button "Delete Slipway Holds"
    expect(page).to have_no_link("Slipway Holds")
    click_button "Undo"
    expect(page).to have_link("Slipway Holds")
  end

  it "does not run a draft" do
    expect(page).to have_button("Run Weir-side Saturday", disabled: true)
  end
end
