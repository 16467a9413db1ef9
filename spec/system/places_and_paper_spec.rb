# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Places, paper and phones" do
  before { sign_in_as }

  let(:coming) { Server::Records::GroupClass.order(:starts_at).last }

  it "keep a new place with its kit, and a class its own count of it" do
    visit "/classes"
    click_button "Places"
    within("[role=dialog]") do
      choose_option("Place", "A new place")
      fill_in "Name", with: "Bridge 17"
      retype("chair", -3)
      click_button "Save the place"
      expect(page).to have_css("[role=alert]", text: "chair must be a whole number")
      retype("chair", 3)
      click_button "Save the place"
      expect(page).to have_no_css("[role=alert]")
    end
    expect { Server::Records::Place.find_by(name: "Bridge 17")&.kit }.to eventually_be({"chair" => 3})
    visit "/classes/#{coming.id}"
    click_button "Change"
    within("[role=dialog]") do
      find("summary", text: "Another count for this class").click
      retype("mat", 2)
      click_button "Save"
    end
    expect(page).to have_no_css("[role=dialog]")
    expect(coming.reload.kit_there).to eq("mat" => 2)
  end

  it "put people's cards on phones by a code, and make the old links void" do
    visit "/classes/#{coming.id}"
    click_button "Cards on phones"
    within("[role=dialog]") do
      click_button "Show the code of Dov Abernethy"
      expect(page).to have_css("img[alt='Code of Dov Abernethy\\'s card']")
      old = find_link("Dov Abernethy")[:href]
      standing_still(find_button("Make all links void"))
      click_button "Make all links void"
      expect(page).to have_no_link("Dov Abernethy", href: old)
      expect(page).to have_link("Dov Abernethy")
    end
    expect(coming.reload.card_version).to eq(1)
  end

  it "hand the instructor a page and cards, by the hour on the wall" do
    visit "/classes/#{coming.id}"
    expect(page).to have_link("Your page (PDF)", href: %r{sheet\.pdf\?offset=-?\d+})
    expect(page).to have_link("Cards to cut (PDF)", href: %r{cards\.pdf\?offset=-?\d+})
  end

  it "make the benchmark class a circuit that can be run" do
    visit "/people/benchmarks"
    click_button "As a circuit of ten minutes"
    expect(page).to have_css("[data-testid=total]", text: /\A\d+:\d\d\z/)
    expect(page).to have_field(with: "Benchmark class")
  end

  it "show on Movements what a variation asks for that some must avoid" do
    visit "/movements/pike_press"
    click_button "Pike press on a bench"
    expect(page).to have_css("dd", text: "hands overhead, the head below the hips")
  end
end
