# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Classes" do
  let!(:studio) { signed_in_studio }
  let(:ups) { station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => 8}] }) }
  let(:workout) { make_workout(workout_document(intervals([ups], rounds: 3, work_s: 40, rest_s: 60, title: "Lock-gate circuit"))) }
  let(:tamsin) { studio.people.create!(name: "Tamsin Okoro", level: "intermediate") }
  let(:pavel) { studio.people.create!(name: "Pavel Mumford", level: "beginner", contact: {"name" => "Ada", "phone" => "555 0199"}) }
  let(:starts_at) { (Time.now.utc + 86_400).change(usec: 0).iso8601 }

  def make_class(**keys)
    send_json(:post, "/api/classes", {"workout_id" => keys[:workout_id] || workout["id"], "starts_at" => starts_at, "people" => [tamsin.id, pavel.id], **keys.transform_keys(&:to_s)})
  end

  # A target of the sheet, as the screen sends it.
  def target(need)
    need.slice("block", "station", "level").merge(need["to"].slice("variation", "number"))
  end

  def fit(id)
    send_json(:get, "/api/classes/#{id}/fit")
  end

  def cell(sheet, name)
    sheet["people"].find { |person| person["name"] == name }["cells"].first
  end

  it "take a snapshot of the circuit, and say when it has gone on without them" do
    id = make_class["id"]
    changed = workout["document"].merge("title" => "Lock-gate Thursday")
    send_json(:put, "/api/workouts/#{workout["id"]}", {"document" => changed, "lock_version" => workout["lock_version"]})
    expect(send_json(:get, "/api/classes/#{id}")).to include("behind" => true, "title" => "Lock-gate Tuesday")
    expect(send_json(:post, "/api/classes/#{id}/bring")).to include("behind" => false, "title" => "Lock-gate Thursday")
  end

  it "offer more to who is ready for it, or give it where the studio or the class says so" do
    tamsin.update!(since: Date.today - 100, health: {"screening" => {"answers" => Sparrow::People::Screening.questions.to_h { |question| [question["id"], false] }, "answered_on" => "2026-01-01"}})
    tamsin.benchmarks.create!(studio_id: studio.id, test: "push_ups", variation: "push_up.floor", amount: 60, taken_on: Date.today)
    made = make_class
    id = made["id"]
    asked = -> { fit(id).then { |sheet| [sheet["going_up"], cell(sheet, "Tamsin Okoro").slice("number", "step_up")] } }
    expect(asked.call).to match(["offered", {"number" => 8, "step_up" => include("variation" => "push_up.floor", "number" => 9)}])
    studio.update!(going_up: "taken")
    expect(asked.call).to match(["taken", {"number" => be > 8}])
    change = ->(to) { send_json(:put, "/api/classes/#{id}", {"lock_version" => send_json(:get, "/api/classes/#{id}")["lock_version"], "starts_at" => starts_at, "going_up" => to}) }
    expect([change.call("offered")["going_up"], asked.call.first, change.call(nil)["going_up"], asked.call.first]).to eq(["offered", "offered", nil, "taken"])
    change.call("always")
    expect([status, field_errors.keys]).to eq([422, ["/going_up"]])
  end

  it "say who stands where with what kit, drawn to the size of the place" do
    place = studio.places.create!(name: "Hall", width_m: 8, depth_m: 5, kit: {"chair" => 4})
    aurelia = studio.people.create!(name: "Aurelia Finch", level: "beginner", health_consent_at: Time.now.utc,
      health: {"screening" => {"answers" => Sparrow::People::Screening.questions.to_h { |question| [question["id"], true] }, "answered_on" => Date.today.iso8601}})
    room = send_json(:get, "/api/classes/#{make_class(place_id: place.id, people: [tamsin.id, pavel.id, aurelia.id])["id"]}/room")
    expect(room).to include("width_m" => 8, "depth_m" => 5, "to_scale" => true, "each_m2" => 20.0, "tight" => false, "stations" => [], "waiting" => ["Aurelia Finch"])
    expect(room["spots"].map { |spot| spot["name"] }).to match_array(["Tamsin Okoro", "Pavel Mumford"])
    get("/api/classes/#{make_class["id"]}/room.pdf")
    expect([status, last_response.headers["content-type"], last_response.body[0, 5]]).to eq([200, "application/pdf", "%PDF-"])
  end

  it "open one cell: every way with what it would leave or why not, and what was done last time" do
    tamsin.benchmarks.create!(studio_id: studio.id, test: "push_ups", variation: "push_up.floor", amount: 12, taken_on: Date.today)
    before = make_class(starts_at: (Time.now.utc - 7 * 86_400).iso8601)
    run = send_json(:post, "/api/classes/#{before["id"]}/run", {"client_key" => SecureRandom.uuid})
    Server::Records::Run.find(run["id"]).update!(started_at: 7.days.ago)
    send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0,
      "attendances" => [{"person_id" => tamsin.id, "present" => true, "exceptions" => [{"block" => "main", "station" => "p", "reps" => 7, "reps_left" => 2}]}]})
    id = make_class["id"]
    opened = send_json(:get, "/api/classes/#{id}/fit/#{tamsin.id}/main/p")
    ways = opened["ways"].to_h { |way| [way["variation"], way] }
    expect(ways["push_up.feet_30"]["why"]).to include("not screened")
    expect(ways["push_up.wall"]).to include("number" => 8, "left" => be > 8, "why" => nil, "own_ladder" => true)
    expect(ways.values.count { |way| !way["own_ladder"] }).to be_between(1, 3)
    expect(opened["last"]).to include("name" => "Floor push-up", "reps" => 7, "left" => 2)
    [["nobody", "main", "p"], [tamsin.id, "main", "gone"], [pavel.id, "gone", "p"]].each do |path|
      send_json(:get, "/api/classes/#{id}/fit/#{path.join("/")}")
      expect(status).to eq(404), path.inspect
    end
  end

  it "repeat weekly, each with its own roster" do
    make_class(also_at: [1, 2].map { |week| (Time.iso8601(starts_at) + week * 604_800).iso8601 })
    classes = send_json(:get, "/api/classes")["classes"]
    expect(classes.map { |held| held["coming"] }).to eq([2, 2, 2])
    expect(classes.map { |held| held["series"] }.uniq.size).to eq(1)
    days = classes.map { |held| Time.iso8601(held["starts_at"]) }
    expect(days.each_cons(2).map { |later, earlier| later - earlier }).to eq([604_800, 604_800])
  end

  it "stand on Today, the next first, those that are over long ago not" do
    make_class(starts_at: (Time.now.utc - 86_400).change(usec: 0).iso8601)
    make_class(starts_at: (Time.now.utc - 3600).change(usec: 0).iso8601)
    make_class
    days = send_json(:get, "/api/today")["classes"].map { |held| Time.iso8601(held["starts_at"]) }
    expect([days.size, days]).to eq([2, days.sort])
  end

  it "are changed under their version, called off and brought back" do
    first = make_class
    id = first["id"]
    expect(send_json(:put, "/api/classes/#{id}", {"lock_version" => first["lock_version"], "starts_at" => starts_at, "slot_minutes" => 45, "note" => "by the weir"})).to include("slot_minutes" => 45)
    theirs = send_json(:put, "/api/classes/#{id}", {"lock_version" => first["lock_version"], "starts_at" => starts_at, "slot_minutes" => 30})
    expect([status, theirs["theirs"]["slot_minutes"]]).to eq([409, 45])
    send_json(:delete, "/api/classes/#{id}")
    expect(send_json(:get, "/api/classes")["classes"]).to eq([])
    expect(send_json(:post, "/api/classes/#{id}/restore")["cancelled"]).to be(false)
  end

  {{starts_at: "soon"} => "/starts_at", {starts_at: "2026-13-40T10:00:00Z"} => "/starts_at", {people: ["nobody"]} => "/people/0", {also_at: ["2026-14-01T10:00:00Z"]} => "/also_at/0", {also_at: ["soon"]} => "/also_at/0", {slot_minutes: 9999} => "/slot_minutes"}.each do |bad, pointer|
    it "are refused with #{bad}, at its field" do
      make_class(**bad)
      expect([status, field_errors.keys]).to eq([422, [pointer]])
      expect(Server::Records::GroupClass.count).to eq(0)
    end
  end

  it "need a circuit that has something in it" do
    draft = make_workout(workout_document)
    send_json(:post, "/api/classes", {"workout_id" => draft["id"], "starts_at" => starts_at})
    expect(field_errors.keys).to eq(["/workout_id"])
  end

  it "check people in as they are today, and newcomers with a name and a level" do
    id = make_class["id"]
    send_json(:put, "/api/classes/#{id}/roster/#{tamsin.id}", {"present" => true, "tired" => true, "sore" => %w[wrist]})
    send_json(:put, "/api/classes/#{id}/roster/#{pavel.id}", {"present" => false})
    after = send_json(:post, "/api/classes/#{id}/newcomers", {"name" => "Yuki Stannard", "level" => "beginner"})
    expect(after["roster"].map { |line| line.values_at("name", "present", "tired", "new") }).to eq([["Pavel Mumford", false, false, false], ["Tamsin Okoro", true, true, false], ["Yuki Stannard", true, false, true]])
    expect(ActiveRecord::Base.connection.select_value("SELECT sore FROM roster_entries WHERE tired")).not_to include("wrist")
    names = fit(id)["people"].map { |person| person["name"] }
    expect(names).to eq(["Tamsin Okoro", "Yuki Stannard"])
    expect(send_json(:put, "/api/classes/#{id}/roster/#{pavel.id}", {"expected" => true})["roster"].first["present"]).to be_nil
    send_json(:put, "/api/classes/#{id}/roster", {"remove" => [pavel.id]})
    expect(Server::Records::RosterEntry.count).to eq(2)
  end

  it "hold no more than sixty, and nobody twice" do
    id = make_class["id"]
    many = Array.new(59) { |index| studio.people.create!(name: "Person #{index}", level: "beginner").id }
    send_json(:put, "/api/classes/#{id}/roster", {"add" => many})
    expect(field_errors.keys).to eq(["/add"])
    expect(send_json(:put, "/api/classes/#{id}/roster", {"add" => [tamsin.id]})["roster"].size).to eq(2)
  end

  describe "and their fit sheet" do
    it "gives each their own, with the reason" do
      tamsin.benchmarks.create!(studio_id: studio.id, test: "push_ups", variation: "push_up.floor", amount: 40, taken_on: Date.today)
      sheet = fit(make_class["id"])
      expect(cell(sheet, "Tamsin Okoro")).to include("variation" => "push_up.floor", "number" => 8, "kind" => "fits", "reason" => include("measured"))
      expect(cell(sheet, "Pavel Mumford")["reason"]).to include("a guess from the beginner level")
      expect(sheet["needs"].map { |need| need["level"] }).to match_array(%w[beginner intermediate])
    end

    it "is empty where nobody comes, and there where nobody has answered anything" do
      expect(fit(make_class(people: [])["id"])).to include("people" => [], "needs" => [])
    end

    it "keeps a choice with who and why, offers it next time, and takes it back" do
      id = make_class["id"]
      path = "/api/classes/#{id}/fit/#{tamsin.id}/main/p"
      row = send_json(:put, path, {"variation" => "push_up.knees", "number" => 6, "why" => "elbow was grumpy", "version" => 0})
      expect(row["person"]["cells"]).to eq(fit(id)["people"].find { |person| person["name"] == "Tamsin Okoro" }["cells"])
      expect(row["person"]["cells"].first).to include("kind" => "locked", "number" => 6, "reason" => match(/\ASet by Ottoline Varga; .*“elbow was grumpy”\.\z/))
      expect(ActiveRecord::Base.connection.select_value("SELECT why FROM choices")).not_to include("elbow")
      later = make_class(starts_at: (Time.now.utc + 8 * 86_400).change(usec: 0).iso8601)["id"]
      expect(cell(fit(later), "Tamsin Okoro")).to include("kind" => "remembered", "variation" => "push_up.knees", "number" => 6)
      expect(send_json(:delete, "#{path}?version=1")["person"]["cells"].first["kind"]).not_to eq("locked")
    end

    it "takes no choice that goes against a limit, or names no variation" do
      tamsin.update!(health: {"limits" => [{"kind" => "wrist", "severity" => "avoid"}]}, health_consent_at: Time.now.utc)
      id = make_class["id"]
      send_json(:put, "/api/classes/#{id}/fit/#{tamsin.id}/main/p", {"variation" => "push_up.floor", "version" => 0})
      expect(field_errors["/variation"]).to include("goes against a limit (wrist)")
      send_json(:put, "/api/classes/#{id}/fit/#{tamsin.id}/main/p", {"variation" => "nonsense", "version" => 0})
      expect(field_errors.keys).to eq(["/variation"])
      send_json(:put, "/api/classes/#{id}/fit/#{tamsin.id}/main/nowhere", {"variation" => "push_up.floor", "version" => 0})
      expect(status).to eq(404)
      send_json(:put, "/api/classes/#{id}/fit/#{tamsin.id}/main/p", {"variation" => "push_up.knees", "number" => 999, "version" => 0})
      expect(field_errors.keys).to eq(["/number"])
    end

    it "moves the class's own targets to the people, and leaves the circuit as it is" do
      id = make_class["id"]
      need = fit(id)["needs"].find { |held| held["level"] == "beginner" && held["changes"] }
      after = send_json(:post, "/api/classes/#{id}/needs", {"take" => [target(need)], "lock_version" => 1})
      expect(after["needs"].find { |held| held["key"] == need["key"] }["from"]["variation"]).to eq(need["to"]["variation"])
      expect(send_json(:get, "/api/workouts/#{workout["id"]}")["document"]).to eq(workout["document"])
    end

    it "writes the target that was shown, whatever the fit says by now" do
      id = make_class["id"]
      need = fit(id)["needs"].find { |held| held["level"] == "beginner" && held["changes"] }
      after = send_json(:post, "/api/classes/#{id}/needs", {"take" => [target(need).merge("variation" => "push_up.hands_60", "number" => 7)], "lock_version" => 1})
      expect(after["needs"].find { |held| held["key"] == need["key"] }["from"]).to include("variation" => "push_up.hands_60", "number" => 7)
    end

    it "answers with 409 and the newer sheet where somebody else changed the class, and takes nothing" do
      id = make_class["id"]
      need = fit(id)["needs"].find { |held| held["level"] == "beginner" && held["changes"] }
      send_json(:post, "/api/classes/#{id}/needs", {"take" => [target(need).merge("number" => 6)], "lock_version" => 1})
      answer = send_json(:post, "/api/classes/#{id}/needs", {"take" => [target(need)], "lock_version" => 1})
      expect(status).to eq(409)
      theirs = answer["theirs"]["needs"].find { |held| held["key"] == need["key"] }
      expect(theirs["from"]["number"]).to eq(6)
      send_json(:post, "/api/classes/#{id}/needs", {"take" => [target(need)], "lock_version" => answer["theirs"]["lock_version"]})
      expect(status).to eq(200)
    end

    it "names the target that cannot be had any more" do
      id = make_class["id"]
      need = fit(id)["needs"].find { |held| held["changes"] }
      send_json(:post, "/api/classes/#{id}/needs", {"take" => [target(need), target(need).merge("station" => "gone"), target(need).merge("variation" => "squat.parallel")], "lock_version" => 1})
      expect(field_errors).to match("/take/1" => /not in the circuit/, "/take/2" => /does not have/)
    end

    it "counts the kit of the class, else of the place" do
      place = send_json(:post, "/api/places", {"name" => "Boathouse", "kit" => {"mat" => 1}})
      id = make_class(place_id: place["id"])["id"]
      studio.people.each { |person| person.benchmarks.create!(studio_id: studio.id, test: "push_ups", variation: "push_up.floor", amount: 40, taken_on: Date.today) }
      sheet = fit(id)
      expect(sheet["moved"]).to eq(1)
      expect(sheet["people"].map { |person| person["cells"].first["kind"] }).to include("kit")
      version = send_json(:get, "/api/classes/#{id}")["lock_version"]
      send_json(:put, "/api/classes/#{id}", {"lock_version" => version, "starts_at" => starts_at, "place_id" => place["id"], "kit" => {"mat" => 9}})
      expect(fit(id)["moved"]).to eq(0)
    end
  end

  it "run with their own people on the log, in the level they checked in with" do
    id = make_class["id"]
    studio.people.create!(name: "Not Coming", level: "beginner")
    send_json(:put, "/api/classes/#{id}/roster/#{pavel.id}", {"level" => "intermediate"})
    run = send_json(:post, "/api/classes/#{id}/run", {"client_key" => "12345678"})
    expect(run["group_class_id"]).to eq(id)
    expect(send_json(:get, "/api/runs/#{run["id"]}/log")["people"].map { |person| person.values_at("name", "level") }).to eq([["Pavel Mumford", "intermediate"], ["Tamsin Okoro", "intermediate"]])
    expect(send_json(:get, "/api/classes/#{id}")["run_id"]).to eq(run["id"])
  end

  it "say in an emergency where help is and whom to call" do
    place = send_json(:post, "/api/places", {"name" => "Boathouse", "address" => "Weir Lane 1", "defibrillator" => "lock cottage wall"})
    id = make_class(place_id: place["id"])["id"]
    answer = send_json(:get, "/api/classes/#{id}/emergency")
    expect(answer["place"]).to include("defibrillator" => "lock cottage wall")
    expect(answer["people"]).to include("name" => "Pavel Mumford", "contact" => {"name" => "Ada", "phone" => "555 0199"})
  end

  describe "and cards" do
    let(:id) { make_class["id"] }

    def token_of(name)
      send_json(:get, "/api/classes/#{id}/cards")["cards"].find { |card| card["name"] == name }["url"].split("/card/").last
    end

    it "open without an account, show their own stations and nothing private" do
      tamsin.update!(health: {"limits" => [{"kind" => "knee", "severity" => "avoid"}]}, health_consent_at: Time.now.utc)
      token = token_of("Tamsin Okoro")
      clear_cookies
      card = send_json(:get, "/api/cards/#{token}")
      expect([status, card["name"], card["stations"].size]).to eq([200, "Tamsin", 1])
      expect(last_response.body).not_to match(/Okoro|Pavel|spares|guess/)
    end

    it "send who is to be talked to first to their instructor, once a station and not round after round" do
      yes = Sparrow::People::Screening.questions.to_h { |question| [question["id"], true] }
      tamsin.update!(health: {"screening" => {"answers" => yes, "answered_on" => "2026-11-01"}}, health_consent_at: Time.now.utc)
      Server::Records::GroupClass.find(id).then { |held| held.update!(document: Sparrow::Pointer.put(held.document, [["/blocks/0/rounds", 3]])) }
      expect(send_json(:get, "/api/cards/#{token_of("Tamsin Okoro")}")["stations"].map { |station| station.values_at("target", "rounds") }).to eq([["See your instructor", 1]])
    end

    it "do not open when forged, expired, replaced, or when the person is off the roster" do
      token = token_of("Tamsin Okoro")
      clear_cookies
      send_json(:get, "/api/cards/#{token.sub(/.\z/) { |last| (last == "a") ? "b" : "a" }}")
      expect([status, last_response.content_type]).to eq([410, "application/problem+json"])
      sign_in
      send_json(:delete, "/api/classes/#{id}/cards")
      send_json(:get, "/api/cards/#{token}")
      expect(status).to eq(410)
      fresh = token_of("Tamsin Okoro")
      Server::Records::GroupClass.find(id).roster.find_by(person_id: tamsin.id).destroy!
      send_json(:get, "/api/cards/#{fresh}")
      expect(status).to eq(410)
      old = Server::Records::GroupClass.find(id)
      old.update!(starts_at: Time.now.utc - 10 * 86_400)
      send_json(:get, "/api/cards/#{Server::Cards::ClassCards.token(old, pavel.id)}")
      expect(status).to eq(410)
    end

    it "come with a code to be scanned" do
      svg = send_json(:get, "/api/classes/#{id}/cards/#{tamsin.id}/code")["svg"]
      expect(svg).to include("<svg").and include("<path")
      stranger = studio.people.create!(name: "Not Coming", level: "beginner")
      send_json(:get, "/api/classes/#{id}/cards/#{stranger.id}/code")
      expect(status).to eq(404)
    end
  end

  it "print sixty people at ten stations on one page" do
    stations = Array.new(10) { |index| station("s#{index}", movement: %w[squat push_up lunge_back row plank][index % 5]) }
    big = make_workout(workout_document(intervals(stations, rounds: 3, work_s: 40, rest_s: 20)))
    everybody = Array.new(60) { |index| studio.people.create!(name: "Person Numbered #{index}", level: "beginner").id }
    id = make_class(workout_id: big["id"], people: everybody)["id"]
    get("/api/classes/#{id}/sheet.pdf")
    expect(last_response.body.scan(%r{/Type /Page\b}).size).to eq(1)
    get("/api/classes/#{id}/cards.pdf")
    expect(last_response.body.scan(%r{/Type /Page\b}).size).to eq(15)
    get("/api/classes/#{id}/wall-cards.pdf")
    expect([last_response.body.scan(%r{/Type /Page\b}).size, last_response.body.include?("Person")]).to eq([10, false])
  end

  it "print a sheet for the instructor and cards for the people" do
    id = make_class["id"]
    %w[sheet cards].each do |name|
      get("/api/classes/#{id}/#{name}.pdf?offset=60")
      expect([last_response.status, last_response.content_type, last_response.body[0, 5]]).to eq([200, "application/pdf", "%PDF-"])
      expect(last_response.body.scan(%r{/Type /Page\b}).size).to eq(1)
    end
  end

  it "are another studio's business there" do
    id = make_class["id"]
    make_studio("Elsewhere", email: "emeka@example.test")
    sign_in(email: "emeka@example.test")
    [[:get, ""], [:get, "/fit"], [:get, "/cards"], [:get, "/emergency"], [:delete, ""], [:get, "/sheet.pdf"], [:post, "/bring"], [:delete, "/cards"]].each do |method, rest|
      send_json(method, "/api/classes/#{id}#{rest}")
      expect(status).to eq(404), rest
    end
    send_json(:put, "/api/classes/#{id}/fit/#{tamsin.id}/main/p", {"number" => 3})
    expect(status).to eq(404)
    send_json(:put, "/api/classes/#{id}/roster/#{tamsin.id}", {"present" => true})
    expect(status).to eq(404)
  end

  it "take nobody else's people, places or leaders" do
    other = make_studio("Elsewhere", email: "emeka@example.test")
    theirs = other.people.create!(name: "Leila Trevanion", level: "beginner")
    make_class(people: [theirs.id])
    expect(field_errors.keys).to eq(["/people/0"])
    make_class(place_id: other.places.create!(name: "Barn").id)
    expect(status).to eq(404)
    make_class(leader_id: other.instructors.first.id)
    expect(status).to eq(404)
  end
end
