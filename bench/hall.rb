# frozen_string_literal: true

# Two hundred screens in a hall on one run: how long until each has heard of what the instructor did, and has the events.
require_relative "../server/server"
require_relative "../demo/scenario"
require_relative "clients"
require "securerandom"

SCREENS = 200
EVENTS = 20

Server::Database.connect
Server::Database.migrate
Demo::Scenario.load if Server::Records::Studio.none?
ActiveRecord::Base.connection_pool.disconnect!

# A screen: its stream is open; whenever it is told that something happened, it asks what.
class Screen
  attr_reader :known, :refused

  def initialize(port, code)
    @port = port
    @code = code
    @known = {}
    @refused = []
    @socket = TCPSocket.new("127.0.0.1", port)
    @socket.write("GET /api/hall/#{code}/stream HTTP/1.1\r\nHost: 127.0.0.1:#{port}\r\n\r\n")
    @http = Net::HTTP.new("127.0.0.1", port).start
    @thread = Thread.new { listen }
  end

  def stop
    @thread.kill
    @socket.close
    @http.finish
  end

  private

  # As a browser's: what is not answered is asked for again.
  def ask
    loop do
      answer = @http.get("/api/hall/#{@code}/events")
      return JSON.parse(answer.body)["events"] if answer.code == "200"
      @refused << answer.code
      sleep 0.2
    end
  end

  def listen
    while (line = @socket.gets)
      next unless line.start_with?("data:")
      events = ask
      now = Clients.clock
      events.each { |event| @known[event["id"]] ||= now }
    end
  rescue IOError, SystemCallError
    nil
  end
end

[0, 2].each do |workers|
  Clients.with_server(workers: workers) do |port|
    cookie = Clients.cookie(port, Demo::Scenario::INSTRUCTORS.values.first, Demo::Scenario::PASSWORD)
    http = Net::HTTP.new("127.0.0.1", port).start
    headers = {"content-type" => "application/json", "cookie" => cookie}
    post = ->(path, body) { JSON.parse(http.post(path, JSON.generate(body), headers).body) }
    held = JSON.parse(http.get("/api/classes", headers).body)["classes"].find { |line| line["run_state"].nil? || line["run_state"] == "ready" }
    run = post.call("/api/classes/#{held["id"]}/run", {client_key: SecureRandom.uuid})
    code = post.call("/api/runs/#{run["id"]}/hall", {})["hall"]["code"]
    screens = Array.new(SCREENS) { Screen.new(port, code) }
    sleep 1
    took = EVENTS.times.flat_map do |index|
      id = SecureRandom.uuid
      from = Clients.clock
      post.call("/api/runs/#{run["id"]}/events", {id: id, kind: index.zero? ? "started" : %w[paused resumed][index % 2], at_ms: (Time.now.to_f * 1000).round})
      Timeout.timeout(20) { sleep 0.005 until screens.all? { |screen| screen.known[id] } }
      screens.map { |screen| (screen.known[id] - from) * 1000 }
    end
    puts format("%d screens in the hall, %s: an event is there after p50 %.0f ms, p95 %.0f ms, at the latest %.0f ms", SCREENS, workers.zero? ? "one process" : "#{workers} processes",
      Clients.at_share(took, 0.5), Clients.at_share(took, 0.95), took.max)
    puts "  refused meanwhile: #{screens.flat_map(&:refused).tally}" if screens.any? { |screen| screen.refused.any? }
    screens.each(&:stop)
  end
end
