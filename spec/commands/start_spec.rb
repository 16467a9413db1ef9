# frozen_string_literal: true

require "English"
require "fileutils"
require "net/http"
require "open3"
require "tmpdir"
require "timeout"
require_relative "../../server/spec/server_helper"

# The start command itself, on a state folder of its own.
RSpec.describe "bin/start" do
  root = File.expand_path("../..", __dir__)

  around do |example|
    Dir.mktmpdir("sparrow-start") do |folder|
      File.chmod(0o755, folder)
      @state = folder
      @running = []
      example.run
    ensure
      # A copy: each that is stopped is taken out of the list.
      @running.dup.each { |pid| stop(pid, "TERM") }
    end
  end

  # As the shell starts it: in a process group of its own, so that Ctrl-C reaches all of it.
  def start(**environment)
    log = File.join(@state, "output-#{@running.size}")
    cleared = %w[DATABASE_URL SESSION_SECRET ENCRYPTION_SECRET RACK_ENV PORT BUNDLE_WITHOUT DEMO EMPTY].to_h { |name| [name, nil] }
    env = cleared.merge("SPARROW_STATE" => @state, **environment.transform_keys(&:to_s))
    pid = Bundler.with_unbundled_env do
      Process.spawn(env, File.join(Server::ROOT, "bin", "start"), chdir: Server::ROOT, out: [log, "w"], err: [:child, :out], pgroup: true)
    end
    @running << pid
    [pid, log]
  end

  def address_in(log)
    Timeout.timeout(120) do
      sleep 0.2 until File.read(log).match?(/^  Open +\S+/) || File.read(log).include?("failed after")
    end
    File.read(log)[/^  Open +(\S+)/, 1] or raise File.read(log)
  end

  def stop(pid, signal)
    Process.kill(signal, pid)
    Timeout.timeout(40) { Process.wait(pid) }
    @running.delete(pid)
  rescue Errno::ESRCH, Errno::ECHILD
    @running.delete(pid)
  end

  def database_runs?
    pid = File.readlines(File.join(@state, "pg", "postmaster.pid")).first.to_i
    File.exist?("/proc/#{pid}")
  rescue Errno::ENOENT
    false
  end

  def answers?(address)
    Net::HTTP.get_response(URI("#{address}/health")).is_a?(Net::HTTPSuccess)
  rescue SystemCallError, EOFError
    false
  end

  # @return [Array(Hash, Boolean)] the modes of what is secret, and whether others may list the folder
  def seen_by_others
    modes = %w[app.log encryption-secret session-secret].to_h { |name| [name, format("%o", File.stat(File.join(@state, name)).mode & 0o777)] }
    [modes.values.uniq, File.stat(@state).mode & 0o007]
  end

  # Runs to its end, which it must come to by itself.
  def refused(**environment)
    pid, log = start(**environment)
    Timeout.timeout(60) { Process.wait(pid) }
    @running.delete(pid)
    [$CHILD_STATUS.success?, File.read(log)]
  end

  # What another start is refused for, with its words in the message.
  def damages(file)
    {"is empty" => -> { File.write(file, "") }, "is missing" => -> { File.delete(file) }, "is not the secret that this database was written with" => -> { File.write(file, "another" * 20) }}
  end

  # One state folder through its life: each start costs some seconds, so what follows from another is looked at after it.
  it "starts on the next free port, once only, again after it was killed, stops cleanly at Ctrl-C, and refuses a wrong secret, touching nothing" do
    taken = TCPServer.new("127.0.0.1", 0)
    pid, log = start(PORT: taken.addr[1].to_s)
    address = address_in(log)
    expect(answers?(address)).to be(true)
    expect(URI(address).port).to be > taken.addr[1]
    expect(seen_by_others).to eq([["600"], 0o001])
    expect(File.read(log)).to match(/Sign in +\S+@tumblingbay.example/).and match(/^  Migrations and demo +\d+ s/)
    expect(refused).to match([true, include("running already").and(include(address))])

    stop(pid, "KILL")
    Timeout.timeout(20) { sleep 0.2 while answers?(address) }
    again, second = start
    address = address_in(second)
    expect(answers?(address)).to be(true)
    expect(File.read(second)).to include("running already", "demo there already")
    Process.kill("INT", -Process.getpgid(again))
    Timeout.timeout(40) { Process.wait(again) }
    @running.delete(again)
    expect([answers?(address), database_runs?]).to eq([false, false])
    expect(File.read(second)).to include("The app has stopped.", "Its database has stopped.")

    file = File.join(@state, "encryption-secret")
    secret = File.read(file)
    secrets = -> { Dir[File.join(@state, "{encryption-secret,session-secret,pg-password}")].to_h { |path| [path, File.read(path)] } }
    damages(file).to_a.sample(Thoroughness::FULL ? 3 : 1).each do |words, damage|
      damage.call
      before = secrets.call
      expect(refused).to match([false, include(file).and(include(words)).and(include("Nothing was touched"))]), words
      expect(secrets.call).to eq(before)
      File.write(file, secret)
    end
  ensure
    taken&.close
  end

  it "deletes no folder that it does not understand" do
    FileUtils.mkdir_p(File.join(@state, "pg", "base"))
    File.write(File.join(@state, "pg", "base", "somebody's data"), "precious")
    expect(refused).to match([false, include("is there, and no PostgreSQL cluster is seen in it").and(include("Nothing was touched"))])
    expect(File.read(File.join(@state, "pg", "base", "somebody's data"))).to eq("precious")
  end

  it "begins without the demo where that is asked for, and prints the code to set up with", :full do
    _, log = start(EMPTY: "1")
    address = address_in(log)
    expect(File.read(log)).to match(/without the demo/).and match(%r{Set up +http\S+/setup +with the code [0-9A-Z]{4}-[0-9A-Z]{4}-[0-9A-Z]{4}})
    expect(File.read(log)).not_to include("tumblingbay")
    expect(JSON.parse(Net::HTTP.get(URI("#{address}/api/setup")))).to include("needed" => true, "demo" => false)
  end

  it "never loads the demo in production unless it is asked for", :full do
    secrets = {RACK_ENV: "production", SESSION_SECRET: "s" * 64, ENCRYPTION_SECRET: "e" * 64}
    pid, log = start(**secrets)
    address_in(log)
    expect(File.read(log)).to include("without the demo")
    stop(pid, "TERM")
    _, again = start(**secrets, DEMO: "1")
    address_in(again)
    expect(File.read(again)).to include("demo loaded")
  end

  {"SESSION_SECRET" => nil, "ENCRYPTION_SECRET" => "s" * 64}.each do |name, session|
    it "refuses production without #{name}, before anything is started" do
      output, status = Bundler.with_unbundled_env do
        Open3.capture2e({"RACK_ENV" => "production", "SESSION_SECRET" => session, "ENCRYPTION_SECRET" => nil, "SPARROW_STATE" => @state}, File.join(root, "bin", "start"))
      end
      expect(status).not_to be_success
      expect(output).to include("#{name} is not set")
      expect(Dir.children(@state)).to eq([])
    end
  end
end
