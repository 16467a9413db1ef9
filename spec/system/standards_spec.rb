# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "What a studio sets for itself", in_turns: true do
  before { sign_in_as }

  it "says which circuits other standards would touch, and brings along those that are ticked" do
    visit "/house"
    expect(page).to have_field("Transition")
    retype("Transition", 12)
    expect(page).to have_css("[role=status] li", text: "Slow Paddle")
    expect(page).to have_no_css("[role=status] li", text: "Lock-gate Tuesday")
    uncheck "Slow Paddle"
    kept = Server::Records::Workout.find_by!(title: "Slow Paddle").total_s
    before = Server::Records::Workout.find_by!(title: "Boathouse Bottles").total_s
    find(:button, text: /Save, and update \d/).click
    expect(page).to have_content("updated")
    expect(Server::Records::Workout.find_by!(title: "Slow Paddle").total_s).to eq(kept)
    expect(Server::Records::Workout.find_by!(title: "Boathouse Bottles").total_s).to be > before
    page.refresh
    expect(page).to have_field("Transition", with: "12")
  end

  it "says at its place what makes no sense, and keeps it as typed" do
    visit "/house"
    retype("Shares, beginner", 90)
    expect(page).to have_content("Shares must not fall from one level to the next")
    expect(page).to have_button("Save", disabled: true)
    retype("Reserve", -1)
    expect(page).to have_content("Reserve must be a whole number from 0 to 20")
    click_button "Discard"
    expect(page).to have_field("Reserve", with: "")
  end

  it "copies a movement, changes it with the same checks, plans with it, and retires it" do
    visit "/movements/squat"
    click_button "Copy to my movements"
    expect(page).to have_css("h1", text: "Squat (own)")
    fill_in "Name", with: "Weir squat", match: :first
    version = first("details")
    version.find("summary").click
    first("label", text: "A rep counts if").find("input").set("x")
    version.find("summary").click
    click_button "Save", match: :first
    expect(page).to have_content("Some fields need correcting")
    expect(page).to have_content("A rep counts if")
    first("label", text: "A rep counts if").find("input").set("Hips meet the edge of the lock beam.")
    click_button "Save", match: :first
    expect(page).to have_css("h2", text: "Weir squat")

    open_circuit("Weir-side Saturday")
    add_station("Main", "weir")
    expect(page).to have_css("[role=group]", text: "Weir squat")
    expect(page).to saved

    visit "/movements/own_squat"
    click_button "Retire"
    expect(page).to have_content("our own, retired")
    open_circuit("Weir-side Saturday")
    expect(page).to have_css("[role=group]", text: "Weir squat")
    find_field("Add a station to Main: type a movement").send_keys("weir")
    expect(page).to have_content("No movement of that name")
  end

  it "refuses an empty movement field by field, and loses nothing that was typed" do
    visit "/movements/new/edit"
    fill_in "Name", with: "Lock-beam push", match: :first
    click_button "Save", match: :first
    expect(page).to have_content("Some fields need correcting")
    expect(page).to have_css("[role=alert]", minimum: 6)
    expect(page).to have_field("Name", with: "Lock-beam push")
  end
end
