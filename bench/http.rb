# frozen_string_literal: true

# POST /api/preview against a bare route on the same server: 16 clients, each a
# process of its own, in turns of the routes, so that all meet the same machine.
require_relative "../server/server"
require_relative "../demo/scenario"
require_relative "clients"
require_relative "sixty_minutes"

CLIENTS = 16
TURN_S = 3
TURNS = 4
# The board asks for no calls while somebody types, and has what came before; the Floor asks for all.
# Each keystroke is another number and another note in the block that is the largest.
# (A client reads no JSON and writes none while it is measured: it would take the processor from the server.)
TYPED = lambda do
  document = SixtyMinutes.document
  levels = document["blocks"][1]["stations"].filter_map { |station| station["levels"]["beginner"] if station["levels"]["beginner"]["reps"] }
  bodies = (1..7).map do |number|
    levels.each { |level| level["note"] = level["reps"] = "" }
    levels[number % levels.size].update("note" => "NOTE", "reps" => 4 + number)
    levels.each { |level| level["reps"] = 8 if level["reps"] == "" }
    JSON.generate("workout" => document, "calls" => false, "seen" => "SEEN").sub('"SEEN"', "SEEN")
  end
  seen = {}
  count = 0
  typed = lambda do
    count += 1
    bodies[count % bodies.size].sub("NOTE", "#{Process.pid} #{count}").sub("SEEN", "{#{seen.map { |id, tag| %("#{id}":"#{tag}") }.join(",")}}")
  end
  heard = ->(answer) { answer.scan(/"id":"(b\d)","format".*?"tag":"([\h.]+)"/) { |id, tag| seen[id] = tag } }
  [typed, heard]
end
ROUTES = {
  "bare (SELECT 1)" => ["/api/bench/bare", {}], "the same JSON only" => ["/api/bench/json", {}],
  "preview, whole" => ["/api/preview", {}], "preview, first" => ["/api/preview", {"calls" => false}]
}.freeze

Server::Database.connect
Server::Database.migrate
Demo::Scenario.load
ActiveRecord::Base.connection_pool.disconnect!

Clients.with_server do |port|
  headers = {"content-type" => "application/json", "cookie" => Clients.cookie(port, Demo::Scenario::INSTRUCTORS.values.first, Demo::Scenario::PASSWORD)}
  asks = ROUTES.transform_values { |path, more| ["POST", path, JSON.generate({"workout" => SixtyMinutes.document, **more})] }
  asks["preview, as typed"] = ["POST", "/api/preview", TYPED]
  asks.each_value { |ask| Clients.crowd(CLIENTS, port, ask, headers, 2) }
  took = Hash.new { |hash, name| hash[name] = [] }
  TURNS.times { asks.each { |name, ask| took[name].concat(Clients.crowd(CLIENTS, port, ask, headers, TURN_S)) } }
  raise "not all were answered" unless took.values.flatten(1).all? { |_, status| status == "200" }
  bare = Clients.at_share(took.values.first.map(&:first), 0.95)
  puts "#{CLIENTS} clients at once, #{TURNS} turns of #{TURN_S} s each:"
  took.each do |name, all|
    times = all.map(&:first)
    puts format("  %-20s %6d answers   p50 %7.1f ms   p95 %7.1f ms   p95 ÷ bare %.2f", name, times.size, Clients.at_share(times, 0.5), Clients.at_share(times, 0.95), Clients.at_share(times, 0.95) / bare)
  end
end
