# frozen_string_literal: true

require "json"
require "net/http"
require "socket"
require "timeout"

# Clients that ask a server of the benchmark's own on loopback, each a process of
# its own, and what came of it.
module Clients
  module_function

  # A server of the benchmark's application; it is ended with the block.
  # @param workers [Integer] 0 for a single process
  # @yieldparam port [Integer]
  def with_server(workers: 0)
    port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    server = Process.spawn({"PORT" => port.to_s, "RUBYOPT" => "--yjit", "WEB_CONCURRENCY" => workers.to_s, "FIGURES_AHEAD" => "off"}, "bundle", "exec", "puma", "-C", "server/puma.rb", "bench/config.ru", out: File::NULL)
    wait_for(port)
    yield port
  ensure
    Process.kill("TERM", server)
    Process.wait(server)
  end

  def wait_for(port)
    Timeout.timeout(60) do
      Net::HTTP.get_response(URI("http://127.0.0.1:#{port}/health"))
    rescue SystemCallError
      sleep 0.1
      retry
    end
  end

  def cookie(port, email, password)
    response = Net::HTTP.post(URI("http://127.0.0.1:#{port}/api/session"), JSON.generate(email: email, password: password), "content-type" => "application/json")
    response["set-cookie"].split(";").first
  end

  # @param ask [Array(String, String, Object)] verb, path, and the body: a String, or what answers
  #   what makes the next body and what is told each answer
  # @return [Array<Array(Float, String)>] milliseconds and status of each request of one client
  def client(port, ask, headers, seconds)
    verb, path, body = ask
    following, heard = body.respond_to?(:call) ? body.call : [-> { body }, ->(_) {}]
    Net::HTTP.start("127.0.0.1", port, read_timeout: 60) do |http|
      took = []
      until_s = clock + seconds
      while clock < until_s
        body = following.call
        from = clock
        answer = (verb == "GET") ? http.get(path, headers) : http.post(path, body, headers)
        took << [(clock - from) * 1000, answer.code]
        heard.call(answer.body)
      end
      took
    end
  end

  # @return [Array<Array(Float, String)>] of all of them
  def crowd(clients, ...)
    clients.times.map { in_a_process(...) }.flat_map { |pid, reader| JSON.parse(reader.read).tap { Process.wait(pid) } }
  end

  def in_a_process(...)
    reader, writer = IO.pipe
    pid = fork do
      reader.close
      writer.write(JSON.generate(client(...)))
      exit!(0)
    end
    writer.close
    [pid, reader]
  end

  # @return [Float] milliseconds
  def at_share(took, share)
    sorted = took.sort
    sorted[(sorted.size * share).floor.clamp(0, sorted.size - 1)]
  end

  def clock
    Process.clock_gettime(Process::CLOCK_MONOTONIC)
  end
end
