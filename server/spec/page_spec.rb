# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The page" do
  let(:script) { File.basename(Dir[File.join(Server::Pages::Page::DIST, "assets", "index-*.js")].first) }

  it "comes for every address of the interface, with this answer's nonce, and is never kept" do
    ["/", "/circuits", "/circuits/abc", "/runs/abc/floor"].each do |path|
      get path
      nonce = last_response["content-security-policy"][/nonce-([^']+)/, 1]
      expect(last_response["content-type"]).to start_with("text/html")
      expect(last_response.body).to include(%(nonce="#{nonce}")).and include(%(<div id="app">))
      expect(last_response.body).not_to include(Server::Pages::Page::PLACEHOLDER)
      expect(last_response["cache-control"]).to eq("no-store")
    end
  end

  it "knows the addresses that the interface has, and says 404 of any other" do
    routed = File.read(File.join(Server::ROOT, "web", "src", "router.ts")).scan(%r{path: '/([a-z-]+)}).flatten.uniq
    expect(Server::Pages::Routes::SCREENS).to match_array(routed)
    expect(["/circuits/abc", "/nothing", "/API/workouts"].map { |path| get(path).status }).to eq([200, 404, 404])
    expect(get("/nothing").body).to include(%(<div id="app">))
  end

  it "can be installed: a manifest with its pictures, and a worker that is asked for anew each time" do
    manifest = JSON.parse(get("/manifest.webmanifest").body)
    expect(manifest).to include("name" => "Willing Sparrow", "start_url" => "/", "display" => "standalone")
    manifest["icons"].each { |icon| expect(get(icon["src"])["content-type"]).to eq("image/png") }
    worker = get("/sw.js")
    expect([worker.status, worker["content-type"], worker["cache-control"]]).to eq([200, "text/javascript;charset=utf-8", "no-cache"])
    Dir[File.join(Server::Pages::Page::DIST, "assets", "*.js")].each { |path| expect(worker.body).to include(File.basename(path)) }
  end

  it "has no script, style or font from elsewhere, and none inline" do
    get "/"
    expect(last_response.body.scan(/(?:src|href)="([^"]+)"/).flatten).to all(start_with("/assets/").or(match(%r{\A/(manifest\.webmanifest|icon-192\.png)\z})))
    expect(last_response.body).not_to match(/<script[^>]*>[^<]/)
    sheets = Dir[File.join(Server::Pages::Page::DIST, "assets", "*.css")].map { |path| File.read(path) }.join
    expect(sheets.scan(/url\(([^)]+)\)/).flatten).to all(start_with("/assets/"))
  end

  it "asks for files that may be kept for good, each with its own type" do
    get "/assets/#{script}"
    expect(last_response["content-type"]).to match(%r{\A(text|application)/javascript})
    expect(last_response["cache-control"]).to include("immutable")
  end

  ["/assets/nothing.js", "/assets/..%2f..%2fpackage.json", "/assets/%2e%2e/index.html", "/api/nothing"].each do |path|
    it "is not sent in place of #{path}" do
      get path
      expect(last_response.body).not_to include("<div")
      expect(status).to be_between(400, 404)
    end
  end

  it "says how to build it where it has not been built" do
    stub_const("Server::Pages::Page::DIST", "/nowhere")
    get "/"
    expect([status, JSON.parse(last_response.body)["title"]]).to eq([503, "Not built"])
  end

  it "stays under 200 kB of compressed script on the first visit" do
    get "/"
    first = last_response.body.scan(%r{/assets/([^"]+\.js)}).flatten.uniq
    door = Dir[File.join(Server::Pages::Page::DIST, "assets", "{SignInPage,TodayPage}-*.js")].map { |path| File.basename(path) }
    bytes = (first + door).uniq.sum { |name| Zlib.gzip(File.read(File.join(Server::Pages::Page::DIST, "assets", name))).bytesize }
    expect(bytes).to be < 200_000
  end
end
