# frozen_string_literal: true

require_relative "../support/browser"

# A class of three rounds of two stations is running late.
RSpec.describe "Changing a class while it runs" do
  before { sign_in_as }

  let!(:run) { open_floor_of(intervals([station("a", movement: "squat"), station("b", movement: "push_up")], rounds: 3, title: "Lock side")) }

  def start
    press :space
    advance 70
    expect(page).to have_css("[data-testid=numeral]", text: "30")
    press "c"
  end

  def class_left
    find("[data-testid=class-left]").text
  end

  it "shows the new end of each change, takes one, and takes it back" do
    start
    within("[role=dialog]") do
      expect(page).to have_button(text: /“Lock side” ends after 2 rounds\s+ends at \d\d:\d\d, 2:00 sooner/)
      expect(page).to have_button(text: /Push-up, feet on a step for Intermediate\s+ends at \d\d:\d\d as before/)
      click_button(text: "“Lock side” ends after 2 rounds")
    end
    expect(page).to have_no_css("[role=dialog]")
    expect(page).to have_css("[data-testid=class-left]", text: "2:30")
    chord :control, "z"
    expect(page).to have_css("[data-testid=class-left]", text: "4:30")
  end

  it "finds what to give up to be out by a time" do
    start
    within("[role=dialog]") do
      ends = find("[data-testid=end]").text[/\d\d:\d\d/]
      hours, minutes = ends.split(":").map(&:to_i)
      early = (hours * 60 + minutes - 2) % 1440
      page.execute_script("const i = document.querySelector('input[type=time]'); i.value = arguments[0]; i.dispatchEvent(new Event('input', {bubbles: true}))", format("%02d:%02d", early / 60, early % 60))
      expect(page).to have_css("h3", text: "This keeps it")
      find("section[aria-label='This keeps it'] li", match: :first).click_button
    end
    expect(page).to have_no_css("[role=dialog]")
    expect { Sparrow::Running::Event.standing(run.events.reload.map(&:to_event)).count { |event| event.kind == "changed" } }.to eventually_be(1)
    expect(class_left.split(":").then { |held| held[0].to_i * 60 + held[1].to_i }).to be <= 150
  end

  it "gives a level another version at once, on the Floor" do
    start
    within("[role=dialog]") { click_button(text: "Knee push-up for everybody") }
    expect(page).to have_css("section[aria-label=advanced]", text: "Knee push-up")
  end

  it "offers what needs no computing while the server is away" do
    press :space
    advance 70
    prepared_for_offline
    no_network
    press "c"
    within("[role=dialog]") do
      expect(page).to have_content("The server does not answer: only what needs no computing is offered.")
      click_button(text: "A minute of rest here")
    end
    expect(page).to have_css("[data-testid=class-left]", text: "5:30")
    sound_network
  end
end
