# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "The door" do
  it "leads on to where somebody wanted to go" do
    visit "/logbook"
    expect(page).to have_css("h1", text: "Three levels, one clock")
    fill_in "E-mail", with: "ottoline@tumblingbay.example"
    fill_in "Password", with: "#{Demo::Scenario::PASSWORD}\n"
    expect(page).to have_css("h1", text: "Logbook")
  end

  it "says what is missing and what is wrong, and keeps what was typed" do
    visit "/sign-in"
    fill_in "E-mail", with: "ottoline@tumblingbay.example"
    click_button "Sign in"
    expect(page).to have_content("The password must not be empty.")
    fill_in "Password", with: "guess"
    click_button "Sign in"
    expect(page).to have_content("That address and password do not go together.")
    expect(find_field("E-mail").value).to eq("ottoline@tumblingbay.example")
  end

  it "closes behind somebody who signs out" do
    sign_in_as
    visit "/"
    click_button "Sign out"
    expect(page).to have_css("h1", text: "Three levels, one clock")
    visit "/circuits"
    expect(page).to have_css("h1", text: "Three levels, one clock")
  end
end
