# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "People" do
  let!(:studio) { signed_in_studio }
  let(:tamsin) { send_json(:post, "/api/people", {"name" => "Tamsin Okoro", "level" => "intermediate", "birth_year" => 1979, "contact" => {"name" => "Ines", "phone" => "555 0101"}}) }
  let(:no) { Sparrow::People::Screening.questions.to_h { |question| [question["id"], false] } }

  def health(id, health, consent: true)
    version = send_json(:get, "/api/people/#{id}")["health_version"]
    send_json(:put, "/api/people/#{id}/health", {"consent" => consent, "health" => health, "version" => version})
  end

  def raw(column)
    ActiveRecord::Base.connection.select_value("SELECT #{column} FROM people")
  end

  it "are added, changed, put away and brought back" do
    id = tamsin["id"]
    changed = send_json(:put, "/api/people/#{id}", {"name" => "Tamsin Okoro", "level" => "advanced", "levels" => {"push" => "beginner"}, "tags" => %w[paddler], "version" => 1})
    expect(changed.values_at("level", "levels", "tags", "birth_year")).to eq(["advanced", {"push" => "beginner"}, %w[paddler], nil])
    send_json(:put, "/api/people/#{id}/archive", {"archived" => true})
    expect(send_json(:get, "/api/people")["people"]).to eq([])
    expect(send_json(:get, "/api/people?archived=true")["people"].map { |person| person["name"] }).to eq(["Tamsin Okoro"])
    send_json(:put, "/api/people/#{id}/archive", {"archived" => false})
    expect(send_json(:get, "/api/people")["people"].size).to eq(1)
  end

  {{"birth_year" => 3000} => "/birth_year", {"birth_year" => Date.today.year - 2} => "/birth_year", {"name" => " "} => "/name", {"level" => "expert"} => "/level",
   {"since" => "2099-01-01"} => "/since", {"since" => "yesterday"} => "/since", {"levels" => {"flying" => "advanced"}} => "/levels/flying"}.each do |bad, pointer|
    it "are refused with #{bad}, at its field" do
      send_json(:post, "/api/people", {"name" => "Dov Abernethy", "level" => "beginner", **bad})
      expect([status, field_errors.keys]).to eq([422, [pointer]])
    end
  end

  it "may be two of one name" do
    2.times { send_json(:post, "/api/people", {"name" => "Kofi Penhallow", "level" => "beginner"}) }
    expect(send_json(:get, "/api/people")["people"].size).to eq(2)
  end

  describe "and what is private of them" do
    it "is kept by consent only, encrypted, and out of the list" do
      health(tamsin["id"], {"limits" => [{"kind" => "knee", "severity" => "avoid", "note" => "stairs hurt"}]})
      expect(send_json(:get, "/api/people/#{tamsin["id"]}")["health"]["limits"].first["note"]).to eq("stairs hurt")
      expect(raw("health")).not_to include("stairs")
      expect(raw("contact")).not_to include("555 0101")
      send_json(:get, "/api/people")
      expect(last_response.body).not_to include("knee")
      health(tamsin["id"], {}, consent: false)
      expect([raw("health"), send_json(:get, "/api/people/#{tamsin["id"]}")["consent_at"]]).to eq([nil, nil])
    end

    it "says at once what a limit rules out, kept or not" do
      limits = [{"kind" => "no_impact", "severity" => "avoid"}, {"kind" => "wrist", "severity" => "avoid", "until" => "2001-01-01"}]
      shown = send_json(:post, "/api/people/limits", {"limits" => limits})["ruled_out"]
      expect(shown).to include("squat.jump" => "no impact")
      expect(shown).not_to have_key("push_up.floor")
      expect(health(tamsin["id"], {"limits" => limits})["ruled_out"]).to eq(shown)
    end

    it "says what the limits change, exercise by exercise, at their own level, and notes who read it" do
      health(tamsin["id"], {"limits" => [{"kind" => "wrist", "severity" => "avoid"}]})
      reach = send_json(:get, "/api/people/#{tamsin["id"]}/reach")
      expect(reach["limits"]).to eq(["wrist"])
      ladders = reach["ladders"].to_h { |ladder| [ladder["movement"], ladder] }
      expect(ladders["push_up"]).to include("name" => "Push-up", "changes" => true, "usual" => {"variation" => "push_up.floor", "name" => "Floor push-up"}, "instead" => {"variation" => "push_up_fists.wall", "name" => "Wall push-up on fists", "kind" => "pattern"})
      expect(ladders["squat"]).to include("changes" => false, "instead" => a_hash_including("variation" => "squat.parallel", "kind" => "own"))
      expect(ladders.keys & %w[wrist_wake calf_stretch]).to eq([])
      expect(Server::Records::AuditEvent.pluck(:action)).to include("health_read")
      expect(send_json(:get, "/api/people/#{SecureRandom.uuid}/reach") && status).to eq(404)
    end

    it "offers limits that are set together, with whom to ask first" do
      presets = send_json(:get, "/api/people/questions")["presets"]
      expect(presets.map { |preset| preset["id"] }).to eq(%w[pregnant after_birth high_blood_pressure thin_bones unsteady])
      expect(presets.first).to include("words" => "Pregnant", "kinds" => a_collection_including("not_on_back"), "advice" => a_string_matching(/midwife or doctor first/))
    end

    it "refuses a limit that ends before it begins, an unknown kind, and answers from tomorrow" do
      health(tamsin["id"], {"limits" => [{"kind" => "knee", "severity" => "avoid", "from" => "2026-11-20", "until" => "2026-11-01"}]})
      expect(field_errors).to eq("/health/limits/0/until" => "is before the day it begins")
      health(tamsin["id"], {"limits" => [{"kind" => "soul", "severity" => "avoid"}]})
      expect(field_errors.keys).to eq(["/health/limits/0/kind"])
      health(tamsin["id"], {"screening" => {"answers" => no, "answered_on" => (Date.today + 3).iso8601}})
      expect(field_errors.keys).to eq(["/health/screening/answered_on"])
    end

    it "puts an open yes on “see the instructor” until it is cleared" do
      yes = {"answers" => no.merge("heart" => true), "answered_on" => (Date.today - 2).iso8601}
      expect(health(tamsin["id"], {"screening" => yes})["screening"]).to eq("see_instructor")
      expect(health(tamsin["id"], {"screening" => yes.merge("cleared_on" => Date.today.iso8601)})["screening"]).to eq("cleared")
    end

    it "is handed out whole, and erased whole" do
      health(tamsin["id"], {"note" => "asthma spray in the bag"})
      person = Server::Records::Person.find(tamsin["id"])
      run = Server::Records::Run.open(Server::Records::Workout.find(make_workout["id"]), client_key: "12345678", by: studio.instructors.first)
      run.attendances.create!(studio_id: studio.id, person: person, present: true, level: "beginner", note: "fine", created_at: Time.now.utc)
      run.happened({"id" => SecureRandom.uuid, "kind" => "tapped", "at_ms" => 1, "block" => "b", "level" => "beginner", "amount" => 3}, by: nil, person: person)
      exported = send_json(:get, "/api/people/#{person.id}/export")
      expect(exported).to include("health" => {"note" => "asthma spray in the bag"}, "classes" => [include("note" => "fine")], "counted" => [include("amount" => 3)])
      send_json(:delete, "/api/people/#{person.id}")
      expect([status, Server::Records::Person.count, Server::Records::Attendance.count, Server::Records::RunEvent.count]).to eq([204, 0, 0, 0])
    end
  end

  it "are another studio's business there" do
    other = make_studio("Elsewhere", email: "emeka@example.test")
    theirs = other.people.create!(name: "Leila Trevanion", level: "beginner")
    [[:get, ""], [:delete, ""], [:get, "/export"]].each do |method, rest|
      send_json(method, "/api/people/#{theirs.id}#{rest}")
      expect(status).to eq(404)
    end
    health(theirs.id, {})
    expect(status).to eq(404)
    expect(Server::Records::Person.count).to eq(1)
  end

  describe "and their strength" do
    it "is entered for a whole class, and predicts every variation" do
      tests = [{"person_id" => tamsin["id"], "test" => "push_ups", "variation" => "push_up.floor", "amount" => 10},
        {"person_id" => tamsin["id"], "test" => "steps", "variation" => "high_knees.quick_march", "amount" => 100}]
      sheet = send_json(:post, "/api/benchmarks", {"taken_on" => Date.today.iso8601, "entries" => tests})
      expect(sheet["people"].first["latest"]["push_ups"]).to include("amount" => 10)
      capacity = send_json(:get, "/api/people/#{tamsin["id"]}")["capacity"].to_h { |estimate| [estimate["pattern"], estimate] }
      expect(capacity["push"]).to include("source" => "measured", "strength" => 0.8533, "words" => "measured this week")
      variations = capacity["push"]["ladders"].find { |ladder| ladder["movement"] == "push_up" }["variations"].to_h { |variation| variation.values_at("id", "amount") }
      expect(variations).to include("push_up.knees" => 22.2, "push_up.feet_30" => 6.5)
      expect(capacity["squat"]).to include("source" => "guess", "factor" => 0.8)
    end

    it "is one test a day: typed again it is changed" do
      entry = {"person_id" => tamsin["id"], "test" => "push_ups", "variation" => "push_up.floor", "amount" => 10}
      [entry, entry.merge("amount" => 12, "was" => entry.slice("variation", "amount"))].each { |given| send_json(:post, "/api/benchmarks", {"taken_on" => "2026-11-01", "entries" => [given]}) }
      taken = send_json(:get, "/api/people/#{tamsin["id"]}")["benchmarks"]
      expect(taken.map { |held| held["amount"] }).to eq([12])
      send_json(:delete, "/api/benchmarks/#{taken.first["id"]}")
      expect([status, Server::Records::Benchmark.count]).to eq([204, 0])
    end

    it "is not written over a result of the same day that was not seen" do
      entry = {"person_id" => tamsin["id"], "test" => "push_ups", "variation" => "push_up.floor", "amount" => 10}
      enter = ->(**given) { send_json(:post, "/api/benchmarks", {"taken_on" => "2026-11-01", "entries" => [entry.merge(given.transform_keys(&:to_s))]}) }
      enter.call
      answer = enter.call(amount: 12)
      theirs = entry.slice("person_id", "test", "variation", "amount")
      expect([status, answer["theirs"], field_errors["/entries/0/amount"]]).to match([409, [theirs], /is 10 × Floor push-up now, entered by Ottoline Varga/])
      expect(Server::Records::Benchmark.pluck(:amount)).to eq([10])
      enter.call(amount: 12, was: theirs.slice("variation", "amount"))
      expect([status, Server::Records::Benchmark.pluck(:amount)]).to eq([200, [12]])
    end

    it "is not written over where only its version differs from what was seen" do
      knees = {"variation" => "push_up.knees", "amount" => 10}
      entry = {"person_id" => tamsin["id"], "test" => "push_ups", **knees}
      enter = ->(given) { send_json(:post, "/api/benchmarks", {"taken_on" => "2026-11-01", "entries" => [entry.merge(given)]}) }
      enter.call({})
      enter.call("variation" => "push_up.floor")
      expect([status, field_errors["/entries/0/amount"]]).to match([409, /is 10 × Knee push-up now/])
      enter.call("variation" => "push_up.floor", "amount" => 12, "was" => {"variation" => "push_up.feet_30", "amount" => 10})
      expect([status, Server::Records::Benchmark.pluck(:variation, :amount)]).to eq([409, [["push_up.knees", 10]]])
      enter.call("variation" => "push_up.floor", "was" => knees)
      expect([status, Server::Records::Benchmark.pluck(:variation, :amount)]).to eq([200, [["push_up.floor", 10]]])
    end

    it "is refused row by row where it cannot be, and then nothing is written" do
      health(tamsin["id"], {"screening" => {"answers" => no.merge("heart" => true), "answered_on" => "2026-11-01"}})
      fine = send_json(:post, "/api/people", {"name" => "Bartek Lindqvist", "level" => "advanced"})["id"]
      send_json(:post, "/api/benchmarks", {"taken_on" => Date.today.iso8601, "entries" => [
        {"person_id" => fine, "test" => "push_ups", "variation" => "push_up.floor", "amount" => 20}, {"person_id" => fine, "test" => "push_ups", "variation" => "push_up.floor", "amount" => 999},
        {"person_id" => tamsin["id"], "test" => "rows", "variation" => "row.short", "amount" => 5}, {"person_id" => "nobody", "test" => "rows", "variation" => "row.short", "amount" => 5}
      ]})
      expect(field_errors.keys).to eq(["/entries/1/amount", "/entries/2/person_id", "/entries/3/person_id", "/entries/1/test"])
      expect(Server::Records::Benchmark.count).to eq(0)
    end

    it "follows from results where somebody said how many were left" do
      run = open_run(make_workout(workout_document(intervals([station("p", movement: "push_up", levels: {"advanced" => {"variation" => "push_up.floor", "reps" => 8}})]))))
      send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [
        {"person_id" => tamsin["id"], "present" => true, "level" => "advanced", "exceptions" => [{"block" => "main", "station" => "p", "reps" => 8, "reps_left" => 2}]}
      ]})
      expect(send_json(:get, "/api/people/#{tamsin["id"]}")["capacity"].find { |estimate| estimate["pattern"] == "push" }).to include("source" => "results", "strength" => 0.8533)
    end

    it "has a class of its own to be measured in" do
      expect(send_json(:post, "/api/benchmarks/circuit")).to include("title" => "Benchmark class", "ready" => true)
    end
  end

  describe "as CSV" do
    before { tamsin }

    def import(csv, apply: true)
      send_json(:post, "/api/people/import", {"csv" => csv, "apply" => apply})
    end

    it "go out without anything of their health, and come back the same" do
      health(tamsin["id"], {"limits" => [{"kind" => "knee", "severity" => "avoid"}]})
      get("/api/people/csv")
      expect(last_response.body).to include("Tamsin Okoro").and include("555 0101")
      expect(last_response.body).not_to include("knee")
      expect(import(last_response.body)["rows"].map { |row| row["action"] }).to eq(%w[same])
    end

    it "are noted in the audit trail when they are exported" do
      get("/api/people/csv")
      expect(Server::Records::AuditEvent.where(action: "people_exported").count).to eq(1)
    end

    it "say what would change before anything does" do
      csv = "name,level,birth_year,tags\nTamsin Okoro,advanced,,\nHamish Oduya,beginner,1990,lock crew; early\n"
      answer = import(csv, apply: false)
      expect(answer["rows"].map { |row| row.values_at("action", "changes") }).to eq([["change", %w[level]], ["add", %w[name level birth_year tags]]])
      expect([answer["applied"], Server::Records::Person.count]).to eq([false, 1])
      expect(import(csv)["applied"]).to be(true)
      expect(Server::Records::Person.find_by(name: "Hamish Oduya")).to have_attributes(level: "beginner", tags: ["lock crew", "early"])
    end

    it "change nothing at all where one row is wrong, and say which" do
      answer = import("name,level,birth_year\nNed Wickrama,beginner,1988\n,advanced,\nAurelia Finch,expert,3000\nNed Wickrama,beginner,1988\n")
      errors = answer["rows"].to_h { |row| row.values_at("line", "errors") }
      expect(errors[2]).to eq([])
      expect(errors[3]).to eq(["name is missing"])
      expect(errors[4].size).to eq(2)
      expect(errors[5]).to eq(["stands in the file twice"])
      expect([answer["applied"], Server::Records::Person.count]).to eq([false, 1])
    end

    it "need the id where two have one name" do
      send_json(:post, "/api/people", {"name" => "Tamsin Okoro", "level" => "beginner"})
      expect(import("name\nTamsin Okoro\n")["rows"].first["errors"].first).to include("2 people have this name")
      expect(import("id,name,level\n#{tamsin["id"]},Tamsin Okoro,advanced\n")["applied"]).to be(true)
      expect(import("id,name\nnobody,Tamsin Okoro\n")["rows"].first["errors"]).to eq(["nobody here has this id"])
    end

    it "are refused as a whole where the file is no such thing" do
      expect(import("level\nbeginner\n")["errors"]).to eq(["There is no column “name”."])
      expect(import("name,shoe size\nNed,9\n")["errors"].first).to include("shoe_size")
      expect(import("name\n\"Ned\n")["errors"].first).to include("not CSV")
      expect(import("name\n#{"Ned\n" * 501}")["errors"].first).to include("more than 500 rows")
    end

    it "mark what a spreadsheet would take for a formula" do
      Server::Records::Person.first.update!(name: "=1+1")
      get("/api/people/csv")
      expect(last_response.body).to include("'=1+1")
    end
  end
end
