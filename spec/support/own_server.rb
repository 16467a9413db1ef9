# frozen_string_literal: true

require "net/http"
require "socket"
require "tmpdir"

# The application in a process of its own, as the start command runs it, so
# that it can be killed and started again under the browser.
class OwnServer
  # Where it would put what it does not keep in memory.
  attr_reader :port, :folder

  # @param environment [Hash] further settings
  def initialize(**environment)
    @environment = environment.transform_keys(&:to_s)
    @folder = Dir.mktmpdir("sparrow-server")
    @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
  end

  def address
    "http://127.0.0.1:#{port}"
  end

  # @return [String] what the server wrote that holds some text, such as an answer's request id
  def said(text)
    File.readlines(log).grep(/#{Regexp.escape(text)}/).join
  end

  def start
    env = {"PORT" => port.to_s, "RACK_ENV" => "test", "SESSION_SECRET" => "own-server-" * 8,
           "ENCRYPTION_SECRET" => ENV.fetch("ENCRYPTION_SECRET"), "WEB_CONCURRENCY" => "0", "FIGURES_AHEAD" => "off", "TMPDIR" => folder, **@environment}
    @pid = Process.spawn(env, "bundle", "exec", "puma", "-C", "server/puma.rb", "config.ru", chdir: Server::ROOT, out: [log, "a"], err: [log, "a"])
    Timeout.timeout(40) { sleep 0.1 until answers? }
    self
  end

  def kill
    Process.kill("KILL", @pid)
    Process.wait(@pid)
    @pid = nil
  end

  def stop
    return unless @pid
    Process.kill("TERM", @pid)
    Process.wait(@pid)
  ensure
    FileUtils.rm_rf([folder, log])
  end

  private

  # Beside the folder, which is only looked at for what a request leaves there.
  def log = "#{folder}.log"

  def answers?
    Net::HTTP.get_response(URI("#{address}/health")).is_a?(Net::HTTPSuccess)
  rescue SystemCallError, EOFError
    false
  end
end
