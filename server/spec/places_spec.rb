# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Places" do
  let!(:studio) { signed_in_studio }
  let(:boathouse) do
    send_json(:post, "/api/places", {"name" => "The boathouse", "address" => "Weir Lane 1", "defibrillator" => "lock cottage", "first_aid" => "kitchen", "kit" => {"chair" => 12, "mat" => 10}})
  end

  def names
    send_json(:get, "/api/places")["places"].map { |place| place["name"] }
  end

  it "have a size in whole metres, or none" do
    expect(boathouse).to include("width_m" => nil, "depth_m" => nil)
    changed = send_json(:put, "/api/places/#{boathouse["id"]}", {"name" => "The boathouse", "width_m" => 9, "depth_m" => 7, "version" => boathouse["version"]})
    expect(changed).to include("width_m" => 9, "depth_m" => 7)
    expect(send_json(:post, "/api/places", {"name" => "A cupboard", "width_m" => 1})["errors"].map { |error| error["pointer"] }).to eq(["/width_m"])
  end

  it "are kept with how help finds them and what is there" do
    expect(boathouse).to include("address" => "Weir Lane 1", "kit" => {"chair" => 12, "mat" => 10}, "space" => "")
    expect(names).to eq(["The boathouse"])
    expect(send_json(:get, "/api/places")["pieces"]).to include("chair", "bench", "bar", "mat")
  end

  it "are changed whole: what is left out is empty" do
    changed = send_json(:put, "/api/places/#{boathouse["id"]}", {"name" => "The boathouse by the weir", "surface" => "wood", "version" => 1})
    expect(changed).to include("name" => "The boathouse by the weir", "surface" => "wood", "address" => "", "kit" => nil)
  end

  it "are put away, and stay with the classes that were there" do
    workout = make_workout
    held = send_json(:post, "/api/classes", {"workout_id" => workout["id"], "starts_at" => "2026-11-24T18:30:00Z", "place_id" => boathouse["id"]})
    send_json(:delete, "/api/places/#{boathouse["id"]}")
    expect([status, names]).to eq([204, []])
    expect(send_json(:get, "/api/classes/#{held["id"]}")["room"]).to include("name" => "The boathouse")
  end

  it "are another studio's business there" do
    other = make_studio("Elsewhere", email: "emeka@example.test")
    theirs = other.places.create!(name: "Barn")
    send_json(:put, "/api/places/#{theirs.id}", {"name" => "Mine now"})
    expect(status).to eq(404)
    send_json(:delete, "/api/places/#{theirs.id}")
    expect([status, theirs.reload.archived_at]).to eq([404, nil])
    expect(names).to eq([])
  end
end
