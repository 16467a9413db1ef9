# frozen_string_literal: true

# POST /api/preview against a bare route on the same server: 16 clients, each a
# process of its own, in turns of the routes, so that all meet the same machine.
require "net/http"
require "socket"
require_relative "../server/server"
require_relative "../demo/scenario"
require_relative "sixty_minutes"

CLIENTS = 16
TURN_S = 3
TURNS = 4
# The board asks for no calls while somebody types; the Floor asks for all.
ROUTES = {
  "bare (SELECT 1)" => ["/api/bench/bare", {}], "the same JSON only" => ["/api/bench/json", {}],
  "preview, whole" => ["/api/preview", {}], "preview, as typed" => ["/api/preview", {"calls" => false}]
}.freeze

def wait_for(port)
  Timeout.timeout(30) do
    Net::HTTP.get_response(URI("http://127.0.0.1:#{port}/health"))
  rescue SystemCallError
    sleep 0.1
    retry
  end
end

def cookie(port)
  body = JSON.generate(email: Demo::Scenario::INSTRUCTORS.values.first, password: Demo::Scenario::PASSWORD)
  response = Net::HTTP.post(URI("http://127.0.0.1:#{port}/api/session"), body, "content-type" => "application/json")
  response["set-cookie"].split(";").first
end

# @return [Array<Float>] milliseconds of each request of one client
def client(port, path, body, headers, seconds)
  Net::HTTP.start("127.0.0.1", port) do |http|
    took = []
    until_s = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
    while (from = Process.clock_gettime(Process::CLOCK_MONOTONIC)) < until_s
      status = http.post(path, body, headers).code
      raise "#{path} answered #{status}" unless status == "200"
      took << (Process.clock_gettime(Process::CLOCK_MONOTONIC) - from) * 1000
    end
    took
  end
end

def load_with(clients, seconds, *args)
  clients.times.map do
    reader, writer = IO.pipe
    pid = fork do
      reader.close
      writer.write(JSON.generate(client(*args, seconds)))
      exit!(0)
    end
    writer.close
    [pid, reader]
  end.flat_map { |pid, reader| JSON.parse(reader.read).tap { Process.wait(pid) } }
end

def at_share(sorted, share)
  sorted[(sorted.size * share).floor.clamp(0, sorted.size - 1)]
end

Server::Database.connect
Server::Database.migrate
Demo::Scenario.load
ActiveRecord::Base.connection_pool.disconnect!

port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
server = Process.spawn({"PORT" => port.to_s, "RUBYOPT" => "--yjit"}, "bundle", "exec", "puma", "-C", "server/puma.rb", "bench/config.ru", out: File::NULL)
begin
  wait_for(port)
  headers = {"content-type" => "application/json", "cookie" => cookie(port)}
  bodies = ROUTES.transform_values { |_, more| JSON.generate({"workout" => SixtyMinutes.document, **more}) }
  ROUTES.each { |name, (path, _)| load_with(CLIENTS, 2, port, path, bodies.fetch(name), headers) }
  took = Hash.new { |hash, name| hash[name] = [] }
  TURNS.times { ROUTES.each { |name, (path, _)| took[name].concat(load_with(CLIENTS, TURN_S, port, path, bodies.fetch(name), headers)) } }
  bare = at_share(took[ROUTES.keys.first].sort, 0.95)
  puts "#{CLIENTS} clients at once, #{TURNS} turns of #{TURN_S} s each:"
  took.each do |name, all|
    sorted = all.sort
    puts format("  %-20s %6d answers   p50 %7.1f ms   p95 %7.1f ms   p95 ÷ bare %.2f", name, sorted.size, at_share(sorted, 0.5), at_share(sorted, 0.95), at_share(sorted, 0.95) / bare)
  end
ensure
  Process.kill("TERM", server)
  Process.wait(server)
end
