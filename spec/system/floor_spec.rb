# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "The Floor" do
  before { sign_in_as }

  # A class of two stations with staggered stops, 90 s in all.
  def open_floor(**keys)
    stations = [
      station("s1", movement: "squat", levels: {"beginner" => {"work_s" => 20}, "intermediate" => {"work_s" => 30}}),
      station("s2", movement: "glute_bridge", sides: "split")
    ]
    open_floor_of(intervals(stations, get_ready_s: 10, rest_s: 20, title: "Lock side", **keys))
  end

  def phase
    find("[data-testid=phase]").text
  end

  def left_of(level)
    find("section[aria-label=#{level}] [data-testid=left]").text
  end

  it "fills the screen with a numeral that is legible from ten metres" do
    open_floor
    press :space
    # The height of the figures themselves, without the space above and below.
    share = page.evaluate_script(<<~JS)
      (() => {
        const numeral = document.querySelector('[data-testid=numeral]')
        const style = getComputedStyle(numeral)
        const canvas = document.createElement('canvas').getContext('2d')
        canvas.font = `${style.fontWeight} ${style.fontSize} ${style.fontFamily}`
        const text = canvas.measureText(numeral.textContent)
        return (text.actualBoundingBoxAscent + text.actualBoundingBoxDescent) / window.innerHeight
      })()
    JS
    expect(share).to be >= 0.18
    overflow = page.evaluate_script("document.documentElement.scrollHeight - window.innerHeight")
    expect(overflow).to be <= 0
  end

  it "says which partner works, which rests, and counts the turn down" do
    turn = {"id" => "b", "role" => "main", "format" => "partner", "title" => "Pairs", "rounds" => 1, "turns" => 1, "work_s" => 30, "switch_s" => 5,
            "stations" => [station("s1", movement: "squat")]}
    open_floor_of(turn)
    press :space
    advance 10
    expect(page).to have_css("[aria-label='Second partner']", text: "Second partner: rest")
    expect(page).to have_css("[data-testid=numeral]", text: "20")
    expect(phase).to eq("Work")
    advance 22
    expect(page).to have_css("[data-testid=phase]", text: "Change over")
    advance 13
    expect(page).to have_css("[aria-label='First partner']", text: "First partner: rest")
    expect(page).to have_css("[data-testid=numeral]", text: "20")
    expect(phase).to eq("Work")
  end

  it "warns before the start, and not in a footer" do
    open_floor
    expect(find("[role=note]")).to have_content("Stop for chest pain, dizziness, unusual breathlessness or sharp joint pain, and get help.")
  end

  it "shows each level's version, target and own stop, and calls them" do
    open_floor
    press :space
    expect(phase).to eq("Get ready")
    expect(find("[role=heading]", match: :first)).to have_content("Next: Squat")
    advance(12)
    expect(page).to have_css("[data-testid=phase]", text: "Work")
    expect(find("section[aria-label=beginner]")).to have_content("Chair-tap squat")
    expect(find("section[aria-label=advanced]")).to have_content("6 reps")
    expect([left_of("beginner"), left_of("intermediate"), left_of("advanced"), numeral]).to eq(["18 s left", "28 s left", "38 s left", "38"])
    advance(18)
    expect(page).to have_css("[role=status]", text: "Beginner: stop")
    advance(1)
    expect(left_of("beginner")).to eq("stop and wait")
    expect { left_of("advanced") }.to eventually_be("19 s left")
    expect(find("[data-testid=next]")).to have_content("Next: Glute bridge. Half bridge / Two-leg bridge / One-leg bridge")
    advance(20)
    expect(page).to have_css("[data-testid=phase]", text: "Rest")
    advance(39)
    advance(2)
    expect(page).to have_css("[data-testid=phase]", text: "second side")
  end

  it "is driven by keys: pause, back, skip, ten seconds more" do
    open_floor
    press :space
    advance(15)
    expect(page).to have_css("[data-testid=numeral]", text: "35")
    press :space
    expect(page).to have_css("[role=status]", text: "paused")
    advance(100)
    expect(numeral).to eq("35")
    press :space
    press "+"
    expect(page).to have_css("[data-testid=numeral]", text: "45")
    expect(find("[data-testid=class-left]")).to have_content("1:45")
    press :left
    expect(page).to have_css("[data-testid=numeral]", text: "50")
    press :right
    expect(page).to have_css("[data-testid=phase]", text: "Rest")
    press :left
    expect(page).to have_css("[data-testid=phase]", text: "Work")
    press "?"
    expect(page).to have_css("[role=dialog]", text: "Skip to the next section")
    press :escape
    expect(page).to have_no_css("[role=dialog]")
    press "e"
    expect(page).to have_css("[role=dialog]", text: "End the class here?")
    click_button "End it"
    expect(page).to have_button("Log this class")
  end

  it "asks before the last part is skipped, and comes back from the end" do
    open_floor
    press :space
    12.times { press :right unless page.has_css?("[role=dialog]", wait: 0.1) }
    expect(page).to have_css("[role=dialog]", text: "End the class here?")
    click_button "End it"
    expect(page).to have_button("Log this class")
    press :page_up
    expect(page).to have_css("[data-testid=phase]", text: "Work")
    chord(:control, "z")
    expect(page).to have_button("Log this class")
    click_button "Not yet: go back"
    expect(page).to have_no_button("Log this class")
  end

  it "is driven by touch" do
    open_floor
    click_button "Start"
    click_button "Skip"
    expect(page).to have_css("[data-testid=phase]", text: "Work")
    click_button "+ 10 s"
    expect(page).to have_css("[data-testid=numeral]", text: "50")
    click_button "Pause"
    expect(page).to have_button("Continue")
  end

  it "comes back to the right second after a reload, and asks for the touch that sound needs" do
    run = open_floor
    press :space
    advance(25)
    press "+"
    expect(page).to have_css("[data-testid=numeral]", text: "35")
    # What is on its way to the server is told by one clock only.
    expect { run.reload.clock.additions.size }.to eventually_be(1)
    advance(7)
    page.refresh
    expect(page).to have_css("[data-testid=numeral]", text: "28")
    expect(page).to have_content("Touch or press a key for sound")
    press "m"
    press "m"
    expect(page).to have_no_content("Touch or press a key for sound")
    expect(run.reload.clock.additions.size).to eq(1)
  end

  it "comes back paused where it was paused" do
    open_floor
    press :space
    advance(25)
    press :space
    expect(page).to have_css("[role=status]", text: "paused")
    advance(500)
    page.refresh
    expect(page).to have_css("[data-testid=numeral]", text: "25")
    expect(page).to have_css("[role=status]", text: "paused")
  end

  it "goes on in another browser from what the server was told" do
    run = open_floor
    press :space
    advance(20)
    press "+"
    expect(page).to have_css("[data-testid=numeral]", text: "40")
    Timeout.timeout(5) { sleep 0.05 until run.reload.clock.additions.any? }
    forget_in_browser
    page.refresh
    expect(page).to have_css("[data-testid=numeral]", text: "40")
  end

  it "keeps time without a network, and tells the server when it is back" do
    run = open_floor
    press :space
    no_network
    advance(30)
    press "+"
    expect(page).to have_css("[role=status]", text: "kept here, the server does not answer")
    advance(25)
    expect(page).to have_css("[data-testid=numeral]", text: "5")
    advance(200)
    expect(page).to have_content("Walk it off")
    sound_network
    expect(page).to have_no_css("[role=status]", text: "kept here", wait: 10)
    expect { run.reload.finished_at.nil? }.to eventually_be(false)
  end

  it "takes each round's version where rounds get harder" do
    open_floor(escalate: true, rounds: 2, round_rest_s: 20)
    press :space
    advance(12)
    expect(page).to have_css("[data-testid=phase]", text: "Work")
    expect(find("section[aria-label=advanced]")).to have_content("Chair-tap squat")
  end

  it "shows no name and no limit to the hall" do
    open_floor
    press :space
    advance(15)
    expect(page).to have_css("[data-testid=phase]", text: "Work")
    Server::Records::Person.pluck(:name).each { |name| expect(page).to have_no_content(name) }
  end
end
