# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::LogBook do
  let(:studio) { make_studio }
  let(:person) { studio.people.create!(name: "Dov Abernethy", lane: "beginner") }
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

  it "writes a result for every station that the person's usual lane met" do
    write
    expect(results.map { |result| result.values_at(:station, :level, :planned) }).to eq([["s1", "beginner", true], ["s2", "beginner", true], ["s3", "beginner", true]])
  end

  it "follows the lane that was chosen for the day" do
    write({"lane" => "advanced"})
    expect(results.pluck(:level).uniq).to eq(%w[advanced])
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
