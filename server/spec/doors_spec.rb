# frozen_string_literal: true

require_relative "server_helper"

# Every route that there is, spelled in every way that a client may try.
RSpec.describe "Doors" do
  id = "00000000-0000-4000-8000-000000000000"
  routes = Server::Http::Routes.declared.map do |route|
    [route.verb, route.pattern.to_s.gsub(/:\w+/) { |name| (name == ":number") ? "1" : id }.sub("*", "circuits"), route.access]
  end
  closed = routes.reject { |verb, _, access| access == :open || verb == "HEAD" }

  spellings = {
    "plain" => ->(path) { path },
    "an encoded letter" => ->(path) { path.sub("/a", "/%61") },
    "every letter encoded, capital digits" => ->(path) { path.gsub(/[a-z]/) { |letter| format("%%%02X", letter.ord) } },
    "every letter encoded, small digits" => ->(path) { path.gsub(/[a-z]/) { |letter| format("%%%02x", letter.ord) } },
    "encoded twice" => ->(path) { path.sub("/a", "/%2561") },
    "a trailing slash" => ->(path) { "#{path}/" },
    "two slashes" => ->(path) { path.sub("/api", "//api") },
    "two slashes inside" => ->(path) { path.sub("/api/", "/api//") },
    "an encoded slash" => ->(path) { path.sub("/api/", "/api%2F") },
    "a dot segment" => ->(path) { path.sub("/api/", "/api/./") },
    "two dots" => ->(path) { path.sub("/api/", "/x/../api/") },
    "encoded dots" => ->(path) { path.sub("/api/", "/x/%2e%2E/api/") },
    "a backslash" => ->(path) { path.sub("/api/", "/api%5C") },
    "a null byte" => ->(path) { "#{path}%00" },
    "bytes that are no text" => ->(path) { "#{path}%ff" },
    "capital letters" => ->(path) { path.sub("/api", "/API") },
    "a semicolon" => ->(path) { "#{path};x=1" }
  }

  it "stand at more than a hundred routes, and few of them are open" do
    expect(closed.size).to be > 80
    open = routes.select { |verb, _, access| access == :open && verb != "HEAD" }.map { |verb, path, _| "#{verb} #{path.gsub(id, ":id")}" }
    expect(open).to match_array([
      "GET /health", "GET /ready", "POST /api/session", "DELETE /api/session", "POST /api/session/second-factor", "GET /api/setup", "POST /api/setup", "POST /api/setup/demo",
      "POST /api/password-links", "GET /api/password-links/:id", "PUT /api/password-links/:id", "GET /api/invitations/:id", "POST /api/invitations/:id",
      "GET /api/mailbox", "DELETE /api/mailbox", "GET /api/cards/:id", "POST /api/cards/:id/entry", "GET /api/hall/:id", "GET /api/hall/:id/events", "GET /api/hall/:id/figures/:id", "GET /api/hall/:id/stream",
      "GET /api/pulse", "POST /api/pulse", "GET /assets/:id", "GET /circuits",
      "GET /sw.js", "GET /manifest.webmanifest", "GET /icon-192.png", "GET /icon-512.png"
    ])
  end

  spellings.each do |name, spell|
    it "stay closed to who is signed out: #{name}" do
      make_studio
      answers = closed.map do |verb, path, _|
        custom_request(verb, "/", {}, "PATH_INFO" => spell.call(path), "CONTENT_TYPE" => "application/json", :input => "{}")
        [verb, path, status]
      end
      wrong = answers.reject { |_, _, status, _| [401, 404, 400].include?(status) }
      expect(wrong).to eq([])
      expect(answers.map(&:last).uniq).to eq([401]) if name == "plain"
    end
  end

  it "open for one spelling as for the other when somebody is signed in" do
    signed_in_studio
    expect(%w[/api/workouts /%61pi/workouts /api/%77orkouts].map { |path| custom_request("GET", "/", {}, "PATH_INFO" => path).status }).to eq([200, 200, 200])
  end

  it "answer 403 to a role that a route does not name" do
    studio = make_studio
    helper = studio.instructors.create!(name: "Emeka Thorsby", email: "emeka@example.test", password: "weir-and-lock-gate", role: "helper")
    sign_in(email: "emeka@example.test")
    answers = routes.reject { |verb, path, access| access == :open || verb == "HEAD" || path.include?("/api/account/sign-ins") }
      .to_h { |verb, path, access| [[verb, path, access], custom_request(verb, path, {}, "CONTENT_TYPE" => "application/json", :input => "{}").status] }
    expect(answers.select { |(_, _, access), status| access != :helper && status != 403 }).to eq({})
    expect(answers.select { |(_, _, access), status| access == :helper && status == 403 }).to eq({})
    helper.update!(role: "instructor")
    owners = answers.keys.select { |_, _, access| access == :owner }
    expect(owners.map { |verb, path, _| custom_request(verb, path, {}, "CONTENT_TYPE" => "application/json", :input => "{}").status }.uniq).to eq([403])
  end

  describe "and the throttle" do
    let(:app) { Server::Application.build(settings: Server::Settings.new({"ALLOWED_HOSTS" => "example.org"}), log: nil) }

    def ask(path, **env)
      custom_request("GET", "/", {}, "PATH_INFO" => path, **env.transform_keys(&:to_s)).status
    end

    it "counts every spelling of a path as the same" do
      stub_const("Server::Http::Throttle::RULES", [Server::Http::Throttle::Rule.new("cards", ->(request) { request.ip }, 3, ->(request) { request.path.start_with?("/api/cards/") })])
      Rack::Attack.clear_configuration
      expect(%w[/api/cards/x /%61pi/cards/x /api/%63ards/x /%61%70%69/cards/x].map { |path| ask(path) }).to eq([410, 410, 410, 429])
      expect(ask("/api/cards/x", REMOTE_ADDR: "10.0.0.9")).to eq(410)
    ensure
      Rack::Attack.clear_configuration
    end

    it "takes nobody's word for where a request came from" do
      stub_const("Server::Http::Throttle::RULES", [Server::Http::Throttle::Rule.new("cards", ->(request) { request.ip }, 2, ->(request) { request.path.start_with?("/api/cards/") })])
      Rack::Attack.clear_configuration
      answers = Array.new(3) { |index| ask("/api/cards/x", HTTP_X_FORWARDED_FOR: "10.0.0.#{index}", HTTP_CLIENT_IP: "10.0.1.#{index}") }
      expect(answers).to eq([410, 410, 429])
    ensure
      Rack::Attack.clear_configuration
    end
  end

  {"a query that is no text" => "q=%ff", "a null byte in a query" => "q=%00", "too many parameters" => (["a=1"] * 40).join("&"), "keys nested without end" => "a#{"[a]" * 200}=1",
   "a key that is two things" => "a=1&a[b]=2", "a percent sign alone" => "q=%", "a query without end" => "q=#{"x" * 5000}"}.each do |name, query|
    it "answer #{name} with 400" do
      signed_in_studio
      custom_request("GET", "/", {}, "PATH_INFO" => "/api/workouts", "QUERY_STRING" => query)
      expect([status, last_response.media_type]).to eq([400, "application/problem+json"])
    end
  end

  it "answer raw bytes in a path with 400, and note the request" do
    output = StringIO.new
    app = Server::Application.build(settings: Server::Settings.new({"ALLOWED_HOSTS" => "example.org"}), log: output)
    answer = Rack::MockRequest.new(app).get("/", "PATH_INFO" => "/api/\xff".b, "HTTP_HOST" => "example.org")
    expect(answer.status).to eq(400)
    expect(JSON.parse(output.string)).to include("status" => 400, "route" => "none")
  end
end
