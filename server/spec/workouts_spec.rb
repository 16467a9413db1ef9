# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Workouts" do
  let!(:studio) { signed_in_studio }

  def save(workout, document, version = workout["lock_version"])
    send_json(:put, "/api/workouts/#{workout["id"]}", {"document" => document, "lock_version" => version})
  end

  it "are stored as documents and come back as they went in" do
    document = workout_document(intervals(2), slot_minutes: 45)
    workout = make_workout(document)
    expect(status).to eq(201)
    expect(workout).to include("title" => "Lock-gate Tuesday", "total_s" => 100, "stations" => 2, "ready" => true, "lock_version" => 1)
    expect(send_json(:get, "/api/workouts/#{workout["id"]}")["document"]).to eq(document)
  end

  it "are drafts until there is something to do" do
    expect(make_workout(workout_document)["ready"]).to be(false)
  end

  it "count up their version with each save, and keep every one" do
    workout = make_workout
    save(workout, workout["document"].merge("title" => "Towpath Ladder"))
    expect(JSON.parse(last_response.body)).to include("lock_version" => 2, "title" => "Towpath Ladder", "updated_by" => "Ottoline Varga")
    revisions = send_json(:get, "/api/workouts/#{workout["id"]}/revisions")["revisions"]
    expect(revisions.map { |revision| revision.values_at("number", "title") }).to eq([[2, "Towpath Ladder"], [1, "Lock-gate Tuesday"]])
    expect(send_json(:get, "/api/workouts/#{workout["id"]}/revisions/1")["document"]).to eq(workout["document"])
  end

  it "do not count up for a save that changes nothing" do
    workout = make_workout
    expect(save(workout, workout["document"])["lock_version"]).to eq(1)
  end

  it "answer a save that meets a newer version with both, and lose neither" do
    workout = make_workout
    save(workout, workout["document"].merge("title" => "Theirs"))
    answer = save(workout, workout["document"].merge("title" => "Mine"))
    expect(status).to eq(409)
    expect(answer["theirs"]).to include("title" => "Theirs", "lock_version" => 2)
    expect(answer["yours"]["title"]).to eq("Mine")
    expect(send_json(:get, "/api/workouts/#{workout["id"]}")["title"]).to eq("Theirs")
  end

  it "let one of two saves at the same moment through" do
    workout = make_workout
    instructor = studio.instructors.first
    outcomes = %w[one two three four].map do |title|
      Thread.new do
        ActiveRecord::Base.connection_pool.with_connection do
          preview = Sparrow::Preview.new(workout["document"].merge("title" => title))
          Server::Records::Workout.find(workout["id"]).save_over(1, preview, by: instructor)
          :saved
        rescue Server::Records::Workout::Outdated
          :outdated
        end
      end
    end.map(&:value)
    expect(outcomes.tally).to eq(saved: 1, outdated: 3)
  end

  it "are listed with the last changed first, and found by words of the title" do
    make_workout(workout_document(intervals(1)).merge("title" => "Slipway Holds"))
    make_workout(workout_document(intervals(1)).merge("title" => "100% Towpath"))
    expect(send_json(:get, "/api/workouts")["workouts"].map { |line| line["title"] }).to eq(["100% Towpath", "Slipway Holds"])
    expect(send_json(:get, "/api/workouts?q=slip")["workouts"].size).to eq(1)
    expect(send_json(:get, "/api/workouts?q=%25")["workouts"].map { |line| line["title"] }).to eq(["100% Towpath"])
  end

  it "are copied under a title that says so" do
    workout = make_workout
    expect(send_json(:post, "/api/workouts", {"copy_of" => workout["id"]})).to include("title" => "Lock-gate Tuesday (copy)", "lock_version" => 1)
  end

  it "are put away and brought back" do
    workout = make_workout
    send_json(:delete, "/api/workouts/#{workout["id"]}")
    expect(status).to eq(204)
    send_json(:get, "/api/workouts/#{workout["id"]}")
    expect(status).to eq(404)
    expect(send_json(:post, "/api/workouts/#{workout["id"]}/restore")["title"]).to eq("Lock-gate Tuesday")
    expect(send_json(:get, "/api/workouts")["workouts"].size).to eq(1)
  end

  describe "of another studio" do
    let(:theirs) do
      other = make_studio("Mill House", email: "other@example.test")
      Server::Records::Workout.begin(other, Sparrow::Preview.new(workout_document(intervals(1))), by: other.instructors.first)
    end

    [[:get, ""], [:put, ""], [:delete, ""], [:post, "/restore"], [:get, "/revisions"], [:get, "/revisions/1"]].each do |method, rest|
      it "are not there: #{method.upcase} #{rest}" do
        send_json(method, "/api/workouts/#{theirs.id}#{rest}", {"document" => workout_document(intervals(1)), "lock_version" => 1})
        expect(status).to eq(404)
        expect(theirs.reload).to have_attributes(lock_version: 1, deleted_at: nil)
      end
    end

    it "are neither listed nor copied nor run" do
      theirs
      expect(send_json(:get, "/api/workouts")["workouts"]).to eq([])
      send_json(:post, "/api/workouts", {"copy_of" => theirs.id})
      expect(status).to eq(404)
      send_json(:post, "/api/runs", {"workout_id" => theirs.id, "client_key" => "12345678"})
      expect(status).to eq(404)
    end
  end

  it "are previewed without a trace" do
    expect(send_json(:post, "/api/preview", {"workout" => workout_document(intervals(4, rounds: 3, round_rest_s: 60))})["total_s"]).to eq(780)
    expect(Server::Records::Workout.count).to eq(0)
  end

  it "are previewed without their calls where nobody asks for them" do
    whole = send_json(:post, "/api/preview", {"workout" => workout_document(intervals(2))})
    without = send_json(:post, "/api/preview", {"workout" => workout_document(intervals(2)), "calls" => false})
    expect(whole["cues"]).not_to be_empty
    expect(without).to eq(whole.merge("cues" => [], "sections" => []))
    send_json(:post, "/api/preview", {"workout" => workout_document(intervals(2)), "calls" => "no"})
    expect([status, field_errors.keys]).to eq([422, ["/calls"]])
  end

  it "are previewed by what has changed, to who says what is there already" do
    document = workout_document(intervals(3), pause)
    ask = ->(seen) { send_json(:post, "/api/preview", {"workout" => document, "calls" => false, "seen" => seen}) }
    first = ask.call({})
    seen = first["blocks"].to_h { |block| block.values_at("id", "tag") }
    expect(ask.call(seen)).to include("blocks" => [], "figures" => [], "as_seen" => %w[main pause])
    document["blocks"][0]["stations"][0]["levels"]["beginner"]["reps"] = 3
    typed = ask.call(seen)
    expect(typed).to include("blocks" => [], "as_seen" => %w[pause])
    expect(typed["figures"].map { |block| block["stations"][0]["levels"]["beginner"]["reps_counted"] }).to eq([3])
    ask.call([])
    expect([status, field_errors.keys]).to eq([422, ["/seen"]])
  end
end
