# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Movements" do
  before { signed_in_studio }

  it "come whole, with every variation and the numbers a new station opens with" do
    movements = send_json(:get, "/api/movements")["movements"]
    expect(movements.size).to eq(Sparrow::Catalogue.house.size)
    squat = movements.find { |movement| movement["id"] == "squat" }
    expect(squat["opens"]["intermediate"]).to eq("variation" => "squat.parallel", "reps" => 10)
    expect(squat["ladder"].map { |variation| variation["tempo"] }).to all(match(/\A\d-\d-\d-\d\z/))
  end

  it "are not sent again where nothing has changed" do
    get "/api/movements"
    tag = last_response["etag"]
    get "/api/movements", {}, {"HTTP_IF_NONE_MATCH" => tag}
    expect([status, last_response.body]).to eq([304, ""])
  end

  it "come one at a time as well" do
    expect(send_json(:get, "/api/movements/push_up")["name"]).to eq("Push-up")
  end

  it "stand beside the published schema of the workout format" do
    schema = send_json(:get, "/api/formats/workout.schema.json")
    expect(schema["$id"]).to eq("urn:willing-sparrow:workout:1")
    published = File.read(File.join(Server::ROOT, "docs", "formats", "workout.schema.json"))
    expect(JSON.parse(published)).to eq(schema)
  end
end
