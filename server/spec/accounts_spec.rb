# frozen_string_literal: true

require "mail"
require "rotp"
require "zip"
require_relative "server_helper"

RSpec.describe "Accounts" do
  password = "a boat under the weir"
  other_password = "four geese on a lock gate"

  def mails
    send_json(:get, "/api/mailbox")["mails"]
  end

  def link_in(mail)
    mail["body"][%r{http://\S+/(?:join|new-password)/(\S+)}, 1]
  end

  def as(email, password: "weir-and-lock-gate")
    clear_cookies
    sign_in(email: email, password: password)
  end

  describe "setting up" do
    let(:code) { Server::Records::Installation.current.new_setup_code }
    let(:form) do
      {"code" => code, "studio" => "Weir House", "time_zone" => "Europe/London", "date_locale" => "en-GB", "name" => "Ottoline Varga", "email" => "ottoline@example.test", "password" => password}
    end

    it "makes a studio and its owner, and signs them in" do
      expect(send_json(:get, "/api/setup")).to include("needed" => true, "demo" => false)
      answer = send_json(:post, "/api/setup", form)
      expect([status, answer["instructor"]["role"], answer["studio"]["name"]]).to eq([201, "owner", "Weir House"])
      expect(send_json(:get, "/api/session")["studio"]).to include("time_zone" => "Europe/London", "demo" => false)
      expect(send_json(:get, "/api/setup")["needed"]).to be(false)
    end

    it "begins the week as calendars do where dates are written so" do
      send_json(:post, "/api/setup", form.merge("date_locale" => "en-US"))
      expect(send_json(:get, "/api/studio")["week_start"]).to eq("sunday")
    end

    it "takes the code as it may be typed, and only once" do
      send_json(:post, "/api/setup", form.merge("code" => code.downcase.delete("-")))
      expect(status).to eq(201)
      send_json(:post, "/api/setup", form.merge("email" => "else@example.test"))
      expect([status, Server::Records::Studio.count]).to eq([409, 1])
    end

    it "lets one of two at the same moment through" do
      bodies = %w[one two].map { |name| form.merge("email" => "#{name}@example.test") }
      statuses = bodies.map { |body| Thread.new { Rack::MockRequest.new(Api::APP).post("/api/setup", "HTTP_HOST" => "example.org", "CONTENT_TYPE" => "application/json", :input => JSON.generate(body)).status } }.map(&:value)
      expect([statuses.sort, Server::Records::Studio.count]).to eq([[201, 409], 1])
    end

    it "refuses a wrong code, and a stranger who tries many" do
      code
      answers = Array.new(7) do
        send_json(:post, "/api/setup", form.merge("code" => "AAAA-AAAA-AAAA"))
        status
      end
      expect(answers).to eq([422] * 5 + [429] * 2)
      expect(Server::Records::Studio.count).to eq(0)
    end

    it "names each field that cannot be taken, and makes nothing" do
      {"studio" => "", "time_zone" => "Moon/Base", "date_locale" => "xx", "name" => "\u200b\u200b", "email" => "nobody", "password" => "short"}.each do |field, bad|
        send_json(:post, "/api/setup", form.merge(field => bad))
        expect([status, field_errors.keys]).to eq([422, ["/#{field}"]]), field
      end
      expect(Server::Records::Studio.count).to eq(0)
    end

    it "shows the demo first, and throws it away again" do
      demo = send_json(:post, "/api/setup/demo", {"code" => code})
      expect(status).to eq(201)
      as(demo["email"], password: demo["password"])
      expect(send_json(:get, "/api/session")["studio"]["demo"]).to be(true)
      expect(send_json(:get, "/api/setup")).to include("needed" => true, "demo" => true)
      custom_request("DELETE", "/api/studio", {}, "CONTENT_TYPE" => "application/json", :input => JSON.generate("name" => Demo::Scenario::STUDIO, "password" => demo["password"]))
      expect([status, Server::Records::Studio.count, Server::Records::Person.count]).to eq([204, 0, 0])
      send_json(:post, "/api/setup", form)
      expect(status).to eq(201)
    end
  end

  describe "the team" do
    let!(:studio) { signed_in_studio }

    def invite(role: "instructor", email: "emeka@example.test")
      send_json(:post, "/api/team/invitations", {"name" => "Emeka Thorsby", "email" => email, "role" => role})
    end

    def join(token, password: "a boat under the weir", name: "Emeka Thorsby")
      send_json(:post, "/api/invitations/#{token}", {"name" => name, "password" => password})
    end

    it "is joined by a link that works once" do
      url = invite["url"]
      expect(mails.first).to include("to" => "emeka@example.test", "body" => include(url))
      token = link_in(mails.first)
      clear_cookies
      expect(send_json(:get, "/api/invitations/#{token}")).to include("studio" => "Weir House", "role" => "instructor")
      expect(join(token)["instructor"]).to include("name" => "Emeka Thorsby", "role" => "instructor")
      clear_cookies
      expect([join(token), status].last).to eq(410)
    end

    it "is not joined by a link that is forged, withdrawn, replaced, expired or meant for something else" do
      invite
      first = link_in(mails.first)
      invite
      second = link_in(mails.first)
      link = studio.instructors.first.password_links.create!(expires_at: 1.hour.from_now)
      expect([first, "x", "#{second}x", Server::Http::SignedLinks.token(link, "password")].map { |token| join(token) && status }).to eq([410] * 4)
      Server::Records::Invitation.order(:created_at).last.update!(expires_at: 1.minute.ago)
      join(second)
      expect(status).to eq(410)
      invite
      third = link_in(mails.first)
      send_json(:delete, "/api/team/invitations/#{Server::Records::Invitation.order(:created_at).last.id}")
      expect([join(third), status].last).to eq(410)
      expect(studio.instructors.count).to eq(1)
    end

    it "refuses an address that is used, and passwords that anybody would try" do
      invite(email: "OTTOLINE@example.test")
      expect(field_errors.keys).to eq(["/email"])
      invite
      token = link_in(mails.first)
      ["short", "password1234", "passwordpassword", "aaaaaaaaaaaaaa", "Emeka Thorsby", "123456789012", "qwertyuiop12", "emekathorsby1", "x" * 80].each do |bad|
        join(token, password: bad)
        expect([status, field_errors.keys]).to eq([422, ["/password"]]), bad
      end
      expect([join(token)["instructor"]["role"], status]).to eq(["instructor", 201])
    end

    it "loses a colleague at once, with every session, and gets them back" do
      emeka = studio.instructors.create!(name: "Emeka Thorsby", email: "emeka@example.test", password: password)
      theirs = Rack::Test::Session.new(Api::APP)
      theirs.post("/api/session", JSON.generate("email" => emeka.email, "password" => password), "CONTENT_TYPE" => "application/json")
      expect(theirs.get("/api/workouts").status).to eq(200)
      expect(send_json(:put, "/api/team/#{emeka.id}", {"disabled" => true})["members"].find { |member| member["id"] == emeka.id }["disabled"]).to be(true)
      expect(theirs.get("/api/workouts").status).to eq(401)
      expect(theirs.post("/api/session", JSON.generate("email" => emeka.email, "password" => password), "CONTENT_TYPE" => "application/json").status).to eq(401)
      send_json(:put, "/api/team/#{emeka.id}", {"disabled" => false})
      expect(theirs.post("/api/session", JSON.generate("email" => emeka.email, "password" => password), "CONTENT_TYPE" => "application/json").status).to eq(201)
    end

    it "is never left without an owner" do
      owner = studio.instructors.first
      send_json(:put, "/api/team/#{owner.id}", {"role" => "instructor"})
      expect(field_errors.keys).to eq(["/role"])
      send_json(:put, "/api/team/#{owner.id}", {"disabled" => true})
      expect(field_errors.keys).to eq(["/disabled"])
      other = studio.instructors.create!(name: "Emeka Thorsby", email: "emeka@example.test", password: password)
      send_json(:put, "/api/team/#{other.id}", {"role" => "owner"})
      send_json(:put, "/api/team/#{owner.id}", {"role" => "instructor"})
      expect([status, owner.reload.role]).to eq([200, "instructor"])
    end

    it "keeps one of two owners who would each take the other's role away at the same moment" do
      other = studio.instructors.create!(name: "Emeka Thorsby", email: "emeka@example.test", password: password, role: "owner")
      cookies = [["ottoline@example.test", "weir-and-lock-gate"], [other.email, password]].map do |email, secret|
        session = Rack::Test::Session.new(Api::APP)
        session.post("/api/session", JSON.generate("email" => email, "password" => secret), "CONTENT_TYPE" => "application/json")
        session
      end
      owner = studio.instructors.where(role: "owner").where.not(id: other.id).first
      cookies.zip([owner, other]).map { |session, own| Thread.new { session.put("/api/team/#{own.id}", JSON.generate("role" => "helper"), "CONTENT_TYPE" => "application/json") } }.each(&:join)
      expect(studio.instructors.where(role: "owner").count).to eq(1)
    end
  end

  describe "passwords" do
    let!(:studio) { signed_in_studio }

    it "are changed with the one before, and end every other session" do
      elsewhere = Rack::Test::Session.new(Api::APP)
      elsewhere.post("/api/session", JSON.generate("email" => "ottoline@example.test", "password" => "weir-and-lock-gate"), "CONTENT_TYPE" => "application/json")
      send_json(:put, "/api/account/password", {"current" => "wrong", "password" => password})
      expect(field_errors.keys).to eq(["/current"])
      send_json(:put, "/api/account/password", {"current" => "weir-and-lock-gate", "password" => password})
      expect([status, elsewhere.get("/api/workouts").status, send_json(:get, "/api/account")["sign_ins"].size]).to eq([200, 401, 1])
      as("ottoline@example.test", password: password)
      expect(status).to eq(201)
    end

    it "are set anew by a link that is sent, the same answer whether or not anybody has the address" do
      clear_cookies
      one = send_json(:post, "/api/password-links", {"email" => "ottoline@example.test"})
      other = send_json(:post, "/api/password-links", {"email" => "nobody@example.test"})
      expect([one, mails.size]).to eq([other, 1])
      token = link_in(mails.first)
      expect(send_json(:get, "/api/password-links/#{token}")).to eq("name" => "Ottoline Varga")
      send_json(:put, "/api/password-links/#{token}", {"password" => other_password})
      expect(status).to eq(204)
      send_json(:put, "/api/password-links/#{token}", {"password" => password})
      expect(status).to eq(410)
      as("ottoline@example.test", password: other_password)
      expect(status).to eq(201)
    end

    it "are sent three links an hour at most, none of which opens after a change" do
      5.times { send_json(:post, "/api/password-links", {"email" => "ottoline@example.test"}) }
      expect(mails.size).to eq(3)
      tokens = mails.map { |mail| link_in(mail) }
      send_json(:put, "/api/account/password", {"current" => "weir-and-lock-gate", "password" => password})
      expect(tokens.map { |token| send_json(:get, "/api/password-links/#{token}") && status }).to eq([410] * 3)
    end

    it "may be any twelve characters that nobody tries first" do
      ["correct weir sluice", "Ölands kalkstensbrott", "x7$kQ9!mZp2&", "geese-on-a-gate-42"].each { |fine| expect(Server::Passwords.complaint(fine)).to be_nil, fine }
      expect(Server::Passwords::USUAL.size).to eq(1000)
    end
  end

  describe "a second step" do
    let!(:studio) { signed_in_studio }

    def begin_factor
      secret = send_json(:post, "/api/account/second-factor", {"password" => "weir-and-lock-gate"})["secret"]
      ROTP::TOTP.new(secret)
    end

    it "is asked for once it was confirmed, each code works once, and recovery codes too" do
      totp = begin_factor
      send_json(:put, "/api/account/second-factor", {"code" => "000000"})
      expect(field_errors.keys).to eq(["/code"])
      codes = send_json(:put, "/api/account/second-factor", {"code" => totp.at(Time.now - 30)})["recovery_codes"]
      expect(codes.size).to eq(8)
      expect([as("ottoline@example.test"), status]).to eq([{"second_factor" => true}, 202])
      expect(get("/api/workouts").status).to eq(401)
      send_json(:post, "/api/session/second-factor", {"code" => totp.at(Time.now - 30)})
      expect(field_errors.keys).to eq(["/code"])
      send_json(:post, "/api/session/second-factor", {"code" => totp.now})
      expect([status, get("/api/workouts").status]).to eq([201, 200])
      as("ottoline@example.test")
      send_json(:post, "/api/session/second-factor", {"code" => codes.first.upcase})
      expect(status).to eq(201)
      as("ottoline@example.test")
      send_json(:post, "/api/session/second-factor", {"code" => codes.first})
      expect(field_errors.keys).to eq(["/code"])
      expect(Server::Records::RecoveryCode.where(used_at: nil).count).to eq(7)
    end

    it "needs the password first, and slows down guessing" do
      totp = begin_factor
      send_json(:put, "/api/account/second-factor", {"code" => totp.now})
      clear_cookies
      send_json(:post, "/api/session/second-factor", {"code" => totp.now})
      expect(status).to eq(401)
      as("ottoline@example.test")
      answers = Array.new(7) { |index| send_json(:post, "/api/session/second-factor", {"code" => format("%06d", index)}) && status }
      expect(answers).to eq([422] * 5 + [429] * 2)
    end

    it "is switched off with the password, and its secret stands nowhere readable" do
      totp = begin_factor
      expect(ActiveRecord::Base.connection.select_value("SELECT totp_secret FROM instructors")).not_to include(totp.secret)
      send_json(:put, "/api/account/second-factor", {"code" => totp.now})
      send_json(:post, "/api/account/second-factor", {"password" => "weir-and-lock-gate"})
      expect(status).to eq(409)
      expect(send_json(:post, "/api/account/second-factor/off", {"password" => "weir-and-lock-gate"})).to include("second_factor" => false, "recovery_codes_left" => 0)
      as("ottoline@example.test")
      expect(status).to eq(201)
    end
  end

  describe "devices" do
    let!(:studio) { signed_in_studio }

    def device(agent)
      Rack::Test::Session.new(Api::APP).tap do |session|
        session.post("/api/session", JSON.generate("email" => "ottoline@example.test", "password" => "weir-and-lock-gate"), "CONTENT_TYPE" => "application/json", "HTTP_USER_AGENT" => agent)
      end
    end

    it "are listed by browser and system, and signed out one by one, or all" do
      phone = device("Mozilla/5.0 (iPhone; CPU iPhone OS 18) AppleWebKit Safari/604")
      tablet = device("Mozilla/5.0 (Linux; Android 15) Chrome/156")
      lines = send_json(:get, "/api/account")["sign_ins"]
      expect(lines.map { |line| line["device"] }).to contain_exactly("Safari on iPhone", "Chrome on Android", "A browser")
      send_json(:delete, "/api/account/sign-ins/#{lines.find { |line| line["device"].include?("iPhone") }["id"]}")
      expect([phone, tablet].map { |session| session.get("/api/today").status }).to eq([401, 200])
      send_json(:delete, "/api/account/sign-ins")
      expect([tablet.get("/api/today").status, get("/api/today").status]).to eq([401, 200])
      send_json(:delete, "/api/account/sign-ins?all=true")
      expect(get("/api/today").status).to eq(401)
    end
  end

  describe "what was done" do
    let!(:studio) { signed_in_studio }

    def actions
      send_json(:get, "/api/studio/audit")["events"].map { |event| event["action"] }
    end

    it "is noted: who read or changed health data, exports, roles, sign-ins, deletions" do
      person = send_json(:post, "/api/people", {"name" => "Dov Abernethy", "level" => "beginner"})
      send_json(:put, "/api/people/#{person["id"]}/health", {"consent" => true, "health" => {"note" => "private"}, "version" => 1})
      2.times { send_json(:get, "/api/people/#{person["id"]}") }
      send_json(:get, "/api/people/#{person["id"]}/export")
      emeka = studio.instructors.create!(name: "Emeka Thorsby", email: "emeka@example.test", password: password)
      send_json(:put, "/api/team/#{emeka.id}", {"role" => "helper"})
      get("/api/studio/export")
      send_json(:delete, "/api/people/#{person["id"]}")
      expect(actions).to eq(%w[person_erased studio_exported role_changed person_exported health_read health_changed signed_in])
      lines = send_json(:get, "/api/studio/audit")["events"]
      expect(lines.find { |event| event["action"] == "role_changed" }).to include("about" => "Emeka Thorsby", "detail" => "from: instructor, to: helper", "actor" => "Ottoline Varga")
      expect(ActiveRecord::Base.connection.select_rows("SELECT * FROM audit_events").flatten.join(" ")).not_to match(/Dov|private/)
    end

    it "is noted by whichever answer somebody reads health data" do
      dov = studio.people.create!(name: "Dov Abernethy", level: "beginner", health: {"note" => "asthma"}, health_consent_at: Time.now.utc)
      send_json(:put, "/api/people/#{dov.id}", {"name" => "Dov Abernethy", "level" => "advanced", "version" => 1})
      run = open_run
      log = ->(pain) { {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [{"person_id" => dov.id, "present" => true, "pain" => pain}.compact]} }
      send_json(:put, "/api/runs/#{run["id"]}/log", log.call(nil))
      send_json(:get, "/api/runs/#{run["id"]}/log")
      expect(actions).to eq(%w[log_written health_read signed_in])
      send_json(:put, "/api/runs/#{run["id"]}/log", log.call("knee").merge("log_version" => 1))
      noted = lambda do |path|
        Server::Records::AuditEvent.connection.execute("ALTER TABLE audit_events DISABLE TRIGGER ALL")
        Server::Records::AuditEvent.where(action: "log_read").delete_all
        Server::Records::AuditEvent.connection.execute("ALTER TABLE audit_events ENABLE TRIGGER ALL")
        send_json(:get, "/api/runs/#{run["id"]}/#{path}")
        Server::Records::AuditEvent.where(action: "log_read").map { |event| [event.subject_id, event.actor] }
      end
      expect(%w[log results log/revisions/2 log/revisions/1].map(&noted)).to eq([[[run["id"], "Ottoline Varga"]]] * 3 + [[]])
    end

    it "is noted for a class: the roster with soreness, the fit sheet and its rows, and what is printed" do
      workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(intervals(2))), by: nil)
      dov = studio.people.create!(name: "Dov Abernethy", level: "beginner")
      held = send_json(:post, "/api/classes", {"workout_id" => workout.id, "starts_at" => (Time.now.utc + 3600).iso8601, "people" => [dov.id]})
      send_json(:get, "/api/classes/#{held["id"]}")
      expect(actions).to eq(%w[signed_in])
      send_json(:put, "/api/classes/#{held["id"]}/roster/#{dov.id}", {"sore" => ["knee"]})
      2.times { get("/api/classes/#{held["id"]}/sheet.pdf") }
      send_json(:get, "/api/classes/#{held["id"]}/fit")
      expect(actions).to eq(%w[fit_read fit_printed fit_printed roster_read signed_in])
      expect(send_json(:get, "/api/studio/audit")["events"].first["about"]).to eq(held["title"])
    end

    it "cannot be changed or deleted, until its time is over" do
      event = Server::Records::AuditEvent.first
      expect { event.update!(actor: "Somebody else") }.to raise_error(ActiveRecord::StatementInvalid, /never changed/)
      expect { Server::Records::AuditEvent.delete_all }.to raise_error(ActiveRecord::StatementInvalid, /never changed/)
      studio.audit_events.insert_all!([{actor: "Old", action: "signed_in", at: 800.days.ago, studio_id: studio.id}])
      expect(actions.size).to eq(1)
    end

    it "comes in pages" do
      rows = Array.new(230) { |index| {actor: "Somebody", action: "signed_in", at: Time.now.utc - index - 5, studio_id: studio.id} }
      Server::Records::AuditEvent.insert_all!(rows)
      first = send_json(:get, "/api/studio/audit")
      second = send_json(:get, "/api/studio/audit?before=#{first["events"].last["at"]}")
      third = send_json(:get, "/api/studio/audit?before=#{second["events"].last["at"]}")
      expect([first, second, third].map { |page| [page["events"].size, page["more"]] }).to eq([[100, true], [100, true], [31, false]])
      expect([first, second, third].flat_map { |page| page["events"].map { |event| event["id"] } }.uniq.size).to eq(231)
    end
  end

  describe "the studio" do
    let!(:studio) { signed_in_studio }

    it "is exported whole, in JSON and CSV, without what opens doors" do
      person = studio.people.create!(name: "Dov Abernethy", level: "beginner", health: {"note" => "asthma"}, health_consent_at: Time.now.utc)
      run = open_run
      send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [{"person_id" => person.id, "present" => true}]})
      make_studio("Elsewhere", email: "else@example.test").people.create!(name: "Not Ours", level: "beginner")
      files = {}
      Zip::InputStream.open(StringIO.new(get("/api/studio/export").body)) { |zip| while (entry = zip.get_next_entry) do files[entry.name] = zip.read.force_encoding("UTF-8") end }
      expect(files.keys).to include("studio.json", "people.csv", "logbook.csv", "data/people.json", "data/attendances.json", "data/log_revisions.json")
      expect(JSON.parse(files["data/people.json"]).first["health"]).to eq("note" => "asthma")
      expect(files["logbook.csv"].lines.size).to eq(3)
      expect(files.values.join).not_to match(/password_digest|totp_secret|token_digest|Not Ours/)
    end

    it "is deleted for good with its name and the password, and takes nothing of another's along" do
      other = make_studio("Elsewhere", email: "else@example.test")
      other.people.create!(name: "Not Ours", level: "beginner")
      Demo::Scenario.load
      demo = Server::Records::Studio.find_by!(name: Demo::Scenario::STUDIO)
      as(Demo::Scenario::INSTRUCTORS.values.first, password: Demo::Scenario::PASSWORD)
      remove = ->(name, secret) { custom_request("DELETE", "/api/studio", {}, "CONTENT_TYPE" => "application/json", :input => JSON.generate("name" => name, "password" => secret)).status }
      expect([remove.call("Another", Demo::Scenario::PASSWORD), remove.call(demo.name, "wrong-password")]).to eq([422, 422])
      expect(remove.call(demo.name, Demo::Scenario::PASSWORD)).to eq(204)
      tables = ActiveRecord::Base.connection.tables.select { |table| ActiveRecord::Base.connection.column_exists?(table, :studio_id) }
      left = tables.to_h { |table| [table, ActiveRecord::Base.connection.select_value("SELECT count(*) FROM #{table} WHERE studio_id = '#{demo.id}'")] }
      expect(left.reject { |_, count| count.zero? }).to eq({})
      expect([other.people.count, get("/api/today").status]).to eq([1, 401])
      expect(tables).to match_array(Server::Studios::Deletion::TABLES)
    end

    it "offers for erasure who was archived longer than it keeps people" do
      studio.people.create!(name: "Long Gone", level: "beginner", archived_at: 4.years.ago)
      studio.people.create!(name: "Just Left", level: "beginner", archived_at: 4.days.ago)
      settings = send_json(:get, "/api/studio")
      expect(settings["due_for_erasure"].map { |person| person["name"] }).to eq(["Long Gone"])
      changed = send_json(:put, "/api/studio", {**settings.slice("name", "time_zone", "date_locale", "audit_days", "version"), "retention_days" => 3650})
      expect([changed["due_for_erasure"], changed["version"], changed["units"]]).to eq([[], 2, "metric"])
    end

    it "begins its week on the day that it says, and its classes lie in those weeks" do
      settings = send_json(:get, "/api/studio").slice("name", "time_zone", "date_locale", "audit_days", "retention_days", "version")
      expect(send_json(:get, "/api/studio")["week_start"]).to eq("monday")
      studio.group_classes.create!(title: "On a Sunday", starts_at: Time.utc(2026, 12, 6, 10), document: {}, total_s: 0)
      weeks = %w[monday sunday saturday].each_with_index.map do |day, number|
        expect(send_json(:put, "/api/studio", {**settings, "version" => number + 1, "week_start" => day})["week_start"]).to eq(day)
        send_json(:get, "/api/classes")["classes"].first["week"]
      end
      expect(weeks).to eq(%w[2026-11-30 2026-12-06 2026-12-05])
      expect(Date.iso8601(send_json(:get, "/api/classes")["week"]).saturday?).to be(true)
      refused = send_json(:put, "/api/studio", {**settings, "version" => 4, "week_start" => "friday"})
      expect([status, refused["errors"].map { |error| error["pointer"] }]).to eq([422, ["/week_start"]])
    end

    it "measures in kilograms or in pounds, and in nothing else" do
      settings = send_json(:get, "/api/studio").slice("name", "time_zone", "date_locale", "audit_days", "retention_days", "version")
      expect(send_json(:put, "/api/studio", {**settings, "units" => "imperial"})["units"]).to eq("imperial")
      expect(send_json(:get, "/api/session").dig("studio", "units")).to eq("imperial")
      refused = send_json(:put, "/api/studio", {**settings, "version" => 2, "units" => "stone"})
      expect([status, refused["errors"].map { |error| error["pointer"] }]).to eq([422, ["/units"]])
    end
  end

  it "of a closed studio open nothing, and its invitations neither" do
    studio = signed_in_studio
    send_json(:post, "/api/team/invitations", {"name" => "Emeka", "email" => "emeka@example.test", "role" => "helper"})
    token = link_in(mails.first)
    studio.update!(closed_at: Time.now.utc)
    expect([get("/api/today").status, sign_in["status"], send_json(:get, "/api/invitations/#{token}")["status"]]).to eq([401, 401, 410])
  end

  it "have no mailbox where mail is really sent, nor in production" do
    expect(Server::Settings.new({"RACK_ENV" => "production"}).mailbox?).to be(false)
    expect(Server::Settings.new({"RACK_ENV" => "production", "DEMO" => "1"}).mailbox?).to be(true)
    expect(Server::Settings.new({"SMTP_HOST" => "mail.example"}).mailbox?).to be(false)
    allow(Server::Settings.current).to receive(:mailbox?).and_return(false)
    expect([get("/api/mailbox").status, delete("/api/mailbox").status]).to eq([404, 404])
  end

  it "have a mailbox for who sits at the machine only, and none in production once somebody's own studio is there" do
    ask = ->(**env) { custom_request("GET", "/api/mailbox", {}, env.transform_keys(&:to_s)).status }
    expect([ask.call, ask.call(REMOTE_ADDR: "192.168.1.20"), ask.call(HTTP_X_FORWARDED_FOR: "1.2.3.4")]).to eq([200, 404, 404])
    allow(Server::Settings.current).to receive_messages(production?: true, mailbox?: true)
    expect(ask.call).to eq(200)
    make_studio
    expect(ask.call).to eq(404)
  end

  it "send mail by the server that is set, in a thread of its own" do
    sent = []
    allow_any_instance_of(Mail::Message).to receive(:deliver!) { |message| sent << [message.to, message.subject, message.body.decoded] }
    settings = Server::Settings.new({"SMTP_HOST" => "mail.example", "SMTP_USER" => "weir", "SMTP_PASSWORD" => "p", "MAIL_FROM" => "studio@example.test"})
    Server::Mailbox::Post.send(to: "emeka@example.test", subject: "Hello", body: "A line", settings: settings).join
    expect([sent, Server::Records::KeptMail.count]).to eq([[[["emeka@example.test"], "Hello", "A line"]], 0])
  end
end
