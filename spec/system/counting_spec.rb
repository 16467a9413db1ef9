# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Counting on the Floor" do
  before { sign_in_as }

  def block(format, stations = [station("s1", movement: "squat"), station("s2", movement: "push_up")], **keys)
    {"id" => "b", "role" => "main", "format" => format, "title" => "Pump it dry", "stations" => stations, **keys.transform_keys(&:to_s)}
  end

  # Those that stand.
  def taps(run)
    Sparrow::Running::Event.standing(run.events.reload.map(&:to_event)).select { |event| event.kind == "tapped" }
  end

  it "keeps the rounds of each level, a key each, through a reload and without a network" do
    run = open_floor_of(block("amrap", cap_s: 600))
    press :space
    advance 5
    press "1", "2", "2"
    expect(page).to have_css("section[aria-label=intermediate] button", text: "2")
    expect { taps(run).count }.to eventually_be(3)
    no_network
    press "2", "3"
    expect(page).to have_css("section[aria-label=intermediate] button", text: "3")
    expect(page).to have_content("kept here")
    sound_network
    expect { taps(run).count }.to eventually_be(5)
    page.refresh
    expect(page).to have_css("section[aria-label=intermediate] button", text: "3")
    click_button "One round less for intermediate"
    expect(page).to have_css("section[aria-label=intermediate] button", text: "2")
    expect { taps(run).count }.to eventually_be(4)
  end

  it "shows what is left of a chipper's totals, a set at a time" do
    list = [station("s1", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.chair_sit", "reps" => 20, "splits" => [12, 8]}] })]
    open_floor_of(block("chipper", list))
    press :space
    advance 3
    within("section[aria-label=advanced]") { expect(page).to have_content("20 of 20", normalize_ws: true) }
    press "3"
    within("section[aria-label=advanced]") { expect(page).to have_content("8 of 20", normalize_ws: true) }
    press "3"
    within("section[aria-label=advanced]") { expect(page).to have_content("1 done") }
    press "3"
    within("section[aria-label=advanced]") { expect(page).to have_content("1 done") }
  end

  it "waits at a gate until somebody says that all are through, and goes on" do
    open_floor_of(block("rounds", rounds: 2, round_rest_s: 30))
    press :space
    advance 20
    expect(page).to have_css("[data-testid=phase]", text: "About this long: Work")
    expect(page).to have_content("round 1 of 2")
    15.times do
      break if page.has_css?("[data-testid=phase]", text: "Waiting for everybody", wait: 0.4)
      advance 4
    end
    expect(page).to have_css("[role=heading]", text: "Space when all are through")
    advance 300
    expect(page).to have_css("[data-testid=phase]", text: "Waiting for everybody")
    press :space
    advance 2
    expect(page).to have_css("[data-testid=phase]", text: "Rest")
    expect(page).to have_content("round 2 of 2")
  end

  it "shows at which station each group stands, and the next one in the rest" do
    open_floor_of(block("intervals", work_s: 30, rest_s: 15, rounds: 1, flow: "rotate"))
    press :space
    advance 5
    within("section[aria-label='Group 1']") { expect(page).to have_content("Squat") }
    within("section[aria-label='Group 2']") { expect(page).to have_content("Push-up") }
    advance 30
    expect(page).to have_css("[role=heading]", text: "Move on")
    within("section[aria-label='Group 1']") { expect(page).to have_content("Push-up") }
  end

  it "ticks a day's total off on a phone, for a level and for a person, and takes it back" do
    visit "/circuits"
    find("tr", text: "Work-party Day").click_button("Start class")
    expect(page).to have_css("h1", text: "Work-party Day")
    page.current_window.resize_to(500, 844)
    expect(page).to have_css("li", text: "80 left of 80")
    first(:button, text: /A set of \d+ done/).click
    left = find("li", text: "Parallel squat").find("[data-testid=left]").text.to_i
    expect(left).to be < 80
    find("li", text: "Parallel squat").find_field("or a set of").send_keys("11", :enter)
    expect(find("li", text: "Parallel squat").find("[data-testid=left]").text.to_i).to eq(left - 11)
    find("li", text: "Parallel squat").find_field("or a set of").send_keys("0", :enter)
    expect(page).to have_content("A set is a whole number from 1 to 1000.")
    click_button "Take the last back: Parallel squat"
    expect(find("li", text: "Parallel squat").find("[data-testid=left]").text.to_i).to eq(left)
    choose_option("Whose sets", "Kofi Penhallow")
    expect(find("li", match: :first).find("[data-testid=left]").text.to_i).to be > 0
    find("li", match: :first).find_field("or a set of").send_keys("11", :enter)
    run = Server::Records::Run.order(:created_at).last
    expect { taps(run).select(&:person_id).sum(&:amount) }.to eventually_be(11)
    visit "/runs/#{run.id}/log"
    click_button "Kofi Penhallow: as planned; station by station"
    expect(page).to have_content("11 counted on the Floor", count: 1)
  end

  it "counts rounds by person on the instructor's own view only" do
    run = open_floor_of(block("amrap", cap_s: 600))
    expect(page).to have_no_content("Kofi Penhallow")
    click_button "Count by person"
    click_button "A round for Kofi Penhallow: 0 so far"
    expect(page).to have_button("A round for Kofi Penhallow: 1 so far")
    expect { taps(run).count }.to eventually_be(1)
    expect(taps(run).first.person_id).to eq(Server::Records::Person.find_by(name: "Kofi Penhallow").id)
    visit "/logbook/#{run.id}"
    expect(page).to have_css("section[aria-label='Counted on the Floor'] li", text: "Kofi Penhallow: 1 round")
  end
end
