# frozen_string_literal: true

require "stringio"
require_relative "server_helper"

RSpec.describe "What every answer carries" do
  it "has a strict content policy without inline code, and the other security headers" do
    get "/health"
    policy = last_response["content-security-policy"]
    expect(policy).to include("default-src 'none'", "frame-ancestors 'none'")
    expect(policy).not_to match(/unsafe|\*|https?:/)
    expect(last_response.headers).to include("x-content-type-options" => "nosniff", "x-frame-options" => "DENY", "cache-control" => "no-store")
  end

  it "has a nonce of its own each time" do
    nonces = Array.new(2) { get("/health") && last_response["content-security-policy"][/nonce-([^']+)/, 1] }
    expect(nonces.uniq.size).to eq(2)
  end

  it "has a request id, a given one if it is plain" do
    get "/health", {}, {"HTTP_X_REQUEST_ID" => "weir-0001"}
    expect(last_response["x-request-id"]).to eq("weir-0001")
    get "/health", {}, {"HTTP_X_REQUEST_ID" => "a\nb"}
    expect(last_response["x-request-id"]).to match(/\A[\h-]{36}\z/)
  end

  it "logs a line of JSON without names, addresses, queries or bodies" do
    make_studio
    output = StringIO.new
    client = Rack::Test::Session.new(Server::Application.build(settings: Server::Settings.new({"ALLOWED_HOSTS" => "example.org"}), log: output))
    client.post "/api/session", JSON.generate(email: "ottoline@example.test", password: "weir-and-lock-gate"), "CONTENT_TYPE" => "application/json"
    client.get "/api/workouts?q=Secret"
    lines = output.string.lines.map { |line| JSON.parse(line) }
    expect(lines.map { |line| line.values_at("method", "route", "status") }).to eq([["POST", "/api/session", 201], ["GET", "/api/workouts", 200]])
    expect(output.string).not_to match(/ottoline|weir-and|Secret|Varga/i)
  end

  it "does not log the link of a card, nor any path that is no route" do
    output = StringIO.new
    client = Rack::Test::Session.new(Server::Application.build(settings: Server::Settings.new({"ALLOWED_HOSTS" => "example.org"}), log: output))
    client.get "/api/cards/a-token-of-somebody"
    client.get "/card/a-token-of-somebody"
    client.get "/api/nothing/Tamsin"
    expect(output.string.lines.map { |line| JSON.parse(line)["route"] }).to eq(["/api/cards/:token", "/*", "none"])
    expect(output.string).not_to match(/token-of|Tamsin/)
  end

  it "says that the process is alive whatever the database does" do
    allow(ActiveRecord::Base.connection_pool).to receive(:with_connection).and_raise(ActiveRecord::ConnectionNotEstablished)
    expect([send_json(:get, "/health"), status]).to eq([{"status" => "alive"}, 200])
  end

  it "says whether it is ready: database, migrations and key" do
    expect(send_json(:get, "/ready")).to eq("status" => "ready", "database" => true, "migrations" => true, "key" => true)
    Server::Records::Installation.current.update!(key_check: "another key's")
    expect([send_json(:get, "/ready"), status]).to eq([{"status" => "not ready", "database" => true, "migrations" => true, "key" => false}, 503])
    allow(ActiveRecord::Base.connection_pool).to receive(:with_connection).and_raise(ActiveRecord::ConnectionNotEstablished)
    expect([send_json(:get, "/ready")["database"], status]).to eq([false, 503])
  end
end
