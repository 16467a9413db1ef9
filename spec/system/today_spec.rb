# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Today" do
  before do
    sign_in_as
    visit "/"
  end

  it "offers the class that comes first, then a run's floor, then its log" do
    expect(page).to have_css("h2", text: "Coming: Lock-gate Tuesday")
    within("section[aria-label='Ready to run']") { click_button "Start class", match: :first }
    expect(page).to have_button("Start", exact: true)
    visit "/"
    expect(page).to have_css("h2", text: /\AStart: /)
    run = Server::Records::Run.order(:created_at).last
    run.update!(started_at: Time.now.utc, finished_at: Time.now.utc)
    visit "/"
    expect(page).to have_css("h2", text: /\ALog: /)
    within("section[aria-label=Next]") { click_button "Log" }
    expect(page).to have_css("h1", text: "Log: #{run.title}")
  end

  it "checks people in as soon as the class is near, and runs a circuit where no class is planned" do
    within("section[aria-label=Next]") { click_button "Fit sheet" }
    expect(page).to have_css("h1", text: "Fit sheet")
    classes = Server::Records::GroupClass.where(starts_at: Time.now.utc..)
    classes.order(:starts_at).first.update!(starts_at: Time.now.utc + 3600)
    visit "/"
    within("section[aria-label=Next]") { click_button "Check in" }
    expect(page).to have_css("h1", text: "Lock-gate Tuesday")
    classes.update_all(cancelled_at: Time.now.utc)
    visit "/"
    within("section[aria-label=Next]") { click_button "Start class" }
    expect(page).to have_button("Start", exact: true)
  end

  it "lists drafts to finish, and puts a run away and back" do
    expect(page).to have_css("section[aria-label='Drafts to finish'] a", text: "Weir-side Saturday")
    within("section[aria-label='Ready to run']") { click_button "Start class", match: :first }
    expect(page).to have_button("Start", exact: true)
    visit "/"
    title = Server::Records::Run.order(:created_at).last.title
    click_button "Delete #{title}"
    expect(page).to have_no_css("section[aria-label='To finish']")
    click_button "Undo"
    expect(page).to have_css("section[aria-label='To finish'] a", text: title)
  end
end
