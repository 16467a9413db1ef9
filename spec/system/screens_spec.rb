# frozen_string_literal: true

require_relative "../support/browser"

# The instructor's Floor, a phone and a screen in the hall: one class, on three devices.
RSpec.describe "Three screens of one class" do
  let(:run) { run_of("Lock-gate Tuesday") }

  def on_phone(&block)
    Capybara.using_session(:phone, &block)
  end

  def in_hall(&block)
    Capybara.using_session(:hall, &block)
  end

  def phase
    [find("[data-testid=numeral]", visible: :all).text(:all), page.text[/paused/]]
  end

  def open_all
    sign_in_as
    visit "/runs/#{run.id}/floor"
    expect(page).to have_button("Start", exact: true)
    press "s"
    click_button "Open the hall screen"
    code = find("[data-testid=hall-code]").text
    press :escape
    in_hall do
      visit "/hall/#{code.downcase}"
      expect(page).to have_css("[data-testid=phase]")
    end
    on_phone do
      sign_in_as
      visit "/runs/#{run.id}/remote"
      expect(page).to have_button("Start", exact: true)
    end
    code
  end

  # What a paused class shows is the same on all three.
  def agreed
    on_phone { expect(page).to have_button("Continue") }
    in_hall { expect(page).to have_css("[role=status]", text: "paused") }
    expect(page).to have_css("[role=status]", text: "paused")
    seconds = ->(text) { text.split(":").map(&:to_i).then { |held| (held.size == 2) ? held[0] * 60 + held[1] : held[0] } }
    shown = -> { [seconds.call(numeral), in_hall { seconds.call(numeral) }, on_phone { seconds.call(numeral) }] }
    expect { shown.call.minmax.then { |least, most| most - least } }.to eventually_be(0)
  end

  it "is driven from a phone and from the Floor, and shows the same on each, without a name or a button in the hall" do
    code = open_all
    on_phone { click_button "Start" }
    expect(page).to have_button("Pause")
    in_hall do
      expect(page).to have_no_button
      Server::Records::Person.pluck(:name).each { |name| expect(page).to have_no_content(name) }
    end
    on_phone { click_button "Skip" }
    press "b"
    agreed
    # A change of the plan reaches all of them.
    press "c"
    left = find("[data-testid=class-left]").text
    within("[role=dialog]") { click_button(text: "Rests 10 s shorter from here on") }
    expect(page).to have_no_css("[data-testid=class-left]", text: left)
    changed = find("[data-testid=class-left]").text
    in_hall { expect(page).to have_css("[data-testid=class-left]", text: changed) }
    # The hall's network goes: it goes on by what it knows, and agrees again when it is back.
    in_hall do
      page.driver.browser.execute_cdp("Network.enable")
      page.driver.browser.execute_cdp("Network.emulateNetworkConditions", offline: true, latency: 0, downloadThroughput: -1, uploadThroughput: -1)
    end
    on_phone { click_button "Continue" }
    press :right
    on_phone { click_button "Pause" }
    in_hall { sound_network }
    agreed
    # The code is closed.
    Server::Screens::HallCode.close(run.reload)
    in_hall do
      visit "/hall/#{code}"
      expect(page).to have_content("This screen has expired or was closed")
    end
  end

  it "goes through sixty minutes without the server, and loses no event" do
    sign_in_as
    held = open_floor_of(intervals([station("a", movement: "squat"), station("b", movement: "push_up")], rounds: 30, work_s: 40, rest_s: 20, get_ready_s: 10))
    no_network
    press :space
    12.times do
      advance 288
      press "+", "b", "b"
    end
    advance 600
    expect(page).to have_css("p", text: "Done")
    expect(held.events.reload).to be_empty
    sound_network
    expect { held.events.reload.map(&:kind).tally }.to eventually_be({"started" => 1, "extended" => 12, "paused" => 12, "resumed" => 12, "ended" => 1})
    expect(held.reload.reached.seconds).to eq(3590)
  end

  it "fetches the words of a class ahead where the browser has no voice of its own", if: Server::Speech::Voice.there? do
    sign_in_as
    visit "/"
    page.execute_script("localStorage.setItem('sparrow.voice', 'spoken')")
    open_floor_of(intervals([station("a", movement: "squat"), station("b", movement: "push_up")], rounds: 2))
    press "v"
    expect(page).to have_content("the server’s is used, fetched ahead")
    heard = "performance.getEntriesByType('resource').filter(entry => entry.name.includes('/api/speech/words')).length"
    expect { page.evaluate_script(heard) > 5 }.to eventually_be(true)
    page.execute_script("localStorage.removeItem('sparrow.voice')")
  end

  it "keeps what each did while its network was away, and agrees once it is back" do
    open_all
    press :space
    on_phone do
      expect(page).to have_button("Pause")
      no_network
      click_button "Skip"
      click_button "Pause"
      expect(page).to have_content("kept here")
    end
    expect(page).to have_button("Pause")
    on_phone { sound_network }
    agreed
  end
end
