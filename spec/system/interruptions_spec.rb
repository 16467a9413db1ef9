# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "What comes between" do
  before do
    sign_in_as
    visit "/"
  end

  def stored
    Server::Records::Workout.find_by!(title: "Lock-gate Tuesday")
  end

  it "a session that ends while somebody types leads to the door and back, and loses nothing" do
    open_circuit
    # Without a network while typing, so that what finds the session ended is what was typed.
    no_network
    in_block("Lock-gate circuit") { retype("Rounds", 4) }
    expect(page).to have_css("[data-testid=save-state]", text: "Kept here")
    Server::Records::SignIn.delete_all
    sound_network
    expect(page).to have_css("h1", text: "Three levels, one clock")
    fill_in "E-mail", with: "ottoline@tumblingbay.example"
    fill_in "Password", with: "#{Demo::Scenario::PASSWORD}\n"
    in_block("Lock-gate circuit") { expect(find_field("Rounds").value).to eq("4") }
    expect(page).to saved
    expect(stored.document.dig("blocks", 2, "rounds")).to eq(4)
  end

  it "a reload before anything was saved brings back what was typed" do
    open_circuit
    no_network
    in_block("Lock-gate circuit") { retype("Work", 50) }
    expect(page).to have_css("[data-testid=save-state]", text: "Kept here")
    sound_network
    visit "/circuits"
    click_link "Lock-gate Tuesday"
    in_block("Lock-gate circuit") { expect(find_field("Work").value).to eq("50") }
    expect(page).to saved
    expect(stored.document.dig("blocks", 2, "work_s")).to eq(50)
  end

  it "a circuit that somebody else deletes is not there any more, and says so" do
    stored.update!(deleted_at: Time.now.utc)
    visit "/circuits/#{stored.id}"
    expect(page).to have_content("There is nothing here under that address")
    expect(page).to have_button("Try again")
  end

  it "a server that does not answer is said, and asked again by hand or once the network is back" do
    open_circuit
    prepared_for_offline
    no_network
    click_link "Logbook"
    expect(page).to have_content("The server does not answer.", wait: 15)
    click_button "Try again"
    expect(page).to have_content("The server does not answer.", wait: 15)
    sound_network
    expect(page).to have_css("tbody tr", minimum: 3)
  end

  it "a page that is not there leads home" do
    visit "/nowhere/at/all"
    click_link "Back to Today"
    expect(page).to have_css("h1", text: "Today")
  end

  it "light or dark stays as chosen" do
    click_button "Dark"
    expect(page).to have_css("html.dark")
    visit "/circuits"
    expect(page).to have_css("html.dark")
    click_button "Light"
    expect(page).to have_no_css("html.dark")
  end

  it "a run of a circuit that is changed afterwards stays what it was" do
    within("section[aria-label='Ready to run']") { click_button "Start class", match: :first }
    expect(page).to have_button("Start", exact: true)
    run = Server::Records::Run.order(:created_at).last
    run.workout.update!(title: "Something else", deleted_at: Time.now.utc)
    page.refresh
    expect(page).to have_css("h1", text: "Floor: #{run.title}", visible: :all)
    expect(page).to have_css("[data-testid=class-left]", text: Sparrow::ClockText.of(run.total_s))
  end

  it "a double press on Run opens one run" do
    before = Server::Records::Run.count
    within("section[aria-label='Ready to run']") { find_button("Start class", match: :first).double_click }
    expect(page).to have_button("Start", exact: true)
    expect(Server::Records::Run.count).to eq(before + 1)
  end
end
