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

  # A client that keeps its session, as a browser does.
  def http
    @http ||= Net::HTTP.start("127.0.0.1", @server.port, read_timeout: 30)
  end

  # @return [Array(Integer, Object)]
  def call(verb, path, body = nil)
    request = Net::HTTP.const_get(verb.to_s.capitalize).new(path, {"content-type" => "application/json", "cookie" => @cookie}.compact)
    request.body = JSON.generate(body) if body
    answer = http.request(request)
    @cookie = answer["set-cookie"].split(";").first if answer["set-cookie"].to_s.include?("sparrow_session")
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

  after do
    @http&.finish
    @server&.stop
    pair.stop
  end

  it "loses nothing that was acknowledged when the primary is restarted, then killed, and the standby promoted" do
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
    acknowledged = []
    version = 0
    people = call(:get, "/api/runs/#{run["id"]}/log").last["people"].map { |person| {person_id: person["id"], present: true} }
    write = lambda do |index|
      key = "tap-number-#{index}"
      ticks = until_done(:post, "/api/runs/#{run["id"]}/ticks", {client_key: key, block: block, lane: "beginner", amount: 1})
      acknowledged << key if ticks["ticks"]
      next unless (index % 5).zero?
      log = until_done(:put, "/api/runs/#{run["id"]}/log", {submission_id: "log-number-#{index}", log_version: version, attendances: people})
      version = log.fetch("log_version") { log.fetch("theirs").fetch("log_version") }
    end
    15.times { |index| write.call(index) }
    # First it is restarted under load, then it is killed for good.
    restarting = Thread.new { pair.restart_primary }
    (15...35).each { |index| write.call(index) }
    restarting.join
    failing = Thread.new do
      sleep 0.15
      pair.fail_over
    end
    (35...80).each { |index| write.call(index) }
    failing.join
    (80...90).each { |index| write.call(index) }

    kept = call(:get, "/api/runs/#{run["id"]}/ticks").last["ticks"].map { |tick| tick["client_key"] }
    expect(acknowledged - kept).to eq([])
    expect(kept.size).to eq(kept.uniq.size)
    expect(call(:get, "/api/runs/#{run["id"]}/log").last["log_version"]).to eq(version)
    expect([version, acknowledged.size]).to match([be >= 18, 90])
    expect(call(:get, "/ready").first).to eq(200)
    expect(call(:get, "/api/runs").first).to eq(200)
  end
end
