# frozen_string_literal: true

require "net/http"
require "socket"
require "timeout"
require_relative "../../server/spec/server_helper"
require_relative "../support/own_server"

# The server as it is really run, killed and misused.
RSpec.describe "The server" do
  let(:server) { OwnServer.new.start }

  before { EmptyDatabase.now }
  after { server.stop }

  def cookie
    @cookie ||= Net::HTTP.post(URI("#{server.address}/api/session"), JSON.generate(email: "ottoline@example.test", password: "weir-and-lock-gate"), "content-type" => "application/json")["set-cookie"].split(";").first
  end

  def put(path, body)
    Net::HTTP.start("127.0.0.1", server.port, read_timeout: 10) { |http| http.put(path, JSON.generate(body), "content-type" => "application/json", "cookie" => cookie) }
  end

  def until_answered(path, body)
    Timeout.timeout(60) do
      put(path, body)
    rescue SystemCallError, IOError, Net::ReadTimeout
      sleep 0.05
      retry
    end
  end

  it "starts in one process, or in several, and goes on answering while it solves the figures ahead" do
    [{WEB_CONCURRENCY: "0"}, {WEB_CONCURRENCY: "2"}].each do |processes|
      started = OwnServer.new(FIGURES_AHEAD: "on", **processes).start
      sleep 0.5
      expect(Net::HTTP.get_response(URI("#{started.address}/health")).code).to eq("200")
    ensure
      started&.stop
    end
  end

  it "killed outright again and again while logs are written loses no acknowledged one, and writes none twice" do
    studio = Server::Records::Studio.create!(name: "Weir House")
    studio.instructors.create!(name: "Ottoline Varga", email: "ottoline@example.test", password: "weir-and-lock-gate", role: "owner")
    people = Array.new(8) { |index| studio.people.create!(name: "Person #{index}", level: "beginner") }
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(intervals(6))), by: nil)
    runs = Array.new(3) { |index| Server::Records::Run.open(workout, client_key: "a-run-of-faults-#{index}", by: nil) }
    cookie
    killed = false
    killer = Thread.new do
      Thoroughness.of(4, by_day: 2).times do
        sleep 1.2
        server.kill
        server.start
      end
      killed = true
    end
    # A writer for each run, each asking again until it is answered.
    acknowledged = runs.map do |run|
      Thread.new do
        ids = []
        until killed && ids.size >= 6
          id = "submission-#{ids.size}"
          answer = until_answered("/api/runs/#{run.id}/log", {submission_id: id, log_version: ids.size, note: id, attendances: people.map { |person| {person_id: person.id, present: true, effort: ids.size % 11} }})
          raise "#{answer.code} #{answer.body} #{server.said(answer["x-request-id"].to_s)}" unless answer.code == "200" && JSON.parse(answer.body)["log_version"] == ids.size + 1
          ids << id
        end
        ids
      end
    end.map(&:value)
    killer.join
    written = runs.map { |run| run.log_revisions.order(:number).map { |revision| revision.content["note"] } }
    expect(written).to eq(acknowledged)
    expect(runs.map { |run| [run.reload.log_version, run.attendances.count] }).to eq(acknowledged.map { |ids| [ids.size, 8] })
    expect(Server::Records::Result.count).to eq(3 * 48)
  end

  it "refuses a body that is too large before it is written anywhere, whoever sends it" do
    spooled = -> { Dir[File.join(server.folder, "*")].size }
    before = spooled.call
    {"content-length: 209715200" => "", "transfer-encoding: chunked" => "200000\r\n#{"x" * 2_097_152}\r\n0\r\n\r\n"}.each do |header, body|
      socket = TCPSocket.new("127.0.0.1", server.port)
      socket.write("POST /api/session HTTP/1.1\r\nhost: 127.0.0.1\r\ncontent-type: application/json\r\n#{header}\r\n\r\n")
      begin
        socket.write(body)
      rescue Errno::EPIPE, Errno::ECONNRESET
        nil
      end
      expect(Timeout.timeout(5) { socket.gets }).to include("413"), header
      socket.close
    end
    expect(spooled.call).to eq(before)
  end

  it "answers the largest document that is allowed and stays there for others meanwhile" do
    studio = Server::Records::Studio.create!(name: "Weir House")
    studio.instructors.create!(name: "Ottoline Varga", email: "ottoline@example.test", password: "weir-and-lock-gate", role: "owner")
    blocks = Array.new(2) { |index| intervals(Array.new(40) { |number| station("s#{number}", movement: "push_up") }, rounds: 25).merge("id" => "b#{index}") }
    document = workout_document(*blocks)
    cookie
    answers = Array.new(4) { Thread.new { Net::HTTP.start("127.0.0.1", server.port, read_timeout: 60) { |http| http.post("/api/preview", JSON.generate(workout: document), "content-type" => "application/json", "cookie" => cookie).code } } }
    alive = Array.new(10) { Net::HTTP.get_response(URI("#{server.address}/health")).code }
    expect([answers.map(&:value).uniq, alive.uniq]).to eq([["200"], ["200"]])
  end
end
