# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Runs" do
  let!(:studio) { signed_in_studio }
  let!(:people) { %w[Tamsin Dov Kofi].map { |name| studio.people.create!(name: name, level: (name == "Dov") ? "beginner" : "advanced") } }

  # The server's clock stands still, so that no slow answer looks like a wrong clock.
  let!(:now_ms) { Server::Runs::DeviceTime.now_ms.tap { |instant| allow(Server::Runs::DeviceTime).to receive(:now_ms).and_return(instant) } }

  # As a device sends it, so many seconds ago by a clock that is off by so much.
  def happens(run, kind, ago_s = 0, off_ms: 0, id: SecureRandom.uuid, **keys)
    send_json(:post, "/api/runs/#{run["id"]}/events", {"id" => id, "kind" => kind, "at_ms" => now_ms + off_ms - ago_s * 1000, "server_ahead_ms" => -off_ms, **keys.transform_keys(&:to_s)})
  end

  def log(run, attendances, version: 0, submission: SecureRandom.uuid, **keys)
    send_json(:put, "/api/runs/#{run["id"]}/log",
      {"submission_id" => submission, "log_version" => version, "attendances" => attendances, **keys.transform_keys(&:to_s)})
  end

  def here(person, **keys)
    {"person_id" => person.id, "present" => true, **keys.transform_keys(&:to_s)}
  end

  it "keep the circuit as it was when they were opened" do
    workout = make_workout
    run = open_run(workout)
    expect(status).to eq(201)
    send_json(:put, "/api/workouts/#{workout["id"]}", {"document" => workout_document, "lock_version" => 1})
    stored = send_json(:get, "/api/runs/#{run["id"]}")
    expect(stored["document"]).to eq(workout["document"])
    expect(stored["preview"]["total_s"]).to eq(100)
  end

  it "are opened once for one key" do
    workout = make_workout
    ids = Array.new(2) { send_json(:post, "/api/runs", {"workout_id" => workout["id"], "client_key" => "the-same-key"})["id"] }
    expect(ids.uniq.size).to eq(1)
  end

  it "are not opened of a circuit with nothing in it" do
    workout = make_workout(workout_document)
    send_json(:post, "/api/runs", {"workout_id" => workout["id"], "client_key" => "12345678"})
    expect([status, field_errors.keys]).to eq([422, ["/workout_id"]])
  end

  it "go from ready by running and finished to logged" do
    run = open_run
    states = [run["state"], happens(run, "started", 60)["state"], happens(run, "ended", 20)["state"]]
    log(run, [])
    expect(states + [send_json(:get, "/api/runs")["runs"].first["state"]]).to eq(%w[ready running finished logged])
  end

  it "keep every event once, in the order in which it happened, whenever it came" do
    run = open_run
    happens(run, "paused", 10, id: "11111111-1111-4111-8111-111111111111")
    happens(run, "started", 40)
    2.times { happens(run, "paused", 10, id: "11111111-1111-4111-8111-111111111111") }
    kept = send_json(:get, "/api/runs/#{run["id"]}")["events"]
    expect(kept.map { |event| [event["kind"], event["at_ms"] - now_ms] }).to eq([["started", -40_000], ["paused", -10_000]])
    expect(Server::Records::Run.find(run["id"]).clock.second(now_ms)).to eq(30)
  end

  {"of another year" => 8_000_000_000_000, "of the past" => -400_000_000_000, "three minutes ahead" => 180_000}.each do |name, off_ms|
    it "keep the server's time when a tablet's clock is #{name}" do
      run = open_run
      happens(run, "started", 40, off_ms: off_ms)
      expect(happens(run, "moved", 5, off_ms: off_ms, at_s: 90)["events"].map { |event| event["at_ms"] - now_ms }).to eq([-40_000, -5_000])
    end
  end

  it "come back from the end, and are finished again when they are ended again" do
    run = open_run
    happens(run, "started", 60)
    happens(run, "ended", 30)
    expect([happens(run, "moved", 20, at_s: 10)["state"], happens(run, "ended", 10)["state"]]).to eq(%w[running finished])
  end

  it "are not opened under the key of another circuit's run" do
    one, other = make_workout, make_workout
    send_json(:post, "/api/runs", {"workout_id" => one["id"], "client_key" => "the-same-key"})
    send_json(:post, "/api/runs", {"workout_id" => other["id"], "client_key" => "the-same-key"})
    expect([status, field_errors.keys]).to eq([422, ["/client_key"]])
  end

  it "refuse an event that is none, and name the field" do
    run = open_run
    happens(run, "moved")
    expect([status, field_errors.keys]).to eq([422, ["/at_s"]])
    happens(run, "dreamt", 1)
    expect(field_errors.keys).to eq(["/kind"])
    happens(run, "started", 1, id: "x")
    expect(field_errors.keys).to eq(["/id"])
  end

  it "take a number for each round, a load, faults, what was done about pain, and rounds and reps of a block" do
    amrap = {"id" => "end", "role" => "finisher", "format" => "amrap", "cap_s" => 120, "stations" => [station("f", movement: "squat")]}
    run = open_run(make_workout(workout_document(intervals([station("a", movement: "squat")], rounds: 3), amrap)))
    2.times { |index| happens(run, "tapped", 10 - index, block: "end", level: "advanced", amount: 1, at_s: 150 + index * 20) }
    expect(send_json(:get, "/api/runs/#{run["id"]}/log")["people"].to_h { |person| [person["name"], person["blocks"]] }).to eq("Tamsin" => [{"block" => "end", "rounds" => 2}], "Dov" => [], "Kofi" => [{"block" => "end", "rounds" => 2}])
    faults = Sparrow::Plan.read(Server::Records::Run.find(run["id"]).document).blocks.first.stations.first.at("advanced").variation.faults.map(&:see).take(1)
    exception = {"block" => "main", "station" => "a", "per_round" => [12, 10, 9], "load_kg" => 8, "faults" => faults}
    log(run, [here(people[0], pain: "knee", pain_action: "easier_version", exceptions: [exception], blocks: [{"block" => "end", "reps" => 5}]), here(people[1], blocks: [{"block" => "end", "rounds" => 4}])])
    lines = send_json(:get, "/api/runs/#{run["id"]}/results")["attendances"]
    tamsin = lines.find { |line| line["name"] == "Tamsin" }
    expect(tamsin).to include("pain_action" => "easier_version", "blocks" => [{"block" => "end", "rounds" => 2, "reps" => 5}], "exceptions" => [exception])
    expect(tamsin["results"].find { |result| result["station"] == "a" }).to include("reps" => 9, "per_round" => [12, 10, 9], "load_kg" => 8, "faults" => faults)
    expect(lines.find { |line| line["name"] == "Dov" }["blocks"]).to eq([{"block" => "end", "rounds" => 4}])
    log(run, [here(people[0], blocks: [{"block" => "main", "rounds" => 1}])], version: 1)
    expect([status, field_errors.keys]).to eq([422, ["/attendances/0/blocks/0/block"]])
  end

  it "refuse a fault that the version has not, unless the log has it from before" do
    run = open_run(make_workout(workout_document(intervals([station("a", movement: "squat")]))))
    seen = ->(faults) { [here(people[0], exceptions: [{"block" => "main", "station" => "a", "faults" => faults}])] }
    log(run, seen.call(["Sings"]))
    expect([status, field_errors]).to eq([422, {"/attendances/0/exceptions/0/faults/0" => "is not in the list of faults of this version"}])
    log(run, seen.call([]))
    Server::Records::LogRevision.last.tap { |kept| kept.update!(content: {"attendances" => [{"person_id" => people[0].id, "present" => true, "exceptions" => [{"block" => "main", "station" => "a", "faults" => ["Sings"]}]}]}) }
    log(run, seen.call(["Sings"]), version: 1)
    expect(status).to eq(200)
  end

  it "log of a list what its level tapped, and not what nobody came to" do
    list = {"id" => "list", "role" => "main", "format" => "chipper", "stations" => [station("a", movement: "squat", levels: {"advanced" => {"reps" => 40}}), station("b", movement: "push_up")]}
    run = open_run(make_workout(workout_document(list)))
    happens(run, "started", 60)
    happens(run, "tapped", 20, block: "list", station: "a", level: "advanced", amount: 12, at_s: 40)
    happens(run, "ended", 10)
    log(run, [here(people[0])])
    results = send_json(:get, "/api/runs/#{run["id"]}/results")["attendances"].first["results"]
    expect(results.map { |result| result.values_at("station", "reps", "planned") }).to eq([["a", 12, false]])
  end

  describe "that ended early" do
    let(:run) { open_run(make_workout(workout_document(intervals([station("a", movement: "squat"), station("b", movement: "push_up")], rounds: 2)))) }

    it "log somebody who came late or left early with what passed while they were there" do
      happens(run, "started", 230)
      happens(run, "late", 150, person_id: people[0].id, at_s: 70)
      happens(run, "gone", 130, person_id: people[1].id, at_s: 100)
      happens(run, "follows", 130, person_id: people[1].id, level: "intermediate")
      happens(run, "ended", 0)
      sheet = send_json(:get, "/api/runs/#{run["id"]}/log")
      expect(sheet["people"].to_h { |person| [person["name"], [person["level"], person["not_reached"]&.fetch("advanced")]] }).to eq(
        "Tamsin" => ["advanced", []], "Dov" => ["intermediate", []], "Kofi" => ["advanced", nil]
      )
      log(run, people.map { |person| here(person) })
      expect(people.map { |person| Server::Records::Result.joins(:attendance).where(attendances: {person_id: person.id}).pluck(:station).sort }).to eq([%w[a b], %w[a b], %w[a b]])
    end

    def stations_of(person)
      send_json(:get, "/api/runs/#{run["id"]}/results")["attendances"].find { |line| line["person_id"] == person.id }["results"].map { |result| result["station"] }
    end

    it "log what was reached, not what was planned" do
      happens(run, "started", 50)
      happens(run, "ended", 0)
      expect(send_json(:get, "/api/runs/#{run["id"]}/log")).to include("ran_s" => 50, "not_reached" => Sparrow::Level::ALL.to_h { |level| [level, ["main/b"]] })
      log(run, [here(people.first)])
      expect(stations_of(people.first)).to eq(["a"])
    end

    it "log what was typed of a station that was not reached" do
      happens(run, "started", 50)
      happens(run, "ended", 0)
      log(run, [here(people.first, exceptions: [{"block" => "main", "station" => "b", "reps" => 5}])])
      expect(stations_of(people.first)).to match_array(%w[a b])
    end

    it "log all of the plan where no clock was started" do
      log(run, [here(people.first)])
      expect(stations_of(people.first)).to eq(%w[a b])
    end
  end

  it "are put away and brought back while nothing is logged" do
    run = open_run
    send_json(:delete, "/api/runs/#{run["id"]}")
    expect([status, send_json(:get, "/api/runs")["runs"]]).to eq([204, []])
    send_json(:post, "/api/runs/#{run["id"]}/restore")
    log(run, [])
    send_json(:delete, "/api/runs/#{run["id"]}")
    expect(status).to eq(409)
  end

  describe "when logged" do
    it "take those present to have done as planned, except what was typed" do
      run = open_run
      sheet = log(run, [
        here(people[0], effort: 7, exceptions: [{"block" => "main", "station" => "s1", "level" => "beginner", "reps" => 6, "reps_left" => 3}]),
        here(people[1], effort: 4, pain: "knee", note: "Stopped early"), {"person_id" => people[2].id, "present" => false}
      ], note: "Wet floor by the door")
      expect(status).to eq(200)
      by_name = sheet["attendances"].to_h { |attendance| [attendance["name"], attendance] }
      expect(by_name["Tamsin"]["results"].map { |result| result.values_at("station", "level", "reps", "reps_left", "planned") })
        .to contain_exactly(["s1", "beginner", 6, 3, false], ["s2", "advanced", 4, nil, true])
      expect(by_name["Dov"]).to include("level" => "beginner", "pain" => "knee")
      expect(by_name["Kofi"]["results"]).to eq([])
      expect(send_json(:get, "/api/runs")["runs"].first).to include("present" => 2, "mean_effort" => 5.5, "pains" => 1, "state" => "logged")
    end

    # @return [Array] what stands under these keys, at any depth
    def under(keys, answer)
      case answer
      when Hash then answer.flat_map { |key, value| keys.include?(key) ? [value] : under(keys, value) }
      when Array then answer.flat_map { |item| under(keys, item) }
      else []
      end
    end

    it "tell a helper nothing of pain, notes or soreness, by whichever route" do
      held = send_json(:post, "/api/classes", {"workout_id" => make_workout["id"], "starts_at" => (Time.now.utc + 3600).iso8601, "people" => people.map(&:id)})
      send_json(:put, "/api/classes/#{held["id"]}/roster/#{people[0].id}", {"sore" => ["knee"]})
      run = send_json(:post, "/api/classes/#{held["id"]}/run", {"client_key" => SecureRandom.uuid})
      log(run, [here(people[1], effort: 4, pain: "knee", note: "Stopped early")], note: "Wet floor by the door")
      studio.instructors.create!(name: "Emeka Thorsby", email: "emeka@example.test", password: "weir-and-lock-gate", role: "helper")
      read = -> { %W[today runs runs/#{run["id"]} runs/#{run["id"]}/log runs/#{run["id"]}/results classes/#{held["id"]}].flat_map { |path| under(%w[pain pains note sore], send_json(:get, "/api/#{path}")) } }
      expect(read.call).to include("knee", "Stopped early", "Wet floor by the door", 1, ["knee"])
      sign_in(email: "emeka@example.test")
      expect(read.call.compact.uniq - ["", []]).to eq([])
    end

    it "are written once, however often the same log is sent" do
      run = open_run
      2.times { log(run, [here(people[0])], submission: "the-same-submission") }
      expect(status).to eq(200)
      expect([Server::Records::Attendance.count, Server::Records::Run.first.log_version]).to eq([1, 1])
    end

    it "can be mended by a later log that has seen the first" do
      run = open_run
      log(run, [here(people[0], effort: 5)])
      log(run, [here(people[0], effort: 9)], version: 1)
      expect(send_json(:get, "/api/runs/#{run["id"]}/results")["attendances"].map { |attendance| attendance["effort"] }).to eq([9])
    end

    it "answer a log that has not seen the newest with both" do
      run = open_run
      log(run, [here(people[0], effort: 5)])
      answer = log(run, [here(people[1])])
      expect(status).to eq(409)
      expect(answer["theirs"]["attendances"].map { |attendance| attendance["name"] }).to eq(%w[Tamsin])
    end

    it "refuse strangers, doubles and stations that are not there, each at its place, and keep what was logged" do
      run = open_run
      log(run, [here(people[0])])
      stranger = make_studio("Mill House", email: "other@example.test").people.create!(name: "Elsewhere")
      log(run, [here(stranger), here(people[1]), here(people[1], exceptions: [{"block" => "main", "station" => "zz"}])], version: 1)
      expect([status, field_errors.keys]).to eq([422, %w[/attendances/0/person_id /attendances/2/person_id /attendances/2/exceptions/0/station]])
      expect(Server::Records::Attendance.count).to eq(1)
    end

    [[{"effort" => 11}, "effort"], [{"effort" => -1}, "effort"], [{"pain" => "somewhere"}, "pain"], [{"level" => "expert"}, "level"],
      [{"note" => "x" * 501}, "note"]].each do |keys, field|
      it "refuse #{keys.inspect[0, 30]}" do
        log(open_run, [here(people[0]).merge(keys)])
        expect([status, field_errors.keys]).to eq([422, ["/attendances/0/#{field}"]])
      end
    end
  end

  it "are those of one's own studio" do
    other = make_studio("Mill House", email: "other@example.test")
    workout = Server::Records::Workout.begin(other, Sparrow::Preview.new(workout_document(intervals(1))), by: other.instructors.first)
    theirs = Server::Records::Run.open(workout, client_key: "theirs-000", by: other.instructors.first)
    [[:get, ""], [:post, "/events"], [:get, "/log"], [:put, "/log"], [:get, "/results"], [:delete, ""], [:post, "/restore"]].each do |method, rest|
      send_json(method, "/api/runs/#{theirs.id}#{rest}", {"id" => SecureRandom.uuid, "kind" => "started", "at_ms" => now_ms})
      expect(status).to eq(404), "#{method} #{rest}"
    end
    expect(send_json(:get, "/api/runs")["runs"]).to eq([])
  end

  it "appear on Today as what to do next" do
    open_run
    finished = open_run
    happens(finished, "started", 90)
    happens(finished, "ended")
    make_workout(workout_document)
    today = send_json(:get, "/api/today")
    expect(today.transform_values(&:size)).to eq("classes" => 0, "open_runs" => 1, "unlogged_runs" => 1, "drafts" => 1, "ready" => 2, "last_logged" => 0)
  end
end
