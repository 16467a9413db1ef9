# frozen_string_literal: true

require_relative "../support/browser"
require_relative "../support/own_server"

RSpec.describe "The Log" do
  def finished_run
    studio = Server::Records::Studio.first
    workout = studio.workouts.find_by!(title: "Lock-gate Tuesday")
    Server::Records::Run.open(workout, client_key: SecureRandom.uuid, by: studio.instructors.first)
      .tap { |run| run.update!(started_at: 1.hour.ago, finished_at: Time.now.utc) }
  end

  # Of a run without a class nobody is there until somebody says so.
  def open_log(run)
    visit "/runs/#{run.id}/log"
    expect(page).to have_content("0 of 14 present")
    click_button "Everybody was here"
  end

  def effort_of(name)
    find_field("Effort of #{name}, 0 to 10")
  end

  def attendance_of(run, name)
    run.attendances.joins(:person).find_by!(people: {name: name})
  end

  # Sixteen more, so that there are thirty.
  def thirty_people
    studio = Server::Records::Studio.first
    16.times { |index| studio.people.create!(name: "Visitor #{format("%02d", index)}", level: Sparrow::Level::ALL[index % 3]) }
  end

  it "is typed for thirty people in two minutes of keystrokes, with six who differ" do
    sign_in_as
    thirty_people
    run = finished_run
    visit "/runs/#{run.id}/log"
    click_button "Everybody was here"
    expect(page).to have_content("30 of 30 present")
    @pressed = 0

    # Back to the one field that speaks for everybody.
    chord(:shift, :tab) until focused.start_with?("Effort of everybody") || @pressed > 20
    press "6", :enter
    expect(focused).to start_with("Effort of Aurelia Finch")
    press :down, "8", :down, :down, "4", :down, "7", :down, :down, "9", :down, "5"
    # One was away: back over level and name to the tick, and off it goes.
    chord :shift, :tab
    chord :shift, :tab
    press :space
    chord :control, :enter
    expect(page).to have_css("h1", text: "Lock-gate Tuesday")
    expect(page).to have_content("29 present")

    # One key a second is slow typing.
    expect(@pressed).to be <= 60
    puts "  #{@pressed} keystrokes for thirty people" if ENV["COUNT_KEYS"]
    expect(attendance_of(run, "Bartek Lindqvist").effort).to eq(8)
    expect(attendance_of(run, "Visitor 15").effort).to eq(6)
    expect(run.attendances.where(present: false).count).to eq(1)
  end

  it "is logged on a phone, a person a line, going through who differs by swipes" do
    sign_in_as
    thirty_people
    run = finished_run
    in_window(390, 844) do
      visit "/runs/#{run.id}/log"
      click_button "Everybody was here"
      fully = page.evaluate_script("[...document.querySelectorAll('tbody tr')].filter(row => row.getBoundingClientRect().bottom <= innerHeight).length")
      expect(fully).to be >= 9
      expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
      click_button "Aurelia Finch: as planned; station by station"
      within("[data-testid=details]") do
        expect(page).to have_css("[role=group][aria-label='Push-up']")
        expect(page).to have_button(text: "Warm-up, cool-down and what was not reached")
      end
      page.execute_script(<<~JS)
        const box = document.querySelector('[data-testid=details]')
        const at = (type, x) => box.dispatchEvent(new TouchEvent(type, {bubbles: true, cancelable: true, touches: type === 'touchend' ? [] : [new Touch({identifier: 1, target: box, clientX: x, clientY: 400})], changedTouches: [new Touch({identifier: 1, target: box, clientX: x, clientY: 400})]}))
        at('touchstart', 320); at('touchmove', 200); at('touchmove', 60); at('touchend', 60)
      JS
      expect(page).to have_button("Bartek Lindqvist: as planned; station by station") { |button| button["aria-expanded"] == "true" }
      click_button "Next person"
      expect(page).to have_button("Dov Abernethy: as planned; station by station") { |button| button["aria-expanded"] == "true" }
    end
  end

  it "takes level, reps, reps left, pain and a note where they differ" do
    sign_in_as
    run = finished_run
    open_log(run)
    click_button "Kofi Penhallow: as planned; station by station"
    within(:group, "Push-up") do
      find("[role=combobox]").click
    end
    find("[role=option]", text: "Floor push-up", match: :first).click
    within(:group, "Push-up") do
      retype("Reps", 9)
      retype("Reps left", 3)
    end
    within(:group, "Skater") { find("input[type=checkbox]", visible: :all).send_keys(:space) }
    expect(page).to have_button("Kofi Penhallow: 2 stations differ; station by station")
    find("[aria-label='Pain of Kofi Penhallow: where']").click
    find("[role=option]", text: "Wrist").click
    expect(page).to have_content("Kofi Penhallow: pain ends that movement until you have spoken.")
    fill_in "Note on Kofi Penhallow", with: "Left hand on the bench"
    page.refresh # nothing typed is lost
    expect(find_field("Note on Kofi Penhallow").value).to eq("Left hand on the bench")
    click_button "Kofi Penhallow: 2 stations differ; station by station"
    find("[aria-label='Pain of Kofi Penhallow: what was done about it']").click
    find("[role=option]", text: "Easier version").click
    within(:group, "Squat") do
      click_button "Kofi Penhallow, Squat: more"
      fill_in "Each round", with: "12 10 8"
      find(".faults").click
    end
    find("[role=option]", match: :first).click
    press :escape
    click_button "Save the log"
    expect(page).to have_css("tr", text: "Pain: Wrist (easier version). Left hand on the bench")
    expect(page).to have_css("tr", text: "12, 10, 8")
    results = attendance_of(run, "Kofi Penhallow").results.where(planned: false).order(:station)
    expect(results.map { |result| [result.level, result.reps, result.reps_left, result.skipped, result.per_round] }).to contain_exactly(["intermediate", 9, 3, false, nil], ["advanced", nil, nil, true, nil], ["advanced", 8, nil, false, [12, 10, 8]])
    expect(results.filter_map(&:faults).flatten.size).to eq(1)
  end

  it "names the field that is wrong" do
    sign_in_as
    open_log(finished_run)
    retype("Effort of Dov Abernethy, 0 to 10", 11)
    click_button "Save the log"
    expect(page).to have_content("Not saved: 1 field to correct.")
    expect(find("tr", text: "Dov Abernethy")).to have_content("must be a whole number from 0 to 10")
  end

  it "shows a log that somebody else wrote meanwhile, and loses neither" do
    sign_in_as
    run = finished_run
    open_log(run)
    retype("Effort of everybody, 0 to 10", 5)
    Server::Runs::LogBook.new(run).write("submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [])
    click_button "Save the log"
    expect(page).to have_content("This run was logged from another place")
    click_button "Save mine over it"
    expect(page).to have_content("14 present, mean effort 5")
    expect(run.reload.log_version).to eq(2)
  end

  it "is mended from the logbook" do
    sign_in_as
    visit "/logbook"
    first("tbody a").click
    click_button "Edit log"
    expect(effort_of("Aurelia Finch").value).to eq("9")
    retype("Effort of Aurelia Finch, 0 to 10", 7)
    click_button "Save the log"
    expect(page).to have_css("tr", text: /Aurelia Finch\s+7/)
  end

  describe "when the server is killed and started again" do
    # One for both: each ends with it running.
    before(:context) { @server = OwnServer.new.start }
    after(:context) { @server.stop }

    let(:server) { @server }

    before { Capybara.app_host = server.address }
    after { Capybara.app_host = nil }

    it "keeps what was handed in, and sends it once when the server is back" do
      sign_in_as
      run = finished_run
      open_log(run)
      retype("Effort of everybody, 0 to 10", 7)
      server.kill
      click_button "Save the log"
      expect(page).to have_css("[data-testid=waiting]", text: "It is sent as soon as it does, once only.")
      expect(run.reload.log_version).to eq(0)
      server.start
      expect(page).to have_css("h1", text: "Lock-gate Tuesday", wait: 15)
      expect(page).to have_content("14 present, mean effort 7")
      expect(run.reload.log_version).to eq(1)
      expect { kept_in_browser.grep(/send\.|log\./) }.to eventually_be([])
    end

    it "runs the Floor's clock on, to the second" do
      sign_in_as
      run = finished_run
      run.update!(started_at: nil, finished_at: nil)
      hold_clock
      visit "/runs/#{run.id}/floor"
      click_button "Start"
      advance(100)
      expect(page).to have_css("[data-testid=numeral]", text: "20")
      server.kill
      advance(15)
      expect(page).to have_css("[data-testid=numeral]", text: /\A5\z/)
      press "+"
      expect(page).to have_css("[data-testid=numeral]", text: "15")
      server.start
      Timeout.timeout(10) { sleep 0.1 until run.reload.clock.additions.any? }
    end
  end
end
