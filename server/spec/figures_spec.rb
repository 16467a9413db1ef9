# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Figures" do
  before { signed_in_studio }

  def own_squat
    send_json(:post, "/api/movements", {"copy_of" => "squat"})
  end

  it "are sent whole, under an entity tag, and not again while they are the same" do
    figure = send_json(:get, "/api/figures/squat.parallel")
    expect([status, figure["view"], figure["steps"].map { |step| step["phase"] }, figure["faults"].size]).to eq([200, "side", %w[lower lift], 3])
    tag = last_response["etag"]
    custom_request("GET", "/api/figures/squat.parallel", {}, "HTTP_IF_NONE_MATCH" => tag)
    expect([status, last_response.body]).to eq([304, ""])
  end

  it "of the house are kept by the browser for an hour, a studio's own asked for each time" do
    send_json(:get, "/api/figures/squat.parallel")
    expect(last_response["cache-control"]).to eq("private, max-age=3600")
    own = own_squat
    send_json(:get, "/api/figures/#{own["id"]}.parallel")
    expect(last_response["cache-control"]).to eq("private, no-cache")
  end

  it "are solved ahead in the background when the server starts" do
    ids = %w[squat.parallel push_up.floor]
    allow(Sparrow::Figure::Library.house).to receive(:ids).and_return(ids)
    allow(Server::Figures::View).to receive(:house).and_call_original
    Server::Figures::View.solve_ahead.join
    ids.each { |id| expect(Server::Figures::View).to have_received(:house).with(id) }
  end

  it "are small: under a kilobyte on average as they are compressed" do
    sizes = Sparrow::Figure::Library.house.ids.each_slice(25).map(&:first).map do |id|
      get("/api/figures/#{id}")
      Zlib.gzip(last_response.body).bytesize
    end
    expect(sizes.sum / sizes.size).to be < 1024
  end

  it "are not there for a version that is not there, however it is spelled" do
    ["squat.flying", "squat", "own_squat.parallel", "%F0%9F%92%A5"].each do |id|
      get("/api/figures/#{id}")
      expect(status).to eq(404), id
    end
  end

  it "go with a copy, until another is chosen; none is honest too" do
    own = own_squat
    document = send_json(:get, "/api/movements/#{own["id"]}/document")
    expect(document["document"]["ladder"][3]["figure"]).to eq({"like" => "squat.parallel"})
    expect(send_json(:get, "/api/figures/#{own["id"]}.parallel")["start"]).to eq(send_json(:get, "/api/figures/squat.parallel")["start"])
    document["document"]["ladder"][3]["figure"] = {"poses" => %w[stand lunge], "view" => "quarter"}
    document["document"]["ladder"][4].delete("figure")
    send_json(:put, "/api/movements/#{own["id"]}", document.slice("document", "version"))
    expect(status).to eq(200)
    expect(send_json(:get, "/api/figures/#{own["id"]}.parallel")["view"]).to eq("quarter")
    send_json(:get, "/api/figures/#{own["id"]}.pause")
    expect(status).to eq(404)
  end

  it "of another studio's movement are nobody else's" do
    own = own_squat
    make_studio("Other", email: "other@example.test")
    sign_in(email: "other@example.test")
    send_json(:get, "/api/figures/#{own["id"]}.parallel")
    expect(status).to eq(404)
  end

  it "are put together from base poses by name, and nothing is stored" do
    expect(send_json(:get, "/api/figure-poses")["poses"]).to include("stand", "plank", "lie")
    figure = send_json(:post, "/api/figure-poses", {"poses" => %w[stand chair_sit_down], "view" => "side"})
    expect([status, figure["props"].map { |prop| prop["kind"] }, figure["steps"].size]).to eq([200, ["chair"], 2])
  end

  it "name the field where poses are missing, unknown, too many, or do not go together" do
    {[] => "/poses", %w[flying] => "/poses", %w[stand] * 5 => "/poses"}.each do |poses, pointer|
      send_json(:post, "/api/figure-poses", {"poses" => poses})
      expect([status, field_errors.keys]).to eq([422, [pointer]]), poses.inspect
    end
    send_json(:post, "/api/figure-poses", {"poses" => ["stand"], "view" => "moon"})
    expect([status, field_errors.keys]).to eq([422, ["/view"]])
  end

  it "refuse poses of one's own movement that there are not, at their field" do
    own = own_squat
    document = send_json(:get, "/api/movements/#{own["id"]}/document")
    document["document"]["ladder"][0]["figure"] = {"poses" => %w[flying]}
    document["document"]["ladder"][1]["figure"] = {"like" => "squat.flying"}
    send_json(:put, "/api/movements/#{own["id"]}", document.slice("document", "version"))
    expect([status, field_errors.keys]).to eq([422, ["/document/ladder/0/figure/poses", "/document/ladder/1/figure/like"]])
  end

  it "stand as key poses on a participant's card" do
    strip = Server::Figures::View.strip(Sparrow::Catalogue.house.variation("squat.parallel"))
    expect([strip["stills"].size, strip["stills"].first.size]).to eq([2, Sparrow::Figure::Body::POINTS.size * 2])
    expect(Server::Figures::View.strip(nil)).to be_nil
  end
end
