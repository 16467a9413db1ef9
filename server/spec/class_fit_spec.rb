# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::Fit::ClassFit do
  let(:studio) { make_studio }
  let(:instructor) { studio.instructors.first }
  let(:document) { workout_document(intervals([station("p", movement: "push_up"), station("s", movement: "squat")], rounds: 2, work_s: 40, rest_s: 40)) }
  let(:workout) { Server::Records::Workout.begin(studio, Sparrow::Preview.new(document), by: instructor) }
  let(:tamsin) { studio.people.create!(name: "Tamsin Okoro", level: "intermediate", since: Date.today - 300) }
  let(:group_class) { gather(Time.now.utc + 3600) }

  def gather(starts_at, people: [tamsin], **rest)
    studio.group_classes.new(starts_at: starts_at, **rest).tap do |held|
      held.snapshot_from(workout)
      people.each { |person| held.roster.create!(studio_id: studio.id, person: person, level: person.level) }
    end
  end

  def choose(held, station: "p", variation: "push_up.knees", **rest)
    held.choices.create!(studio_id: studio.id, person: tamsin, instructor: instructor, block: "main", station: station, movement: "push_up", variation: variation, **rest)
  end

  def cell(held, station = 0)
    described_class.new(held.reload).sheet.cells(tamsin.id)[station]
  end

  it "goes through the roster by name, without those who are away" do
    bartek = studio.people.create!(name: "Bartek Lindqvist", level: "advanced")
    held = gather(Time.now.utc + 3600, people: [tamsin, bartek])
    expect(described_class.new(held).entries.map { |entry| entry.person.name }).to eq(["Bartek Lindqvist", "Tamsin Okoro"])
    held.roster.find_by(person: bartek).update!(present: false)
    expect(described_class.new(held.reload).entries.map { |entry| entry.person.name }).to eq(["Tamsin Okoro"])
  end

  describe "where groups rotate" do
    let(:document) { workout_document(intervals([station("p", movement: "push_up"), station("s", movement: "squat")], rounds: 2, work_s: 40, rest_s: 40, flow: "rotate")) }
    let(:people) { %w[beginner intermediate advanced].map { |level| studio.people.create!(name: "A #{level}", level: level) } }

    it "says who is in which group, and how large each is by level, without who is away" do
      held = gather(Time.now.utc + 3600, people: people)
      fit = described_class.new(held)
      expect(people.map { |person| fit.sheet.groups(person.id)["main"] }).to eq([1, 0, 0])
      run = Server::Records::Run.of_class(held, client_key: SecureRandom.uuid, by: instructor)
      expect(Server::Runs::GroupSizes.of(run)).to eq("main" => [{"advanced" => 1, "intermediate" => 1}, {"beginner" => 1}])
      held.roster.find_by(person: people.last).update!(present: false)
      expect(Server::Runs::GroupSizes.of(run.reload)).to eq("main" => [{"beginner" => 1}, {"intermediate" => 1}])
    end

    it "leaves everybody in their group once the class has begun, whoever turns out to be away, and takes who comes later into the next" do
      held = gather(Time.now.utc + 3600, people: people)
      groups = ->(*who) { described_class.new(held.reload).then { |fit| who.map { |person| fit.sheet.groups(person.id)["main"] } } }
      run = Server::Records::Run.of_class(held, client_key: SecureRandom.uuid, by: instructor)
      run.happened({"id" => SecureRandom.uuid, "kind" => "started", "at_ms" => Server::Runs::DeviceTime.now_ms}, by: instructor)
      before = groups.call(*people)
      held.reload.roster.find_by(person: people.last).update!(present: false)
      expect(groups.call(*people.first(2))).to eq(before.first(2))
      expect(Server::Runs::GroupSizes.of(run.reload)).to eq("main" => [{"intermediate" => 1}, {"beginner" => 1}])
      late = studio.people.create!(name: "A latecomer", level: "beginner")
      held.roster.create!(studio_id: studio.id, person: late, level: "beginner")
      expect(groups.call(late, *people.first(2))).to eq([1, *before.first(2)])
      expect(Server::Runs::GroupSizes.of(run.reload)).to eq("main" => [{"intermediate" => 1}, {"beginner" => 2}])
    end
  end

  it "takes the level, tiredness and soreness of the day, not those of the person" do
    group_class.roster.first.update!(level: "beginner", tired: true, sore: ["wrist"])
    participant = described_class.new(group_class.reload).sheet.assignments.first.participant
    expect([participant.pacing_level, participant.state, participant.sore]).to eq(["beginner", "tired", ["wrist"]])
  end

  it "takes the limits that hold on the day of the class, not today's" do
    tamsin.update!(health: {"limits" => [{"kind" => "wrist", "severity" => "avoid", "until" => (Date.today + 3).iso8601}]})
    expect(cell(gather(Time.now.utc + 86_400)).option.variation.joints).not_to include("wrist")
    expect(described_class.new(gather(Time.now.utc + 10 * 86_400)).sheet.assignments.first.participant.limits).to eq([])
  end

  it "remembers the latest choice for the movement from an earlier class, never from a later or a cancelled one" do
    choose(gather(Time.now.utc - 14 * 86_400), variation: "push_up.wall", number: 6)
    choose(gather(Time.now.utc - 7 * 86_400), variation: "push_up.knees", number: 7)
    choose(gather(Time.now.utc - 86_400, cancelled_at: Time.now.utc), variation: "push_up.hands_60", number: 8)
    choose(gather(Time.now.utc + 86_400), variation: "push_up.hands_60", number: 9)
    expect(cell(group_class).assigned).to have_attributes(kind: "remembered", option: have_attributes(number: 7))
    choose(group_class, variation: "push_up.wall", number: 5)
    expect(cell(group_class).assigned).to have_attributes(kind: "locked", option: have_attributes(number: 5))
  end

  it "is the same for one person alone, where nothing need be shared" do
    tamsin.benchmarks.create!(studio_id: studio.id, test: "push_ups", variation: "push_up.floor", amount: 14, taken_on: Date.today - 3)
    whole = described_class.new(group_class).sheet.cells(tamsin.id).map(&:to_h)
    alone = described_class.new(group_class, only: tamsin.id).alone(tamsin.id).cells(tamsin.id).map(&:to_h)
    expect(alone).to eq(whole)
  end

  it "counts somebody new for four weeks" do
    expect(tamsin.new_on?(Date.today)).to be(false)
    tamsin.update!(since: Date.today - 27)
    expect(described_class.new(group_class.reload).sheet.assignments.first.participant).to be_guarded
    tamsin.update!(since: Date.today - 28, health: {"screening" => {"answers" => Sparrow::People::Screening.questions.to_h { |question| [question["id"], false] }, "answered_on" => "2026-01-01"}})
    expect(described_class.new(Server::Records::GroupClass.find(group_class.id)).sheet.assignments.first.participant).not_to be_guarded
  end

  it "asks the database the same few times, however many come" do
    ask = lambda do |held|
      count = 0
      counter = ActiveSupport::Notifications.subscribe("sql.active_record") { |*, payload| count += 1 unless payload[:name] == "SCHEMA" }
      described_class.new(Server::Records::GroupClass.find(held.id)).sheet
      ActiveSupport::Notifications.unsubscribe(counter)
      count
    end
    few = gather(Time.now.utc + 3600, people: [tamsin])
    many = gather(Time.now.utc + 3600, people: Array.new(12) { |index| studio.people.create!(name: "Person #{index}", level: "beginner") })
    expect(ask.call(many)).to be <= ask.call(few) + 2
  end

  describe "of one person" do
    def cells_of(held, person)
      described_class.cells_of(held.reload, person.id).map(&:to_h)
    end

    let(:crew) { %w[beginner intermediate advanced].cycle.first(6).each_with_index.map { |level, index| studio.people.create!(name: "Person #{index}", level: level, since: Date.today - 300) } }
    let(:document) { workout_document(intervals([station("p", movement: "push_up"), station("r", movement: "row"), station("s", movement: "squat")], rounds: 2, work_s: 40, rest_s: 40)) }

    it "is just what the whole sheet has for them, with kit for all, for some, and with none counted" do
      [nil, {"bench" => 9, "step" => 9, "bar" => 9, "chair" => 9, "mat" => 9}, {"bench" => 1, "step" => 1, "bar" => 1, "chair" => 9, "mat" => 9}].each do |kit|
        held = gather(Time.now.utc + 3600, people: crew)
        held.update!(kit: kit)
        sheet = described_class.new(held.reload).sheet
        crew.each { |person| expect(cells_of(held, person)).to eq(sheet.cells(person.id).map(&:to_h)), "#{person.name} #{kit}" }
      end
    end

    it "fits nobody else where all have enough, and all where a piece is short" do
      held = gather(Time.now.utc + 3600, people: crew)
      held.update!(kit: {"bench" => 9, "step" => 9, "bar" => 9, "chair" => 9, "mat" => 9})
      fitted = []
      allow(Sparrow::Fitting::Assignment).to receive(:new).and_wrap_original { |original, course, participant, **rest| fitted << participant.id && original.call(course, participant, **rest) }
      cells_of(held, crew[2])
      expect(fitted).to eq([crew[2].id])
      held.update!(kit: {"bar" => 1, "step" => 1, "bench" => 1, "chair" => 1})
      fitted.clear
      cells_of(held, crew[2])
      expect(fitted.uniq).to match_array(crew.map(&:id))
    end
  end
end
