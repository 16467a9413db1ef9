# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Nothing that was typed is lost" do
  let!(:studio) { signed_in_studio }
  let(:dov) { studio.people.create!(name: "Dov Abernethy", level: "beginner") }

  # What two people can edit at once: a name, how it is made, and its two saves over one version.
  things = {
    "a person" => [->(spec) { "/api/people/#{spec.dov.id}" }, {"name" => "Dov", "level" => "advanced"}, {"name" => "Dov A.", "level" => "beginner"}, "version", "name"],
    "somebody's health" => [->(spec) { "/api/people/#{spec.dov.id}/health" }, {"consent" => true, "health" => {"limits" => [{"kind" => "knee", "severity" => "avoid"}]}},
      {"consent" => true, "health" => {"note" => "fine"}}, "version", "health"],
    "a place" => [->(spec) { "/api/places/#{spec.place.id}" }, {"name" => "Barn", "kit" => {"mat" => 3}}, {"name" => "Old barn"}, "version", "name"],
    "the standards" => [->(_) { "/api/house" }, {"house" => {"reserve" => 3}}, {"house" => {"reserve" => 4}}, "version", "house"],
    "the studio's settings" => [->(_) { "/api/studio" }, {"name" => "One", "time_zone" => "UTC", "date_locale" => "en-GB", "audit_days" => 90, "retention_days" => 90},
      {"name" => "Two", "time_zone" => "UTC", "date_locale" => "en-GB", "audit_days" => 90, "retention_days" => 90}, "version", "name"]
  }

  def place
    @place ||= studio.places.create!(name: "Boathouse")
  end

  # @return [Array(Integer, Hash)]
  def put(path, body)
    call(:put, path, body)
  end

  # @return [Array(Integer, Hash)]
  def call(verb, path, body)
    answer = Rack::MockRequest.new(Api::APP).request(verb.to_s.upcase, path, "HTTP_HOST" => "example.org", "HTTP_COOKIE" => @cookie, "CONTENT_TYPE" => "application/json", :input => JSON.generate(body))
    [answer.status, JSON.parse(answer.body)]
  end

  before { @cookie = last_response["set-cookie"].split(";").first }

  things.each do |name, (path, one, other, version, shown)|
    it "answers a save of #{name} over an older version with 409 and what stands there" do
      at = path.call(self)
      expect(put(at, one.merge(version => 1)).first).to eq(200)
      status, answer = put(at, other.merge(version => 1))
      expect([status, answer["theirs"].key?(shown)]).to eq([409, true])
      expect(put(at, other.merge(version => 2)).first).to eq(200)
      expect(put(at, other).first).to eq(422)
    end

    [2, 8].each do |writers|
      it "lets one of #{writers} saves of #{name} at the same moment through" do
        at = path.call(self)
        statuses = Array.new(writers) { |index| Thread.new { put(at, (index.even? ? one : other).merge(version => 1)).first } }.map(&:value)
        expect(statuses.sort).to eq([200] + [409] * (writers - 1))
      end
    end
  end

  [2, 8].each do |writers|
    it "lets one of #{writers} saves of a circuit, a class and an own movement at the same moment through" do
      circuit = make_workout
      held = send_json(:post, "/api/classes", {"workout_id" => circuit["id"], "starts_at" => "2026-12-01T18:30:00Z"})
      own = send_json(:post, "/api/movements", {"copy_of" => "squat"})
      document = send_json(:get, "/api/movements/#{own["id"]}/document")["document"]
      bodies = {
        "/api/workouts/#{circuit["id"]}" => ->(index) { {"document" => circuit["document"].merge("title" => "Title #{index}"), "lock_version" => 1} },
        "/api/classes/#{held["id"]}" => ->(index) { {"starts_at" => "2026-12-0#{index + 1}T18:30:00Z", "lock_version" => 1} },
        "/api/movements/#{own["id"]}" => ->(index) { {"document" => document.merge("name" => "Squat of #{index}"), "version" => 1} }
      }
      bodies.each do |path, body|
        statuses = Array.new(writers) { |index| Thread.new { put(path, body.call(index)).first } }.map(&:value)
        expect(statuses.sort).to eq([200] + [409] * (writers - 1)), path
      end
    end
  end

  # What has no form of its own is merged: everybody's part of it stays.
  [2, 8].each do |writers|
    it "keeps what each of #{writers} writers adds at the same moment: tags, a roster, newcomers, check-ins, results of tests" do
      circuit = make_workout
      people = Array.new(writers) { |index| studio.people.create!(name: "Person #{index}", level: "beginner") }
      held = send_json(:post, "/api/classes", {"workout_id" => circuit["id"], "starts_at" => "2026-12-01T18:30:00Z", "people" => [dov.id]})
      at = "/api/classes/#{held["id"]}"
      all = ->(verb, path, &body) { Array.new(writers) { |index| Thread.new { call(verb, path, body.call(index)).first } }.map(&:value).uniq }
      entry = ->(index) { {"person_id" => people[index].id, "test" => "push_ups", "variation" => "push_up.floor", "amount" => 5 + index} }

      expect(all.call(:put, "/api/workouts/#{circuit["id"]}/tags") { |index| {"tags" => ["tag #{index}"], "was" => []} }).to eq([200])
      expect(studio.workouts.find(circuit["id"]).tags.size).to eq(writers)
      expect(all.call(:put, "#{at}/roster") { |index| {"add" => [people[index].id, people.first.id].uniq} }).to eq([200])
      expect(all.call(:post, "#{at}/newcomers") { |index| {"name" => "Newcomer #{index}", "level" => "beginner"} }).to eq([201])
      given = [{"present" => true}, {"level" => "advanced"}, {"tired" => true}, {"sore" => ["knee"]}]
      expect(all.call(:put, "#{at}/roster/#{dov.id}") { |index| given[index % 4] }).to eq([200])
      expect(all.call(:post, "/api/benchmarks") { |index| {"taken_on" => "2026-11-01", "entries" => [entry.call(index), entry.call(0)].uniq} }).to eq([200])
      roster = send_json(:get, at)["roster"]
      expect(roster.size).to eq(1 + 2 * writers)
      line = roster.find { |person| person["person_id"] == dov.id }
      expect(given.first([writers, 4].min).all? { |part| part <= line }).to be(true)
      expect(Server::Records::Benchmark.order(:amount).pluck(:amount)).to eq(Array.new(writers) { |index| 5 + index })
    end

    it "writes one of #{writers} different results of one test at the same moment, and tells the others of it" do
      statuses = Array.new(writers) do |index|
        Thread.new { call(:post, "/api/benchmarks", {"taken_on" => "2026-11-01", "entries" => [{"person_id" => dov.id, "test" => "push_ups", "variation" => "push_up.floor", "amount" => 5 + index}]}).first }
      end.map(&:value)
      expect(statuses.sort).to eq([200] + [409] * (writers - 1))
    end
  end

  it "keeps the limit that one instructor added when the other saves an older form" do
    at = "/api/people/#{dov.id}/health"
    put(at, {"consent" => true, "health" => {"limits" => [{"kind" => "knee", "severity" => "avoid"}]}, "version" => 1})
    status, answer = put(at, {"consent" => true, "health" => {"note" => "looks well"}, "version" => 1})
    expect([status, answer["theirs"]["health"]["limits"].first["kind"]]).to eq([409, "knee"])
    expect(dov.reload.health["limits"].size).to eq(1)
  end

  it "answers a save of an own movement over an older version with both" do
    own = send_json(:post, "/api/movements", {"copy_of" => "squat"})
    document = send_json(:get, "/api/movements/#{own["id"]}/document")["document"]
    bodies = %w[One Two].map { |name| {"document" => document.merge("name" => "#{name} squat"), "version" => 1} }
    statuses = bodies.map { |body| Thread.new { put("/api/movements/#{own["id"]}", body).first } }.map(&:value)
    expect(statuses.sort).to eq([200, 409])
    expect(put("/api/movements/#{own["id"]}", bodies.first).last["theirs"]["version"]).to eq(2)
  end

  describe "of a class" do
    let(:block) { intervals([station("p", movement: "push_up"), station("g", movement: "glute_bridge")], rounds: 2) }
    let(:compound) { {"id" => "p", "parts" => [{"movement" => "push_up", "reps" => 4}, {"movement" => "squat", "reps" => 4}], "counting" => "compound", "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 2}] }} }
    let(:workout) { make_workout(workout_document(block)) }
    let(:held) { send_json(:post, "/api/classes", {"workout_id" => workout["id"], "starts_at" => "2026-12-01T18:30:00Z", "people" => [dov.id, tamsin.id]}) }
    let(:tamsin) { studio.people.create!(name: "Tamsin Okoro", level: "intermediate") }

    def cell(person, version: 0, **choice)
      put("/api/classes/#{held["id"]}/fit/#{person.id}/main/p", {**choice.transform_keys(&:to_s), "version" => version})
    end

    def fit
      send_json(:get, "/api/classes/#{held["id"]}/fit")
    end

    def rewrite(*blocks)
      now = send_json(:get, "/api/workouts/#{workout["id"]}")
      send_json(:put, "/api/workouts/#{workout["id"]}", {"document" => workout_document(*blocks), "lock_version" => now["lock_version"]})
      send_json(:post, "/api/classes/#{held["id"]}/bring")
      expect(status).to eq(200)
    end

    # Whatever has become of its choices: looked at, printed, run and logged.
    def whole_class_works
      fit
      expect(status).to eq(200)
      %w[sheet.pdf cards.pdf].each { |paper| expect(get("/api/classes/#{held["id"]}/#{paper}").status).to eq(200), paper }
      run = send_json(:post, "/api/classes/#{held["id"]}/run", {"client_key" => SecureRandom.uuid})
      sheet = send_json(:get, "/api/runs/#{run["id"]}/log")
      expect(status).to eq(200)
      send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => sheet["people"].map { |person| {"person_id" => person["id"], "present" => true} }})
      expect(status).to eq(200)
    end

    it "lets one of two, and of eight, choices for one new cell through" do
      [2, 8].each_with_index do |writers, version|
        statuses = Array.new(writers) { |index| Thread.new { cell(tamsin, version: version, variation: "push_up.knees", number: 3 + index).first } }.map(&:value)
        expect(statuses.sort).to eq([200] + [409] * (writers - 1))
      end
      status, answer = cell(tamsin, version: 0, variation: "push_up.wall", number: 9)
      expect([status, answer["theirs"]["variation"]]).to eq([409, "push_up.knees"])
      send_json(:delete, "/api/classes/#{held["id"]}/fit/#{tamsin.id}/main/p?version=1")
      expect(status).to eq(409)
    end

    it "moves targets once for two who do it at the same moment" do
      held
      need = fit["needs"].find { |row| row["changes"] }
      prescription = need.slice("block", "station", "level").merge(need["to"].slice("variation", "number"))
      statuses = Array.new(2) do
        Thread.new { Rack::MockRequest.new(Api::APP).post("/api/classes/#{held["id"]}/needs", "HTTP_HOST" => "example.org", "HTTP_COOKIE" => @cookie, "CONTENT_TYPE" => "application/json", :input => JSON.generate("take" => [prescription], "lock_version" => 1)).status }
      end.map(&:value)
      expect(statuses.sort).to eq([200, 409])
    end

    it "sets aside a choice for a set of parts when the station is given a movement, and says so" do
      rewrite({**block, "stations" => [compound]})
      expect(cell(tamsin, number: 7).first).to eq(200)
      rewrite(block)
      aside = fit["set_aside"]
      expect(aside.map { |choice| choice.values_at("person", "station", "number") }).to eq([["Tamsin Okoro", "p", 7]])
      expect(aside.first["why"]).to include("Push-up now")
      whole_class_works
    end

    it "sets aside choices for a station that is gone, has another movement, or is a set of parts now" do
      [[intervals([station("g")], rounds: 2), "not in the circuit"], [intervals([station("p", movement: "squat")]), "Squat now"], [{**block, "stations" => [compound]}, "a set of parts now"]].each_with_index do |(changed, why), index|
        cell(tamsin, version: index.zero? ? 0 : 1, variation: "push_up.knees", number: 3) if index.zero?
        rewrite(changed)
        expect(fit["set_aside"].map { |choice| choice["why"] }.join).to include(why)
        expect(fit["set_aside"].first["station_name"]).to eq(index.zero? ? "Push-up" : send_json(:get, "/api/classes/#{held["id"]}/fit")["stations"].first["name"])
        whole_class_works
        rewrite(block)
        expect(fit["set_aside"]).to eq([])
      end
    end

    it "sets aside a choice that a limit rules out by now, and those of who is marked absent" do
      cell(tamsin, variation: "push_up.floor", number: 3)
      cell(dov, variation: "push_up.knees", number: 3)
      tamsin.update!(health: {"limits" => [{"kind" => "wrist", "severity" => "avoid"}]}, health_consent_at: Time.now.utc)
      send_json(:put, "/api/classes/#{held["id"]}/roster/#{dov.id}", {"present" => false})
      expect(fit["set_aside"].to_h { |choice| choice.values_at("person", "why") }).to eq("Tamsin Okoro" => "it goes against a limit (wrist)", "Dov Abernethy" => "they are marked absent")
      whole_class_works
    end

    it "says that somebody is marked absent, and writes no choice for them" do
      held
      send_json(:put, "/api/classes/#{held["id"]}/roster/#{dov.id}", {"present" => false})
      status, answer = cell(dov, variation: "push_up.knees", number: 3)
      expect([status, answer["errors"].first["detail"], Server::Records::Choice.count]).to match([422, /marked absent/, 0])
      send_json(:delete, "/api/classes/#{held["id"]}/fit/#{dov.id}/main/p?version=0")
      expect(last_response.status).to eq(200)
    end

    it "says that the place was archived and the circuit deleted, and goes on with both" do
      send_json(:put, "/api/classes/#{held["id"]}", {"lock_version" => 1, "starts_at" => held["starts_at"], "place_id" => place.id})
      send_json(:delete, "/api/places/#{place.id}")
      send_json(:delete, "/api/workouts/#{workout["id"]}")
      expect(fit["notices"].join(" ")).to include("Boathouse has been archived").and include("has been deleted")
      whole_class_works
    end

    it "is one run for two who start the class at the same moment" do
      held
      ids = Array.new(4) do
        Thread.new { JSON.parse(Rack::MockRequest.new(Api::APP).post("/api/classes/#{held["id"]}/run", "HTTP_HOST" => "example.org", "HTTP_COOKIE" => @cookie, "CONTENT_TYPE" => "application/json", :input => JSON.generate("client_key" => SecureRandom.uuid)).body)["id"] }
      end.map(&:value)
      expect([ids.uniq.size, Server::Records::Run.count]).to eq([1, 1])
    end
  end

  describe "of a log" do
    let(:run) { open_run }
    let(:tamsin) { studio.people.create!(name: "Tamsin Okoro", level: "intermediate") }

    def log(version, attendances, note: nil)
      send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => version, "attendances" => attendances, "note" => note}.compact)
    end

    it "is kept each time it is written: who, when and what; and can be brought back" do
      log(0, [{"person_id" => dov.id, "present" => true, "effort" => 7, "pain" => "knee", "note" => "slow"}, {"person_id" => tamsin.id, "present" => true}], note: "wet floor")
      log(1, [{"person_id" => dov.id, "present" => false}])
      lines = send_json(:get, "/api/runs/#{run["id"]}/log/revisions")["revisions"]
      expect(lines.map { |line| line.values_at("number", "by", "people", "present") }).to eq([[2, "Ottoline Varga", 1, 0], [1, "Ottoline Varga", 2, 2]])
      whole = send_json(:get, "/api/runs/#{run["id"]}/log/revisions/1")
      expect(whole).to include("note" => "wet floor", "attendances" => include(include("name" => "Dov Abernethy", "pain" => "knee")))
      back = send_json(:post, "/api/runs/#{run["id"]}/log/revisions/1/bring")
      expect(back).to include("log_version" => 3, "note" => "wet floor")
      expect(back["attendances"].map { |line| line.values_at("name", "present", "effort", "pain", "note") }).to eq([["Dov Abernethy", true, 7, "knee", "slow"], ["Tamsin Okoro", true, nil, nil, nil]])
      expect(send_json(:get, "/api/runs/#{run["id"]}/log/revisions")["revisions"].size).to eq(3)
      expect(ActiveRecord::Base.connection.select_values("SELECT content FROM log_revisions").join).not_to match(/knee|slow/)
    end

    it "comes back without who was erased meanwhile" do
      log(0, [{"person_id" => dov.id, "present" => true}, {"person_id" => tamsin.id, "present" => true}])
      log(1, [{"person_id" => tamsin.id, "present" => true}])
      send_json(:delete, "/api/people/#{dov.id}")
      expect(send_json(:post, "/api/runs/#{run["id"]}/log/revisions/1/bring")["attendances"].map { |line| line["name"] }).to eq(["Tamsin Okoro"])
    end

    it "is not wiped by an empty list" do
      log(0, [{"person_id" => dov.id, "present" => true}])
      log(1, [])
      expect([status, field_errors.keys, Server::Records::Attendance.count]).to eq([422, ["/attendances"], 1])
    end

    it "holds no effort and no pain of who was not there" do
      log(0, [{"person_id" => dov.id, "present" => false, "effort" => 9, "pain" => "knee", "note" => "called in sick"}])
      expect(Server::Records::Attendance.first).to have_attributes(effort: nil, pain: nil, note: "called in sick")
    end

    it "takes nobody who is not on the class's roster" do
      held = send_json(:post, "/api/classes", {"workout_id" => make_workout["id"], "starts_at" => "2026-12-01T18:30:00Z", "people" => [dov.id]})
      class_run = send_json(:post, "/api/classes/#{held["id"]}/run", {"client_key" => SecureRandom.uuid})
      send_json(:put, "/api/runs/#{class_run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [{"person_id" => tamsin.id, "present" => true}]})
      expect(field_errors).to eq("/attendances/0/person_id" => "is not on this class's roster")
    end

    it "keeps what hurt when a helper, who does not see it, writes it again" do
      log(0, [{"person_id" => dov.id, "present" => true, "pain" => "knee", "note" => "limping"}], note: "wet floor")
      studio.instructors.create!(name: "Emeka Thorsby", email: "emeka@example.test", password: "weir-and-lock-gate", role: "helper")
      sign_in(email: "emeka@example.test")
      sheet = send_json(:get, "/api/runs/#{run["id"]}/log")
      expect([sheet["note"], sheet["attendances"].first.values_at("pain", "note")]).to eq([nil, [nil, nil]])
      log(1, [{"person_id" => dov.id, "present" => true, "effort" => 5}])
      expect(status).to eq(200)
      expect([Server::Records::Attendance.first, Server::Records::Run.first.log_note]).to match([have_attributes(effort: 5, pain: "knee", note: "limping"), "wet floor"])
    end
  end

  it "shows a helper who is to be spoken with, and no health notes" do
    yes = Sparrow::People::Screening.questions.to_h { |question| [question["id"], true] }
    dov.update!(health: {"screening" => {"answers" => yes, "answered_on" => "2026-11-01"}, "limits" => [{"kind" => "knee", "severity" => "avoid"}]}, health_consent_at: Time.now.utc)
    held = send_json(:post, "/api/classes", {"workout_id" => make_workout["id"], "starts_at" => "2026-12-01T18:30:00Z", "people" => [dov.id]})
    send_json(:put, "/api/classes/#{held["id"]}/roster/#{dov.id}", {"sore" => ["knee"]})
    studio.instructors.create!(name: "Emeka Thorsby", email: "emeka@example.test", password: "weir-and-lock-gate", role: "helper")
    sign_in(email: "emeka@example.test")
    entry = send_json(:put, "/api/classes/#{held["id"]}/roster/#{dov.id}", {"present" => true, "sore" => []})["roster"].first
    expect(entry).to include("present" => true, "screening" => "see_instructor", "sore" => [])
    expect(Server::Records::RosterEntry.first.sore).to eq(["knee"])
    expect(["/api/people/#{dov.id}", "/api/classes/#{held["id"]}/fit", "/api/benchmarks"].map { |path| get(path).status }).to eq([403] * 3)
  end
end
