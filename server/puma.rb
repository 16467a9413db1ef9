# frozen_string_literal: true

# The one file beside Settings that reads the environment: the web server reads it
# before the application is there.
require "etc"

threads_count = Integer(ENV.fetch("MAX_THREADS", "24"))
threads threads_count, threads_count
bind "tcp://#{ENV.fetch("HOST", "127.0.0.1")}:#{ENV.fetch("PORT", "9292")}"
environment ENV.fetch("RACK_ENV", "development")
quiet
log_requests false

# A body larger than that is refused before it is written anywhere.
http_content_length_limit 1024 * 1024 + 1

# On more than one core several processes serve; each has its own connections.
solve_ahead = proc { ::Server::Figures::View.solve_ahead unless ENV["FIGURES_AHEAD"] == "off" }
worker_count = Integer(ENV.fetch("WEB_CONCURRENCY") { (Etc.nprocessors > 1) ? [Etc.nprocessors, 4].min : 0 })
workers worker_count
if worker_count.positive?
  preload_app!
  before_fork { ActiveRecord::Base.connection_handler.clear_all_connections! }
  # A worker that no longer answers is started again.
  worker_timeout 60
  before_worker_boot(&solve_ahead)
else
  after_booted(&solve_ahead)
end

# What goes wrong before the application is told without paths and lines of code.
lowlevel_error_handler do |_error, _env|
  [500, {"content-type" => "application/problem+json"}, [%({"type":"about:blank","title":"Something went wrong","status":500,"detail":"This is our fault.","errors":[]})]]
end

# Where the start command is killed outright, the server must not outlive it.
if (parent = ENV["SPARROW_PARENT_PID"])
  Thread.new do
    sleep 1 while Process.ppid == Integer(parent)
    Process.kill("TERM", Process.pid)
  end
end
