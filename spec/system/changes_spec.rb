# frozen_string_literal: true

require_relative "../support/browser"

# Two people at two devices. Neither loads anything again by hand.
RSpec.describe "What somebody else changes" do
  let(:studio) { Server::Records::Studio.first }

  # @return [Object] what the block returns, done at another device
  def elsewhere(path = "/")
    Capybara.using_session(:elsewhere) do
      sign_in_as
      visit path
      yield
    end
  end

  it "is on the list of people within a second or so" do
    sign_in_as
    visit "/people"
    expect(page).to have_content("Dov Abernethy")
    elsewhere("/people") do
      find("[aria-label='Archive Dov Abernethy']").click
      expect(page).to have_no_css("tbody", text: "Dov Abernethy")
    end
    expect(page).to have_no_css("tbody", text: "Dov Abernethy", wait: 3)
  end

  it "is on a board on which nothing waits, with undo; and meets what is typed on another" do
    circuit = studio.workouts.find_by!(title: "Lock-gate Tuesday")
    sign_in_as
    visit "/circuits/#{circuit.id}"
    expect(page).to have_css("[data-testid=total]", text: /\d/)
    elsewhere("/circuits/#{circuit.id}") do
      retype "Title of the circuit", "Lock-gate Wednesday"
      expect(page).to saved
    end
    expect(page).to have_field("Title of the circuit", with: "Lock-gate Wednesday", wait: 3)
    chord(:control, "z")
    expect(page).to have_field("Title of the circuit", with: "Lock-gate Tuesday")
    expect(page).to saved
  end

  it "pauses a class on every screen that shows it" do
    run = Server::Records::Run.open(studio.workouts.find_by!(title: "Slipway Holds"), client_key: SecureRandom.uuid, by: studio.instructors.first)
    sign_in_as
    visit "/runs/#{run.id}/floor"
    click_button "Start", exact: true
    expect(page).to have_button("Pause")
    elsewhere("/runs/#{run.id}/floor") { click_button "Pause" }
    expect(page).to have_button("Continue", wait: 3)
  end
end
