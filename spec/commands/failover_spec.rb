# frozen_string_literal: true

require "net/http"
require "timeout"
require_relative "../../server/spec/server_helper"
require_relative "../support/database_pair"
require_relative "../support/own_server"

# A class run through the pooler and a read-only copy, while the primary dies.
RSpec.describe "A primary with a standby and a pooler" do
  let(:pair) { DatabasePair.new.start }

  def environment
    {"DATABASE_URL" => pair.url(pair.pooler_port), "DATABASE_POOLER" => "transaction", "DIRECT_DATABASE_URL" => pair.url(pair.primary_port), "REPLICA_URL" => pair.url(pair.standby_port)}
  end

  # A client that keeps its session, as a browser does; each thread has one of its own.
  def http
    Thread.current[:http] ||= Net::HTTP.start("127.0.0.1", @server.port, read_timeout: 30)
  end

  # @return [Array(Integer, Object)]
  def call(verb, path, body = nil)
    request = Net::HTTP.const_get(verb.to_s.capitalize).new(path, {"content-type" => "application/json", "cookie" => @cookie}.compact)
    request.body = JSON.generate(body) if body
    answer = http.request(request)
    @cookie ||= answer["set-cookie"].split(";").first if answer["set-cookie"].to_s.include?("sparrow_session")
    [answer.code.to_i, answer.body.to_s.empty? ? nil : JSON.parse(answer.body)]
  end

  # As a device does it: asked again, under the same key, until it is acknowledged.
  def until_done(verb, path, body)
    Timeout.timeout(60) do
      loop do
        status, answer = call(verb, path, body)
        return answer if status < 500
        sleep 0.2
      end
    end
  end

  # Writers at work until they are told to stop.
  # @yield [Integer, Integer] who writes, and how often they have before
  def crowd(size)
    Array.new(size) do |writer|
      Thread.new do
        count = 0
        until @enough
          yield writer, count
          count += 1
        end
        http.finish
        count
      end
    end
  end

  # Waits until everybody has gone on by so much.
  def until_all(acknowledged, more)
    before = acknowledged.transform_values(&:size)
    Timeout.timeout(90) { sleep 0.05 until acknowledged.all? { |writer, keys| keys.size >= before[writer] + more } }
  end

  after do
    Thread.current[:http]&.finish
    Thread.current[:http] = nil
    @server&.stop
    pair.stop
  end

  it "loses nothing that was acknowledged when the primary is restarted, then killed, and the standby promoted", :full do
    pair
    migrating = {**environment, "DEMO" => "1", "RACK_ENV" => "test", "SESSION_SECRET" => "own-server-" * 8, "ENCRYPTION_SECRET" => ENV.fetch("ENCRYPTION_SECRET"), "BUNDLE_WITHOUT" => ""}
    output, status = Bundler.with_unbundled_env { Open3.capture2e(migrating, File.join(Server::ROOT, "bin", "migrate")) }
    expect([status.success?, output]).to match([true, include("demo loaded")])
    @server = OwnServer.new(**environment, "WEB_CONCURRENCY" => "2").start
    expect(call(:get, "/ready")).to eq([200, {"status" => "ready", "database" => true, "migrations" => true, "key" => true}])
    expect(call(:post, "/api/session", {email: Demo::Scenario::INSTRUCTORS.values.first, password: Demo::Scenario::PASSWORD}).first).to eq(201)

    # Reads that may be a moment old come from the copy, and everything else from the primary.
    readers = -> { pair.sql(pair.standby_port, "SELECT count(*) FROM pg_stat_activity WHERE datname = 'sparrow' AND backend_type = 'client backend' AND pid <> pg_backend_pid()").to_i }
    expect(readers.call).to eq(0)
    expect(call(:get, "/api/runs").last["runs"].size).to eq(3)
    expect(readers.call).to be_positive
    expect(pair.sql(pair.primary_port, "SELECT sync_state FROM pg_stat_replication")).to eq("sync")

    held = call(:get, "/api/classes").last["classes"].find { |line| line["run_id"].nil? }
    run = call(:post, "/api/classes/#{held["id"]}/run", {client_key: SecureRandom.uuid}).last
    block = run["document"]["blocks"].find { |candidate| candidate["role"] == "main" }["id"]
    log = "/api/runs/#{run["id"]}/log"
    people = call(:get, log).last["people"].map { |person| {person_id: person["id"], present: true} }
    taps = Array.new(7) { |writer| [writer, []] }.to_h
    logged = []
    @enough = false
    tapping = crowd(taps.size) do |writer, count|
      key = format("%08d-0000-4000-8000-%012d", writer, count)
      taps[writer] << key if until_done(:post, "/api/runs/#{run["id"]}/events", {id: key, kind: "tapped", at_ms: 1, block: block, level: "beginner", amount: 1})["events"]
    end
    logging = crowd(1) do |_, count|
      id = "log-number-#{count}"
      answer = until_done(:put, log, {submission_id: id, log_version: logged.size, note: id, attendances: people})
      logged << id if answer.fetch("log_version") == logged.size + 1
    end
    writing = {**taps, "log" => logged}
    until_all(writing, 3)
    # Under load it is first restarted, then killed for good.
    pair.restart_primary
    until_all(writing, 3)
    pair.fail_over
    until_all(writing, 3)
    @enough = true
    (tapping + logging).each(&:join)

    kept = call(:get, "/api/runs/#{run["id"]}/events").last["events"].map { |event| event["id"] }
    expect(taps.values.flatten - kept).to eq([])
    expect(kept.size).to eq(kept.uniq.size)
    revisions = call(:get, "#{log}/revisions").last["revisions"]
    expect([call(:get, log).last.values_at("log_version", "note"), revisions.size]).to eq([[logged.size, logged.last], [logged.size, 100].min])
    expect(taps.values.map(&:size) + [logged.size]).to all(be >= 9)
    expect(call(:get, "/ready").first).to eq(200)
    expect(call(:get, "/api/runs").first).to eq(200)
  end
end
