# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "A circuit as a file" do
  before { signed_in_studio }

  # A movement of the studio's own, named for what it is like.
  def own_movement(name, like)
    send_json(:post, "/api/movements", {"name" => name, "like" => like})
  end

  def circuit_of(*movements)
    stations = movements.each_with_index.map { |id, index| {"id" => "s#{index}", "movement" => id, "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "#{id}.first", "reps" => 8}] }} }
    make_workout(workout_document(intervals(stations)))
  end

  def file_of(workout)
    get "/api/workouts/#{workout["id"]}/file"
    JSON.parse(last_response.body)
  end

  def take(file)
    send_json(:post, "/api/workouts/import", {"file" => file})
  end

  def sign_in_elsewhere
    clear_cookies
    make_studio("Slipway Loft", email: "emeka@slipway.example")
    sign_in(email: "emeka@slipway.example")
  end

  it "is the open document, under the circuit's name" do
    made = make_workout
    file = file_of(made)
    expect(file).to eq(made["document"])
    expect(last_response.headers["content-disposition"]).to eq("attachment; filename=\"lock-gate-tuesday.json\"")
    expect(take(file)["workout"]["document"]).to eq(made["document"])
  end

  it "brings the studio's own movements along to where they are unknown, with their ways round" do
    heave = own_movement("Bilge heave", "squat.parallel")
    document = send_json(:get, "/api/movements/#{heave["id"]}/document")
    reach = own_movement("Gunwale reach", "push_up.knees")
    send_json(:put, "/api/movements/#{heave["id"]}", {"document" => document["document"].merge("spares" => document["document"]["spares"].merge("knee" => "#{reach["id"]}.first")), "version" => document["version"]})
    file = file_of(circuit_of(heave["id"]))
    expect(file["movements"].map { |movement| movement["name"] }).to eq(["Bilge heave", "Gunwale reach"])
    sign_in_elsewhere
    answer = take(file)
    expect([status, answer["movements_added"]]).to eq([201, ["Gunwale reach", "Bilge heave"]])
    expect(send_json(:get, "/api/movements/#{heave["id"]}")).to include("name" => "Bilge heave", "own" => true)
    expect(take(file)["movements_added"]).to eq([])
  end

  it "gives a movement a name of its own where another has its id" do
    heave = own_movement("Bilge heave", "squat.parallel")
    file = file_of(circuit_of(heave["id"]))
    sign_in_elsewhere
    own_movement("Something else", "squat.parallel")
    answer = take(file)
    expect(answer["movements_added"]).to eq(["Bilge heave"])
    expect(answer["workout"]["document"].dig("blocks", 0, "stations", 0)).to include("movement" => "own_squat_2", "levels" => hash_including("beginner" => hash_including("variation" => "own_squat_2.first")))
  end

  it "says what is wrong with it, and leaves nothing behind" do
    heave = own_movement("Bilge heave", "squat.parallel")
    file = file_of(circuit_of(heave["id"]))
    sign_in_elsewhere
    {{"title" => "no format"} => "/file", "words" => "/file", file.merge("movements" => 5) => "/file/movements", file.merge("movements" => [5]) => "/file/movements/0",
     file.merge("movements" => []) => "/file/blocks/0/stations/0/movement", file.merge("blocks" => 5) => "/file/blocks",
     file.merge("movements" => [file["movements"].first.except("ladder")]) => "/file/movements/0/ladder"}.each do |broken, pointer|
      take(broken)
      expect([status, field_errors.keys.first]).to eq([422, pointer])
    end
    expect([send_json(:get, "/api/workouts")["workouts"], Server::Records::Studio.find_by!(name: "Slipway Loft").studio_movements.count]).to eq([[], 0])
  end

  it "says what kit a circuit needs" do
    make_workout(workout_document(intervals([station("s", movement: "step_up"), station("r", movement: "push_up").tap { |held| held["levels"]["advanced"] = {"sits_out" => true} }])))
    expect(send_json(:get, "/api/workouts")["workouts"].first["kit"]).to eq(%w[mat step])
    expect(send_json(:get, "/api/templates")["templates"].count { |template| template["kit"].empty? }).to be_positive
  end
end
