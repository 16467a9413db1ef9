# frozen_string_literal: true

require_relative "server_helper"

# One document must not keep the server from anybody else. (How fast answers are
# is shown by bench/; what is held here is that work is counted before it is done.)
RSpec.describe "The budget of a document" do
  before { signed_in_studio }

  def crowd(blocks, stations, rounds, **keys)
    workout_document(*Array.new(blocks) { |index| intervals(Array.new(stations) { |number| station("s#{number}", movement: "push_up") }, rounds: rounds, **keys).merge("id" => "b#{index}") })
  end

  it "refuses the document that stopped the server, with a pointer, without laying anything out" do
    document = crowd(4, 60, 50)
    expect(JSON.generate(document).bytesize).to be > 40_000
    expect(Sparrow::Plan::Timeline).not_to receive(:compile)
    {"/api/preview" => {}, "/api/planning/targets" => {}, "/api/planning/slot" => {"minutes" => 30}, "/api/planning/fixes" => {}, "/api/planning/loads" => {}, "/api/planning/suggestion" => {"kind" => "warm_up", "minutes" => 5}}.each do |path, rest|
      send_json(:post, path, {"workout" => document, **rest})
      expect([status, field_errors.keys]).to eq([422, ["/workout/blocks/0/rounds"]]), path
    end
    send_json(:post, "/api/workouts", {"document" => document})
    expect([status, field_errors.keys]).to eq([422, ["/document/blocks/0/rounds"]])
  end

  it "counts every group of a rotation" do
    send_json(:post, "/api/preview", {"workout" => crowd(2, 60, 50, flow: "rotate")})
    expect(status).to eq(422)
  end

  it "answers the largest documents that it allows" do
    [[2, 40, 25], [2, 60, 16], [1, 40, 50]].each do |blocks, stations, rounds|
      send_json(:post, "/api/preview", {"workout" => crowd(blocks, stations, rounds), "calls" => false})
      expect(status).to eq(200), [blocks, stations, rounds].inspect
    end
  end

  it "keeps a run loggable whose circuit was stored before there was a budget" do
    run = open_run
    Server::Records::Run.find(run["id"]).update!(document: crowd(4, 40, 20))
    person = Server::Records::Studio.first.people.create!(name: "Dov", level: "beginner")
    send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [{"person_id" => person.id, "present" => true}]})
    expect(status).to eq(200)
  end

  describe Server::Http::Deadline do
    it "ends a request that takes too long, and says so" do
      slow = described_class.new(->(_) { sleep 5 }, seconds: 1)
      status, headers, body = slow.call({"REQUEST_METHOD" => "GET", "PATH_INFO" => "/", "rack.input" => StringIO.new})
      expect([status, headers["retry-after"], JSON.parse(body.join)["title"]]).to eq([503, "5", "Took too long"])
    end

    it "ends one that a route is in the middle of, which is no fault of ours" do
      allow(Server::Records::SignIn).to receive(:of) { sleep 5 }
      status, = described_class.new(Server::Http::Routes, seconds: 1).call(Rack::MockRequest.env_for("/api/workouts", "rack.session" => {"token" => "somebody"}))
      expect(status).to eq(503)
    end
  end

  it "ends a statement that takes too long, whatever connection it goes over" do
    settings = ActiveRecord::Base.connection.select_rows("SELECT unnest(setconfig) FROM pg_db_role_setting s JOIN pg_database d ON d.oid = s.setdatabase WHERE d.datname = current_database()").flatten
    expect(settings).to include("statement_timeout=10s", "lock_timeout=5s", "idle_in_transaction_session_timeout=60s")
  end

  it "tells a statement that was ended from a fault of ours" do
    away = [ActiveRecord::QueryCanceled.new, ActiveRecord::LockWaitTimeout.new, ActiveRecord::ConnectionNotEstablished.new, ActiveRecord::ConnectionFailed.new, ActiveRecord::Deadlocked.new, PG::ConnectionBad.new]
    ours = [ActiveRecord::StatementInvalid.new, ActiveRecord::RecordNotUnique.new, PG::SyntaxError.new, RuntimeError.new]
    expect([away, ours].map { |errors| errors.map { |error| Server::Database.away?(error) }.uniq }).to eq([[true], [false]])
    allow(Server::Records::SignIn).to receive(:of).and_raise(ActiveRecord::StatementInvalid)
    expect(get("/api/workouts").status).to eq(500)
    allow(Server::Records::SignIn).to receive(:of).and_raise(ActiveRecord::RecordNotUnique)
    expect(get("/api/workouts").status).to eq(409)
  end
end
