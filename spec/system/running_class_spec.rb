# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "A class that runs" do
  before { sign_in_as }

  let(:group_class) { Server::Records::GroupClass.where(title: "Lock-gate Tuesday").order(:starts_at).last }
  let(:run) { Server::Records::Run.of_class(group_class, client_key: SecureRandom.uuid, by: group_class.leader) }

  # What a Floor elsewhere did: it went to a second of the class, and then perhaps more.
  def told(seconds, *kinds)
    now_ms = (Time.now.to_f * 1000).round
    [["started", {}], ["moved", {"at_s" => seconds}], *kinds.map { |kind| [kind, {}] }].each_with_index do |(kind, more), index|
      run.happened({"id" => SecureRandom.uuid, "kind" => kind, "at_ms" => now_ms - 10 + index, **more}, by: nil)
    end
    Server::Events.announce(run.studio_id, "runs", run.id, origin: "a Floor elsewhere")
  end

  it "shows on the instructor's own screen who is where, by the clock that another screen tells" do
    main = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(run.document)).blocks.find { |line| line.block.role == "main" }
    push_up = main.windows.find { |window| window.station.name == "Push-up" }
    told(push_up.start_s + 5)
    visit "/classes/#{group_class.id}/run/#{run.id}"
    expect(page).to have_content("Running")
    within("section[aria-label=Now]") do
      expect(page).to have_css("h3", text: "Push-up")
      expect(page).to have_content("Bartek Lindqvist")
      expect(page).to have_content("Sit out: Aurelia Finch")
    end
    expect(page).to have_css("section[aria-label=Next] h3", text: "Skater")
    squat = main.windows.find { |window| window.station.name == "Squat" && window.round == 2 }
    told(squat.start_s + 5)
    expect(page).to have_css("section[aria-label=Now] h3", text: "Squat", wait: 12)
    expect(page).to have_content("round 2 of 3")
  end

  it "shows what to watch, and takes who came late, who left and who follows another level, for the log" do
    main = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(run.document)).blocks.find { |line| line.block.role == "main" }
    told(main.windows.find { |window| window.station.name == "Push-up" }.start_s + 5)
    visit "/classes/#{group_class.id}/run/#{run.id}"
    within("section[aria-label=Now]") { expect(page).to have_css("dl[aria-label='What to watch'] dd", text: /: “.+”/) }
    click_button "Bartek Lindqvist: came late"
    click_button "Dov Abernethy: left"
    choose_option("Level of Dov Abernethy", "Intermediate")
    expect { run.events.reload.filter_map { |event| [event.kind, event.person.name] if event.person_id }.sort }.to eventually_be([["follows", "Dov Abernethy"], ["gone", "Dov Abernethy"], ["late", "Bartek Lindqvist"]])
    told(run.total_s, "ended")
    visit "/runs/#{run.id}/log"
    within("tr", text: "Dov Abernethy") { expect(page).to have_content("Intermediate") }
    click_button "Save the log"
    expect(page).to have_current_path("/logbook/#{run.id}")
    visit "/classes"
    within("section[aria-label='Past']") { find("a[aria-label^='Log of Lock-gate Tuesday']", match: :first).click }
    expect(page).to have_content("present")
    visit "/classes/#{group_class.id}"
    expect(page).to have_button("See its log")
  end

  it "shows there how hard somebody works by a pulse strap, once they agreed and a bridge sends beats" do
    told(60)
    kofi = Server::Records::Person.find_by!(name: "Kofi Penhallow")
    visit "/classes/#{group_class.id}/run/#{run.id}"
    find("summary", text: "Pulse straps").click
    click_button "Turn on for this class"
    token = find("[data-testid=token]").text
    find("[aria-label='Kofi Penhallow agrees to a strap']", visible: :all).click
    expect { Server::Pulse::Bridge.of(token).wearers }.to eventually_be([kofi.id])
    Server::Pulse::Bridge.of(token).hear([{"person_id" => kofi.id, "bpm" => 155}])
    Server::Events.announce(run.studio_id, "pulse", run.id, origin: nil)
    expect(page).to have_css("[data-testid=beat]", text: /(moderate|hard) 155/)
  end

  it "says there when it stands still, and when it is over" do
    told(120, "paused")
    visit "/classes/#{group_class.id}/run/#{run.id}"
    expect(page).to have_content("Paused")
    told(run.total_s, "ended")
    expect(page).to have_content("Over", wait: 12)
  end

  it "opens from the Floor on a screen of its own, and the Floor stays nameless" do
    visit "/runs/#{run.id}/floor"
    expect(page).to have_button("Start", exact: true)
    window = window_opened_by { click_button "Who is where" }
    within_window(window) do
      expect(page).to have_css("h1", text: "Instructor’s view")
      expect(page).to have_content("Not started")
      find("body").send_keys("e")
      expect(page).to have_css("[role=dialog]", text: "Call your local emergency number first")
    end
    window.close
    Server::Records::Person.pluck(:name).each { |name| expect(page).to have_no_content(name) }
  end

  describe "in groups that rotate" do
    let(:stations) { %w[squat push_up plank].each_with_index.map { |movement, index| station("s#{index}", movement: movement) } }
    let(:group_class) do
      coming = Server::Records::GroupClass.where(title: "Lock-gate Tuesday").order(:starts_at).last
      again = intervals(stations.first(2), id: "again", rounds: 1, work_s: 40, rest_s: 20, flow: "rotate")
      document = workout_document(intervals(stations, rounds: 1, work_s: 40, rest_s: 20, flow: "rotate"), again, intervals([station("last", movement: "glute_bridge")], id: "end", rounds: 1, work_s: 40))
      coming.tap { |held| held.snapshot_from(Server::Records::Workout.begin(held.studio, Sparrow::Preview.new(document), by: held.leader)) }
    end

    def people_of(group)
      group_class.coming.each_with_index.select { |_, order| order % 3 == group }.map { |entry, _| entry.person.name }
    end

    it "shows the instructor who is in each group, where it is and where it goes, and the hall how many" do
      sizes = (0..2).map { |group| people_of(group).size }
      expect(sizes.uniq.size).to eq(2)
      told(5)
      visit "/classes/#{group_class.id}/run/#{run.id}"
      within("section[aria-label=Now]") do
        expect(all("h3").map(&:text)).to eq(["Group 1: Squat", "Group 2: Push-up", "Group 3: Plank"])
        second = find("article", text: "Group 2")
        people_of(1).each { |name| expect(second).to have_text(name) }
        people_of(0).each { |name| expect(second).to have_no_text(name) }
      end
      expect(all("section[aria-label=Next] h3").map(&:text)).to eq(["Group 1: Push-up", "Group 2: Plank", "Group 3: Squat"])
      told(125)
      expect(page).to have_css("section[aria-label=Next] h3", text: "Group 2: Push-up")
      expect(all("section[aria-label=Next] h3").map(&:text)).to eq(["Group 1: Squat", "Group 2: Push-up"])
      told(225)
      expect(page).to have_css("section[aria-label=Next] h3", text: "Glute bridge")
      told(5)
      visit "/runs/#{run.id}/floor"
      sizes.each_with_index { |size, group| expect(page).to have_css("section[aria-label='Group #{group + 1}']", text: "#{size} people") }
    end
  end

  it "goes on by itself there while the server is away" do
    told(60)
    visit "/classes/#{group_class.id}/run/#{run.id}"
    expect(page).to have_content("Running")
    before = find("[role=status]", text: "Running").text
    no_network
    expect(page).to have_no_css("[role=status]", text: before, exact_text: true)
    expect(page).to have_content("goes on by the last clock", wait: 15)
  ensure
    sound_network
  end
end
