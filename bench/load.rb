# frozen_string_literal: true

# What sixteen clients at once meet: each screen's route as a ratio to the bare
# route in the same run, with one process and with two; and how long /health takes
# while all of them ask for the largest document that is allowed.
require_relative "../server/server"
require_relative "../demo/scenario"
require_relative "clients"
require_relative "sixty_minutes"

CLIENTS = 16
TURN_S = 3
TURNS = 2

def largest
  levels = {"beginner" => "knees", "intermediate" => "floor", "advanced" => "feet_30"}.transform_values { |variation| {"variation" => "push_up.#{variation}", "reps" => 5} }
  stations = Array.new(40) { |index| {"id" => "s#{index}", "movement" => "push_up", "levels" => levels} }
  blocks = Array.new(2) { |index| {"id" => "b#{index}", "role" => "main", "format" => "intervals", "rounds" => 25, "work_s" => 10, "rest_s" => 5, "stations" => stations} }
  {"format" => "willing-sparrow/workout", "version" => 1, "title" => "The largest", "blocks" => blocks}
end

def too_large
  largest.then { |document| document.merge("blocks" => Array.new(4) { |index| document["blocks"].first.merge("id" => "b#{index}", "rounds" => 50) }) }
end

Server::Database.connect
Server::Database.migrate
Demo::Scenario.load
held = Server::Records::GroupClass.kept.order(:starts_at).last
card = Server::Cards::ClassCards.token(held, held.coming.first.person_id)
ActiveRecord::Base.connection_pool.disconnect!

ROUTES = {
  "bare (SELECT 1)" => ["POST", "/api/bench/bare", "{}"], "page" => ["GET", "/circuits", nil], "today" => ["GET", "/api/today", nil],
  "preview, again" => ["POST", "/api/preview", JSON.generate("workout" => SixtyMinutes.document, "calls" => false)],
  "fit sheet, 13 people" => ["GET", "/api/classes/#{held.id}/fit", nil], "one card" => ["GET", "/api/cards/#{card}", nil]
}.freeze

[0, 2].each do |workers|
  Clients.with_server(workers: workers) do |port|
    headers = {"content-type" => "application/json", "cookie" => Clients.cookie(port, Demo::Scenario::INSTRUCTORS.values.first, Demo::Scenario::PASSWORD)}
    ROUTES.each_value { |ask| Clients.crowd(4, port, ask, headers, 1) }
    took = Hash.new { |hash, name| hash[name] = [] }
    TURNS.times { ROUTES.each { |name, ask| took[name].concat(Clients.crowd(CLIENTS, port, ask, headers, TURN_S)) } }
    bare = Clients.at_share(took.fetch("bare (SELECT 1)").map(&:first), 0.95)
    puts "#{CLIENTS} clients at once, #{workers.zero? ? "one process" : "#{workers} processes"}:"
    took.each do |name, all|
      fine = all.select { |_, status| status == "200" }.map(&:first)
      abort "#{name} was never answered by 200, but by #{all.map(&:last).tally}" if fine.empty?
      busy = all.size - fine.size
      puts format("  %-22s %6.0f/s   p95 %7.1f ms   p95 ÷ bare %6.2f%s", name, fine.size / (TURNS * TURN_S).to_f, Clients.at_share(fine, 0.95), Clients.at_share(fine, 0.95) / bare, busy.positive? ? "   (#{busy} told to come back)" : "")
    end

    body = JSON.generate("workout" => largest)
    alone = Clients.client(port, ["POST", "/api/preview", body], headers, 2)
    refused = Clients.client(port, ["POST", "/api/preview", JSON.generate("workout" => too_large)], headers, 1)
    puts format("  the largest that is allowed, alone: p50 %.0f ms (%s); the one that is refused (%d KB): p50 %.0f ms (%s)",
      Clients.at_share(alone.map(&:first), 0.5), alone.map(&:last).uniq.join(", "), JSON.generate(too_large).bytesize / 1024, Clients.at_share(refused.map(&:first), 0.5), refused.map(&:last).uniq.join(", "))
    crowd = CLIENTS.times.map { Clients.in_a_process(port, ["POST", "/api/preview", body], headers, 8) }
    sleep 1
    health = Clients.client(port, ["GET", "/health", nil], {}, 6).map(&:first)
    asked = crowd.flat_map { |pid, reader| JSON.parse(reader.read).tap { Process.wait(pid) } }
    puts format("  /health while all ask for the largest: p50 %.0f ms, p95 %.0f ms, slowest %.0f ms (%d times; the largest %d times answered, %d told to come back)",
      Clients.at_share(health, 0.5), Clients.at_share(health, 0.95), health.max, health.size, asked.count { |_, status| status == "200" }, asked.count { |_, status| status != "200" })
  end
end
