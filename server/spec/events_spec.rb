# frozen_string_literal: true

require "socket"
require "timeout"
require_relative "server_helper"

RSpec.describe Server::Events do
  let(:hub) { described_class::Hub.new(Server::Settings.current.direct_database_url) }
  let(:studio) { "11111111-1111-4111-8111-111111111111" }
  let(:other) { "22222222-2222-4222-8222-222222222222" }

  after { hub.close }

  # @return [UNIXSocket] what a page reads
  def listen(studio_id, **rest)
    page, io = UNIXSocket.pair
    hub.add(io, studio_id, **rest)
    page
  end

  # @return [Array<Hash>] what was told until a question is answered
  def told(page, &until_told)
    text = +""
    Timeout.timeout(5) do
      loop do
        text << page.readpartial(65_536)
        changes = text.scan(/^data: (.*)$/).map { |(line)| JSON.parse(line) }
        return changes if until_told.call(changes)
      end
    end
  end

  def ready(page)
    told(page) { |changes| changes.include?({"reset" => true}) }
    page
  end

  def announce(kind, record, studio_id: studio, origin: nil)
    described_class.announce(studio_id, kind, record, origin: origin)
  end

  it "tells every page of a studio of a change, with ids alone, and no other studio's" do
    page = ready(listen(studio))
    same, stranger = [studio, other].map { |id| listen(id) }
    announce("people", "p1", studio_id: other)
    announce("classes", "c1", origin: "tab-1")
    [page, same].each do |one|
      change = told(one) { |changes| changes.any? { |told| told["kind"] == "classes" } }.last
      expect(change).to match("id" => be_an(Integer), "kind" => "classes", "record" => "c1", "origin" => "tab-1")
    end
    expect(told(stranger) { |changes| changes.any? }.map { |change| change["record"] }).to eq(["p1"])
  end

  it "begins with how soon to ask again, and says now and then that it is there" do
    expect(listen(studio).readpartial(200)).to start_with("retry: 1000\n")
    page, io = UNIXSocket.pair
    described_class::Stream.new(io, studio, 0).beat
    expect(page.readpartial(100)).to eq(": still here\n\n")
  end

  it "tells a page that was away what came meanwhile, from the last that it heard of" do
    page = ready(listen(studio))
    %w[w1 w2 w3].each { |record| announce("workouts", record) }
    first = told(page) { |changes| changes.any? { |told| told["record"] == "w3" } }.find { |told| told["record"] == "w1" }
    again = told(listen(studio, seen: first.fetch("id"))) { |changes| changes.any? { |told| told["record"] == "w3" } }
    expect(again.map { |told| told["record"] }).to eq(%w[w2 w3])
  end

  it "says that everything may have changed where it does not know what came" do
    ready(listen(studio))
    expect(told(listen(studio, seen: 5)) { |changes| changes.any? }).to eq([{"reset" => true}])
  end

  it "lets a page go that does not read, and one that has gone" do
    page, io = UNIXSocket.pair
    io.setsockopt(Socket::SOL_SOCKET, Socket::SO_SNDBUF, 4096)
    stream = described_class::Stream.new(io, studio, 0)
    2000.times { stream.tell("id" => 1, "kind" => "people", "record" => "x" * 60) }
    expect(stream).to be_closed
    expect { stream.beat }.not_to raise_error
    page.close
  end

  it "ends a studio's streams where its team has changed: each asks again whether it may listen" do
    page = ready(listen(studio))
    announce("team", "t1")
    expect(Timeout.timeout(5) { page.read }).to include(%("kind":"team"))
    expect(hub.size).to eq(0)
  end

  it "ends a stream in time, however much is said meanwhile" do
    stub_const("Server::Events::Hub::HEARTBEAT_S", 0.3)
    stub_const("Server::Events::Hub::LASTS_S", 0)
    page = listen(other)
    Timeout.timeout(5) { announce("people", "p1") && sleep(0.02) until hub.size.zero? }
    expect(page.read).to end_with(": hello\n\ndata: {\"reset\":true}\n\n")
  end

  it "takes no more pages than it can tell" do
    stub_const("Server::Events::Hub::MOST", 1)
    listen(studio)
    expect { listen(studio) }.to raise_error(described_class::Hub::Full)
  end

  it "listens again after the database has thrown it out" do
    page = ready(listen(studio))
    ActiveRecord::Base.connection.execute("SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE query = 'LISTEN sparrow_changes' AND datname = current_database()")
    ready(page)
    announce("people", "p9")
    expect(told(page) { |changes| changes.any? { |told| told["record"] == "p9" } }).not_to be_empty
  end

  {
    ["POST", "/api/people"] => ["people", nil], ["PUT", "/api/classes/c1/roster/p1"] => %w[classes c1], ["POST", "/api/runs/r1/events"] => %w[runs r1],
    ["PUT", "/api/house"] => ["house", nil], ["GET", "/api/people"] => nil, ["POST", "/api/preview"] => nil, ["POST", "/api/house/touches"] => nil,
    ["POST", "/api/session"] => nil, ["POST", "/api/peoples"] => nil
  }.each do |(verb, path), change|
    it "takes #{verb} #{path} to change #{change ? change.compact.join(" ") : "nothing that others see"}" do
      expect(described_class.change_of(verb, path)).to eq(change)
    end
  end

  describe "over HTTP" do
    it "is noted once a change is made, by the tab that made it, and not where it was refused" do
      held = signed_in_studio
      noted = []
      allow(described_class).to receive(:announce) { |*change, origin:| noted << [*change, origin] }
      header "X-Tab", "tab-7"
      send_json(:post, "/api/people", {"name" => "Dov Abernethy", "level" => "beginner"})
      send_json(:post, "/api/people", {"name" => ""})
      get("/api/people")
      expect(noted).to eq([[held.id, "people", nil, "tab-7"]])
    end

    it "is closed to who is not signed in" do
      expect(get("/api/events").status).to eq(401)
    end
  end
end
