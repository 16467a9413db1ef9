# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "A studio's own movements" do
  before { signed_in_studio }

  def copy(id = "squat")
    send_json(:post, "/api/movements", {"copy_of" => id})
  end

  def document(id)
    send_json(:get, "/api/movements/#{id}/document")["document"]
  end

  it "begin as a copy of any other, and stand in the catalogue" do
    made = copy
    expect([status, made["id"], made["own"], made["retired"]]).to eq([201, "own_squat", true, false])
    expect(copy).to include("id" => "own_squat_2", "name" => "Squat (own 2)")
    expect(copy("own_squat")["id"]).to eq("own_squat_3")
    ids = send_json(:get, "/api/movements")["movements"].map { |movement| movement["id"] }
    expect(ids).to include("squat", "own_squat", "own_squat_2")
  end

  it "begin with a name and the version that is most like them" do
    made = send_json(:post, "/api/movements", {"like" => "step_up.mid", "name" => "Weir step"})
    expect([status, made["id"], made["name"], made["ladder"].size]).to eq([201, "own_step_up", "Weir step", 1])
    expect(document("own_step_up")["ladder"].first).to include("name" => "Weir step", "guessed_from" => "step_up.mid")
    send_json(:post, "/api/movements", {"like" => "step_up.mid"})
    expect(field_errors).to eq("/name" => "is missing")
    send_json(:post, "/api/movements", {"like" => "no.where", "name" => "Weir step"})
    expect(field_errors).to eq("/like" => "is not a version we know")
  end

  it "say what limits count besides what was written" do
    copy("push_up")
    stored = Server::Records::StudioMovement.find_by!(movement_id: "own_push_up")
    silent = stored.document["ladder"].map { |variation| variation.merge("joints" => variation["joints"] - %w[wrist]) }
    send_json(:put, "/api/movements/own_push_up", {"document" => stored.document.merge("ladder" => silent), "version" => stored.version})
    expect(status).to eq(200)
    expect(send_json(:get, "/api/movements/own_push_up/document")["derived"]["floor"]).to eq([{"name" => "wrist", "because" => "weight is on the hands"}])
    floor = send_json(:get, "/api/movements/own_push_up")["ladder"].find { |variation| variation["id"] == "own_push_up.floor" }
    expect(floor["joints"]).to include("wrist")
  end

  it "are read in the form of today where they were kept in an older one" do
    copy
    stored = Server::Records::StudioMovement.find_by!(movement_id: "own_squat")
    older = stored.document.merge("ladder" => stored.document["ladder"].map { |variation| variation.except("kit", "faults", "weight_on", "hold", "gets_down", "moves").merge("equipment" => ["chair"]) })
    stored.update_columns(document: older)
    expect(send_json(:get, "/api/movements/own_squat")["ladder"].first).to include("equipment" => ["chair"], "faults" => [], "hold" => false)
  end

  it "can be planned with, run and logged" do
    movement = copy
    station = {"id" => "s", "movement" => movement["id"], "levels" => movement["opens"]}
    workout = make_workout(workout_document(intervals([station])))
    expect(status).to eq(201)
    expect(open_run(workout)["preview"]["blocks"].first["stations"].first["name"]).to eq(movement["name"])
  end

  it "are changed as documents, with the same checks" do
    id = copy["id"]
    changed = document(id).merge("name" => "Weir squat")
    expect(send_json(:put, "/api/movements/#{id}", {"document" => changed, "version" => 1})["name"]).to eq("Weir squat")
    changed["ladder"][0]["standard"] = "x"
    send_json(:put, "/api/movements/#{id}", {"document" => changed, "version" => 2})
    expect([status, field_errors.keys]).to eq([422, ["/document/ladder/0/standard"]])
    expect(document(id)["ladder"][0]["standard"]).not_to eq("x")
  end

  it "keep the variations that circuits may stand on" do
    id = copy["id"]
    send_json(:put, "/api/movements/#{id}", {"document" => document(id).tap { |held| held["ladder"].pop }, "version" => 1})
    expect([status, field_errors["/document/ladder"]]).to match([422, /must keep jump/])
  end

  it "are retired and offered again, and stay in their circuits" do
    movement = copy
    workout = make_workout(workout_document(intervals([{"id" => "s", "movement" => movement["id"], "levels" => movement["opens"]}])))
    expect(send_json(:post, "/api/movements/#{movement["id"]}/retire")["retired"]).to be(true)
    send_json(:post, "/api/preview", {"workout" => workout["document"]})
    expect(status).to eq(200)
    expect(send_json(:post, "/api/movements/#{movement["id"]}/restore")["retired"]).to be(false)
  end

  it "do not change the house's" do
    send_json(:put, "/api/movements/squat", {"document" => document("squat")})
    expect(status).to eq(404)
    send_json(:post, "/api/movements", {"document" => document("squat")})
    expect(field_errors).to eq("/document/id" => "must begin with own_")
    send_json(:post, "/api/movements", {})
    expect(field_errors.keys).to eq(["/document"])
  end

  it "are nobody else's" do
    id = copy["id"]
    make_studio("Other", email: "other@example.test")
    sign_in(email: "other@example.test")
    expect(send_json(:get, "/api/movements")["movements"].map { |movement| movement["id"] }).not_to include(id)
    %W[/api/movements/#{id} /api/movements/#{id}/document].each do |path|
      send_json(:get, path)
      expect(status).to eq(404), path
    end
    send_json(:post, "/api/movements/#{id}/retire")
    expect(status).to eq(404)
  end

  it "change the catalogue's tag" do
    send_json(:get, "/api/movements")
    before = last_response["etag"]
    copy
    send_json(:get, "/api/movements")
    expect(last_response["etag"]).not_to eq(before)
    send_json(:get, "/api/movements", nil, if_none_match: last_response["etag"])
    expect(status).to eq(304)
  end
end
