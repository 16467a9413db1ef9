# frozen_string_literal: true

require_relative "../support/browser"

# What is offered while a circuit is planned, when something is in the way.
RSpec.describe "An offer", in_turns: true do
  before { sign_in_as }

  def dialog(&block)
    within("[role=dialog]", &block)
  end

  it "says that the server does not answer, and what is typed stays" do
    open_circuit
    retype("Rounds", 2, match: :first)
    expect(page).to saved
    prepared_for_offline
    no_network
    find("body").send_keys("t")
    dialog { expect(page).to have_content("The server does not answer.") }
    find("[role=dialog] button[aria-label=Close]").click
    sound_network
    find("body").send_keys("s")
    dialog { expect(page).to have_css("ol button") }
  end

  it "says which field needs correcting before anything can be worked out" do
    open_circuit
    in_block("Lock-gate circuit") { retype("Rounds", 0) }
    expect(page).to have_content("Rounds must be a whole number from 1 to 50")
    find("body").click
    click_button "Suggest", exact: true
    dialog { expect(page).to have_content("Some fields of the circuit need correcting first: must be a whole number from 1 to 50.") }
    expect(page).to have_button("Add this block", disabled: true)
  end

  it "leaves a slot alone that nothing fits" do
    open_circuit
    find("body").send_keys("s")
    dialog do
      retype("or", 5)
      expect(page).to have_content("No change of rounds, work or rest alone comes under this slot")
    end
  end

  it "keeps the format where the server cannot change it" do
    open_circuit
    no_network
    find("[role=combobox][aria-label='Format of the block']", match: :first).click
    entry = find("[role=option]", text: "One exercise after the other")
    standing_still(entry)
    entry.click
    expect(page).to have_content("That did not work")
    expect(page).to have_css("[role=combobox][aria-label='Format of the block']", text: "Timed intervals", match: :first)
    sound_network
  end

  it "counts kit for as many people as are typed, and refuses a crowd of nobody" do
    open_circuit("Ferry Round")
    unfold "Round the landings"
    expect(page).to have_content("Kit at once for 14 people")
    retype("People", 20)
    expect(page).to have_content(/step 20 together or 5 in groups/)
    retype("People", 0)
    expect(page).to have_content("People must be a whole number from 1 to 200 people")
    retype("People", 20)
    expect(page).to saved
    expect(Server::Records::Workout.find_by!(title: "Ferry Round").document["head_count"]).to eq(20)
  end

  it "asks before changed standards or a half-made movement are left" do
    visit "/house"
    retype("Reserve", 4)
    dismiss_confirm { click_link "Today" }
    expect(page).to have_field("Reserve", with: "4")
    accept_confirm { click_link "Today" }
    expect(page).to have_css("h1", text: "Today")
    visit "/movements/new/edit"
    fill_in "Name", with: "Lock-beam push", match: :first
    dismiss_confirm { click_link "Circuits" }
    expect(page).to have_field("Name", with: "Lock-beam push")
    accept_confirm { click_link "Circuits" }
    expect(page).to have_css("h1", text: "Circuits")
  end

  it "says so where one of two circuits is not there" do
    visit "/circuits/compare?a=#{Server::Records::Workout.first.id}&b=#{SecureRandom.uuid}"
    expect(page).to have_content(/not (there|found)|no such|nothing/i)
  end

  it "keeps a circuit of another format through a reload and in its history" do
    open_circuit("Slow Paddle")
    in_block("Slow water") { choose_option("Format of the block", "One exercise after the other") }
    # The server says what becomes of the block; until it has, the board is as it was saved.
    in_block("Slow water") { expect(page).to have_css("[role=combobox][aria-label='Format of the block']", text: "One exercise after the other") }
    expect(page).to saved
    page.refresh
    in_block("Slow water") { expect(page).to have_css("[role=combobox][aria-label='Format of the block']", text: "One exercise after the other") }
    in_block("Slow water") { expect(page).to have_content("rounds") }
    revisions = Server::Records::Workout.find_by!(title: "Slow Paddle").revisions.order(:number)
    expect(revisions.map { |revision| revision.document["blocks"][1]["format"] }).to eq(%w[rounds chipper])
  end
end
