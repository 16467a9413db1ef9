# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::Runs::LogBook do
  let(:studio) { make_studio }
  let(:person) { studio.people.create!(name: "Dov Abernethy", level: "beginner") }
  let(:run) do
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(intervals(3))), by: studio.instructors.first)
    Server::Records::Run.open(workout, client_key: "a-client-key", by: studio.instructors.first)
  end

  def write(attendance = {}, version: run.reload.log_version, submission: SecureRandom.uuid)
    described_class.new(run).write("submission_id" => submission, "log_version" => version,
      "attendances" => [{"person_id" => person.id, "present" => true}.merge(attendance)])
  end

  def results
    Server::Records::Result.order(:station)
  end

  it "writes a result for every station that the person's usual level met" do
    write
    expect(results.map { |result| result.values_at(:station, :level, :planned) }).to eq([["s1", "beginner", true], ["s2", "beginner", true], ["s3", "beginner", true]])
  end

  it "follows the level that was chosen for the day" do
    write({"level" => "advanced"})
    expect(results.pluck(:level).uniq).to eq(%w[advanced])
  end

  describe "of a class" do
    let(:block) { intervals([station("p", movement: "push_up"), station("k", movement: "plank", levels: {"beginner" => {"hold_s" => 20}})], rounds: 2, work_s: 40, rest_s: 40) }
    let(:held) do
      workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(block)), by: studio.instructors.first)
      studio.group_classes.new(starts_at: Time.utc(2026, 11, 24, 18, 30)).tap do |group_class|
        group_class.snapshot_from(workout)
        group_class.roster.create!(studio_id: studio.id, person: person, level: "beginner")
      end
    end
    let(:run) { Server::Records::Run.of_class(Server::Records::GroupClass.find(held.id), client_key: "class-key", by: studio.instructors.first) }

    def choose(variation, number)
      held.choices.find_or_initialize_by(person_id: person.id, block: "main", station: "p")
        .update!(studio_id: studio.id, instructor: studio.instructors.first, movement: "push_up", variation: variation, number: number)
    end

    def push_ups
      results.find_by(station: "p").slice(:variation, :reps, :least, :planned).values
    end

    it "holds what each person was given, and not their level's own way" do
      choose("push_up.wall", 7)
      write
      expect(push_ups).to eq(["push_up.wall", 7, 7, true])
      expect(results.find_by(station: "k").seconds).to eq(20)
    end

    it "keeps what was given when the fit changes after it was logged" do
      choose("push_up.wall", 7)
      write
      choose("push_up.wall", 12)
      described_class.new(Server::Records::Run.find(run.id)).write("submission_id" => SecureRandom.uuid, "log_version" => 1,
        "attendances" => [{"person_id" => person.id, "present" => true, "effort" => 5}])
      expect(push_ups).to eq(["push_up.wall", 7, 7, true])
    end

    it "has of a rotation that ended early what each person's group stood at" do
      block.update("flow" => "rotate")
      other = studio.people.create!(name: "Kofi Penhallow", level: "advanced")
      held.roster.create!(studio_id: studio.id, person: other, level: "advanced")
      now_ms = Server::Runs::DeviceTime.now_ms
      [["started", 60], ["ended", 25]].each { |kind, ago_s| run.happened({"id" => SecureRandom.uuid, "kind" => kind, "at_ms" => now_ms - ago_s * 1000}, by: nil) }
      people = Server::Runs::LogSheet.new(run.reload).to_h["people"]
      expect(people.map { |line| line["not_reached"].values_at("beginner", "advanced") }).to eq([[["main/k"]] * 2, [["main/p"]] * 2])
      described_class.new(run).write("submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [person, other].map { |one| {"person_id" => one.id, "present" => true} })
      expect(results.map { |result| [result.attendance.person.name, result.station] }).to contain_exactly(["Dov Abernethy", "p"], ["Kofi Penhallow", "k"])
    end

    it "has of partners who stopped in the first turn what the first of the two did" do
      block.update("format" => "partner", "turns" => 1, "work_s" => 30).slice!("id", "role", "format", "rounds", "stations", "turns", "work_s")
      other = studio.people.create!(name: "Kofi Penhallow", level: "advanced")
      held.roster.create!(studio_id: studio.id, person: other, level: "advanced")
      now_ms = Server::Runs::DeviceTime.now_ms
      [["started", 60], ["ended", 35]].each { |kind, ago_s| run.happened({"id" => SecureRandom.uuid, "kind" => kind, "at_ms" => now_ms - ago_s * 1000}, by: nil) }
      people = Server::Runs::LogSheet.new(run.reload).to_h["people"]
      expect(people.to_h { |line| [line["name"], line["not_reached"]["advanced"]] }).to eq("Dov Abernethy" => ["main/k"], "Kofi Penhallow" => ["main/p", "main/k"])
    end

    it "takes what was tapped for one person, summed, and nothing that was undone or tapped for a level" do
      happens = ->(kind, by: person, **rest) { SecureRandom.uuid.tap { |id| run.happened({"id" => id, "kind" => kind, "at_ms" => 1, **rest.transform_keys(&:to_s)}, by: nil, person: by) } }
      tap = ->(amount, **rest) { happens.call("tapped", block: "main", station: "p", level: "beginner", amount: amount, **rest) }
      tap.call(10)
      tap.call(5)
      happens.call("taken_back", of: tap.call(50))
      tap.call(90, by: nil)
      expect(Server::Runs::LogSheet.new(run).to_h["people"].first["counted"]).to eq([{"block" => "main", "station" => "p", "reps" => 15}])
      write
      expect(results.find_by(station: "p").slice(:reps, :planned, :least).values).to eq([15, false, nil])
    end

    it "tells the log sheet what each was given" do
      choose("push_up.wall", 7)
      cell = Server::Runs::LogSheet.new(run).to_h["people"].first["planned_targets"].first
      expect(cell).to include("station" => "p", "variation" => "push_up.wall", "name" => "Wall push-up", "reps" => 7, "target" => "7 reps", "seconds" => nil)
    end
  end

  describe "what was handed in" do
    def handed_in
      Server::Runs::LogSheet.new(run.reload).to_h["attendances"].first["exceptions"].map(&:compact)
    end

    let(:typed) { {"block" => "main", "station" => "s2", "reps" => 4, "reps_left" => 1} }

    it "stands on the log sheet as it was typed, also after it has been brought back" do
      write({"exceptions" => [typed]})
      expect(handed_in).to eq([typed])
      write
      expect(handed_in).to eq([])
      described_class.new(run, by: studio.instructors.first).bring_back(run.log_revisions.find_by!(number: 1))
      expect(handed_in).to eq([typed])
    end

    it "is told from the results where a log is older than what is kept of it" do
      write({"exceptions" => [typed]})
      Server::Records::LogRevision.where(studio_id: studio.id, run_id: run.id).delete_all
      done = results.find_by(station: "s2").variation
      expect(handed_in).to eq([typed.merge("variation" => done, "skipped" => false)])
    end
  end

  it "replaces the whole log, and leaves no row of the old one" do
    write({"exceptions" => [{"block" => "main", "station" => "s2", "skipped" => true}]})
    write({"present" => false})
    expect([Server::Records::Attendance.count, Server::Records::Result.count]).to eq([1, 0])
  end

  it "writes nothing at all where one thing is wrong" do
    write
    expect { write({"exceptions" => [{"block" => "main", "station" => "nowhere"}]}) }.to raise_error(Sparrow::Refused)
    expect([run.reload.log_version, results.count]).to eq([1, 3])
  end

  it "takes the same submission from two threads at once, and writes it once" do
    person
    submission = SecureRandom.uuid
    threads = Array.new(4) do
      Thread.new do
        ActiveRecord::Base.connection_pool.with_connection do
          described_class.new(Server::Records::Run.find(run.id)).write("submission_id" => submission, "log_version" => 0,
            "attendances" => [{"person_id" => person.id, "present" => true}])
        end
      end
    end
    threads.each(&:join)
    expect([run.reload.log_version, Server::Records::Attendance.count]).to eq([1, 1])
  end

  it "ends a run that nobody ended, and keeps the end of one that was" do
    write
    expect(run.reload.finished_at).to be_within(5).of(Time.now.utc)
    ended = run.finished_at
    write
    expect(run.reload.finished_at).to eq(ended)
  end

  it "writes over no log that it has not seen" do
    write
    expect { write(version: 0) }.to raise_error(described_class::Outdated)
  end
end
