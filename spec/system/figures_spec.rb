# frozen_string_literal: true

require_relative "../support/browser"

# The browser of these specs asks for reduced motion, as many people's do; some examples ask for motion.
RSpec.describe "Moving figures" do
  def with_motion
    page.driver.browser.execute_cdp("Emulation.setEmulatedMedia", features: [{name: "prefers-reduced-motion", value: "no-preference"}])
    yield
  ensure
    page.driver.browser.execute_cdp("Emulation.setEmulatedMedia", features: [])
  end

  # The outline of a part, which changes when it moves.
  def outline(within)
    page.evaluate_script("document.querySelector(#{"#{within} .part".to_json})?.getAttribute('d')")
  end

  before { sign_in_as }

  it "show every version of a ladder as it moves, with its standard for who cannot see it" do
    with_motion do
      visit "/movements/squat"
      expect(page).to have_css(".ladder svg.figure-of-body", count: 6)
      expect(page).to have_css(".ladder svg[aria-label^='Parallel squat. The crease of the hip']")
      before = outline(".ladder")
      expect { outline(".ladder") == before }.to eventually_be(false)
    end
  end

  it "stop, go pose by pose and slower by key, and name what is being done" do
    with_motion do
      visit "/movements/squat"
      click_button "Parallel squat"
      stage = find("[role=group][aria-label='Moving figure of Parallel squat']")
      expect { %w[Up Down].include?(stage.find("[data-testid=phase]").text) }.to eventually_be(true)
      page.execute_script("arguments[0].focus()", stage)
      stage.send_keys(:space)
      expect(page).to have_button("Play")
      still = outline(".stage")
      stage.send_keys(:arrow_right)
      expect { outline(".stage") == still }.to eventually_be(false)
      one = outline(".stage")
      stage.send_keys(:arrow_right)
      expect { outline(".stage") == one }.to eventually_be(false)
      stage.send_keys(:arrow_left)
      expect { outline(".stage") }.to eventually_be(one)
      click_button "Play"
      expect(page).to have_button("Pause")
      expect { outline(".stage") == one }.to eventually_be(false)
    end
  end

  it "ring the loaded joints on request, and show faults beside what mends them" do
    visit "/movements/squat"
    click_button "Parallel squat"
    expect(page).to have_no_css(".stage > svg .ring")
    find("label, button", text: "Ring the loaded joints").click
    expect(page).to have_css(".stage > svg .ring", minimum: 6)
    expect(all(".faults figure").map(&:text)).to eq(["Knees fall inward: “Knees out”", "Heels lift: “Sit back”", "Back rounds: “Chest up”"])
  end

  it "stand still as key poses where motion is reduced" do
    visit "/movements/squat"
    expect(page).to have_css(".ladder svg.figure-of-body", count: 6)
    first = find(".ladder section:nth-child(4) svg.figure-of-body")
    expect(first).to have_css(".body", count: 2)
    before = outline(".ladder")
    sleep 0.3
    expect(outline(".ladder")).to eq(before)
  end

  it "show what the finder's highlighted entry is, and the three versions of an opened station" do
    visit "/circuits/#{Server::Records::Workout.find_by!(title: "Lock-gate Tuesday").id}"
    click_button "Squat: sides, own times, notes"
    within("[role=group][aria-label*='etails']") { expect(page).to have_css("figure svg.figure-of-body", count: 3) }
    finder = find("input[aria-label^='Add a station to Warm-up']")
    finder.send_keys("lunge")
    expect(page).to have_css(".shown svg.figure-of-body")
    before = find(".shown svg.figure-of-body")["aria-label"]
    finder.send_keys(:arrow_down)
    expect(page).to have_no_css(".shown svg.figure-of-body[aria-label=#{before.to_json}]")
    expect(page).to have_css(".shown svg.figure-of-body")
  end

  it "stand on the Floor, one for each level, with nothing cut off below them" do
    open_floor_of(intervals([station("s1", movement: "squat"), station("s2", movement: "push_up_travel")], get_ready_s: 10, rest_s: 20))
    press :space, :arrow_right
    expect(page).to have_css(".level svg.figure-of-body", count: 3)
    [[1280, 800], [1280, 657], [1920, 1080]].each do |width, height|
      page.current_window.resize_to(width, height)
      bottom = page.evaluate_script("Math.max(...[...document.querySelectorAll('.level, .level p, .controls button')].map((one) => one.getBoundingClientRect().bottom)) - innerHeight")
      expect(bottom).to be <= 1
      tall = page.evaluate_script("document.querySelector('.level svg.figure-of-body').getBoundingClientRect().height / innerHeight")
      expect(tall).to be > 0.08
    end
  ensure
    page.current_window.resize_to(1280, 800)
  end

  it "stand beside each version of every group that rotates, and in longer lists that people pace" do
    rotating = %w[squat push_up glute_bridge step_up].each_with_index.map { |movement, index| station("s#{index}", movement: movement) }
    open_floor_of(intervals(rotating, get_ready_s: 10, rest_s: 20, flow: "rotate"))
    press :space
    expect(page).to have_css("section[aria-label^=Group] svg.figure-of-body", count: 12)
    listed = rotating.map { |one| one.merge("levels" => one["levels"].transform_values { |level| level.merge("reps" => 10) }) }
    open_floor_of({"id" => "b1", "role" => "main", "format" => "chipper", "stations" => listed})
    press :space
    expect(page).to have_css(".level svg.figure-of-body", count: 12)
  end

  it "of one's own movement are chosen from the catalogue's, or put together from base poses" do
    visit "/movements/squat"
    click_button "Copy to my movements"
    find("summary", text: "Parallel squat").click
    within("details[open]") do
      expect(page).to have_css(".chosen svg.figure-of-body")
      choose_option("Figure", "Of base poses")
    end
    within("details[open]") { expect(page).to have_css(".chosen svg.figure-of-body") }
  end
end
