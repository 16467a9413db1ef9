# frozen_string_literal: true

threads_count = Integer(ENV.fetch("MAX_THREADS", "5"))
threads threads_count, threads_count
bind "tcp://#{ENV.fetch("HOST", "127.0.0.1")}:#{ENV.fetch("PORT", "9292")}"
environment ENV.fetch("RACK_ENV", "development")
quiet
log_requests false

# Where the start command is killed outright, the server must not outlive it.
if (parent = ENV["SPARROW_PARENT_PID"])
  Thread.new do
    sleep 1 while Process.ppid == Integer(parent)
    Process.kill("TERM", Process.pid)
  end
end
