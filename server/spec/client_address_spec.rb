# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::Http::ClientAddress do
  def seen(settings = {}, **env)
    found = nil
    app = lambda do |inner|
      found = inner
      [200, {}, []]
    end
    env = {"REMOTE_ADDR" => "10.0.0.1", "rack.url_scheme" => "http", "HTTP_HOST" => "127.0.0.1:9292", **env.transform_keys(&:to_s)}
    status, = described_class.new(app, settings: Server::Settings.new(settings)).call(env)
    found ? found.slice("REMOTE_ADDR", "rack.url_scheme", "HTTP_X_FORWARDED_FOR").merge("status" => status) : {"status" => status}
  end

  it "believes no header of a proxy that no setting names" do
    expect(seen(HTTP_X_FORWARDED_FOR: "1.2.3.4", HTTP_X_FORWARDED_PROTO: "https")).to eq("REMOTE_ADDR" => "10.0.0.1", "rack.url_scheme" => "http", "status" => 200)
  end

  it "believes a proxy that TRUSTED_PROXIES names, and takes the last address that is no proxy" do
    trusted = {"TRUSTED_PROXIES" => "10.0.0.0/24, 192.168.7.7"}
    expect(seen(trusted, HTTP_X_FORWARDED_FOR: "6.6.6.6, 1.2.3.4, 10.0.0.8", HTTP_X_FORWARDED_PROTO: "https")).to include("REMOTE_ADDR" => "1.2.3.4", "rack.url_scheme" => "https")
    expect(seen(trusted, HTTP_X_FORWARDED_FOR: "nonsense; DROP")).to include("REMOTE_ADDR" => "10.0.0.1")
    expect(seen(trusted, REMOTE_ADDR: "10.0.9.1", HTTP_X_FORWARDED_FOR: "1.2.3.4")).to include("REMOTE_ADDR" => "10.0.9.1")
  end

  it "speaks HTTPS where the public address does, whatever the proxy forgets to say" do
    expect(seen({"PUBLIC_URL" => "https://class.example"})).to include("rack.url_scheme" => "https")
    settings = Server::Settings.new({"PUBLIC_URL" => "https://class.example", "SESSION_SECRET" => "s" * 64})
    make_studio
    answer = Rack::MockRequest.new(Server::Application.build(settings: settings, log: nil, throttled: false)).post("/api/session", "HTTP_HOST" => "class.example",
      "CONTENT_TYPE" => "application/json", :input => JSON.generate("email" => "ottoline@example.test", "password" => "weir-and-lock-gate"))
    expect([answer.status, answer["set-cookie"].to_s.downcase]).to match([201, include("secure").and(include("sparrow_session"))])
  end

  it "answers for its own names and for addresses, and for no other host" do
    hosts = {"localhost:9292" => 200, "[::1]:9292" => 200, "192.168.1.20" => 200, "evil.example" => 400, "class.example" => 200, "" => 400, "a b" => 400, "class.example.evil" => 400}
    expect(hosts.to_h { |host, _| [host, seen({"ALLOWED_HOSTS" => "class.example"}, HTTP_HOST: host)["status"]] }).to eq(hosts)
    expect(seen({"PUBLIC_URL" => "https://weir.example"}, HTTP_HOST: "weir.example")["status"]).to eq(200)
  end

  it "refuses proxies that are no addresses before anything starts" do
    expect { Server::Settings.new({"TRUSTED_PROXIES" => "the load balancer"}).trusted_proxies }.to raise_error(Server::Settings::Missing, /TRUSTED_PROXIES/)
  end
end
