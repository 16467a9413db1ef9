# frozen_string_literal: true

require "tempfile"
require_relative "../support/browser"

# Circuits leave and enter as files, are shown by a link, are found by what somebody has, and give each other blocks.
RSpec.describe "Sharing circuits" do
  before { sign_in_as }

  def workout(title)
    Server::Records::Workout.find_by!(title: title)
  end

  # As chosen in the browser's own dialog.
  def choose_file(text)
    Tempfile.create(["circuit", ".json"]) do |file|
      file.write(text)
      file.flush
      find("input[type=file]", visible: :all).attach_file(file.path)
      yield
    end
  end

  it "takes a circuit from a file, and says in words what is wrong with another" do
    visit "/circuits"
    document = workout("Towpath Ladder").document
    expect(page).to have_button("From a file")
    choose_file("not a circuit") { expect(page).to have_content("It is not JSON, in which circuits are kept.") }
    choose_file(JSON.generate(document.merge("slot_minutes" => 1))) { expect(page).to have_content("/slot_minutes must be a whole number") }
    choose_file(JSON.generate(document.merge("title" => "From the other bank"))) do
      expect(page).to have_content("“From the other bank” is taken in")
      expect(page).to have_field("Title", with: "From the other bank")
    end
    expect(workout("From the other bank").document["blocks"]).to eq(document["blocks"])
    visit "/circuits"
    expect(find("a[aria-label='Save Towpath Ladder as a file']")[:href]).to end_with("/api/workouts/#{workout("Towpath Ladder").id}/file")
  end

  it "shows a circuit to a colleague by a link, who takes a copy of it" do
    visit "/circuits/#{workout("Slipway Holds").id}/use"
    expect(page).to have_css("h1", text: "Slipway Holds")
    expect(page).to have_css("table tr", text: /hold/, minimum: 2)
    click_button "Use this"
    expect(page).to have_field("Title", with: /Slipway Holds/)
    expect(Server::Records::Workout.where("title LIKE 'Slipway Holds%'").count).to eq(2)
  end

  it "finds circuits, and ready-made ones, by the minutes and the kit that are there" do
    visit "/circuits"
    expect(page).to have_link("Lock-gate Tuesday")
    fill_in "At most", with: "20"
    expect(page).to have_no_link("Lock-gate Tuesday")
    expect(page).to have_link("Towpath Ladder")
    click_button "Start from a template"
    within("[role=dialog]") do
      fill_in "What do you look for?", with: "seated"
      expect(page).to have_css("li", count: 1)
      fill_in "What do you look for?", with: ""
      fill_in "At most", with: "10"
      expect(page).to have_css("li", minimum: 1)
      expect(all("li").map { |line| line.text[/(\d+):\d\d/, 1].to_i }).to all(be <= 10)
      expect(page).to have_css("li", text: "Timed intervals")
    end
  end

  it "keeps a block as a template, and takes it into another circuit, with the keyboard alone" do
    open_circuit("Lock-gate Tuesday")
    unfold("Finisher")
    in_block("Finisher") { find_button("Keep as a template").send_keys(:enter) }
    expect(page).to have_content("“Finisher” is kept as a template")
    expect(workout("Finisher").tags).to eq(["block"])
    open_circuit("Towpath Ladder")
    press "k"
    within("[role=dialog]") do
      expect(page).to have_css("li", text: /\AFinisher\s+a template of your own/)
      find("li button", text: "Finisher", match: :first).send_keys(:enter)
      find_button("Take Finisher").send_keys(:enter)
    end
    expect(page).to have_css("section[aria-label='Finisher'] [aria-label^='Station ']", count: 3)
    expect(page).to saved
    blocks = workout("Towpath Ladder").document["blocks"]
    expect(blocks.map { |block| block["id"] }.uniq.size).to eq(blocks.size)
  end

  it "leaves a bonus to who says that they did it" do
    studio = Server::Records::Studio.first
    held = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(intervals([station("p", movement: "push_up", optional: true), station("s", movement: "squat")]), title: "With a bonus")), by: studio.instructors.first)
    run = Server::Records::Run.open(held, client_key: SecureRandom.uuid, by: studio.instructors.first)
    visit "/runs/#{run.id}/log"
    click_button "Everybody was here"
    find("button[aria-label^='Dov Abernethy: as planned']").click
    within(:group, "Push-up") { find("label", text: "did it").click }
    click_button "Save the log"
    stations = ->(name) { run.reload.attendances.joins(:person).find_by(people: {name: name})&.results&.map(&:station)&.sort }
    expect { [stations["Dov Abernethy"], stations["Kofi Penhallow"]] }.to eventually_be([%w[p s], %w[s]])
  end
end
