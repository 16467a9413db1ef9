# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Studio standards" do
  let!(:studio) { signed_in_studio }
  let(:rounds) { workout_document({"id" => "b", "role" => "main", "format" => "rounds", "rounds" => 2, "stations" => [station("a"), station("b")]}) }

  it "begin with the defaults, and with every school" do
    answer = send_json(:get, "/api/house")
    expect(answer["house"]).to eq({})
    expect(answer["defaults"]).to include("reserve" => 2, "depth" => "parallel")
    expect(answer["schools"].size).to eq(9)
  end

  it "say which circuits a change would touch, and change nothing by that" do
    workout = make_workout(rounds)
    make_workout(workout_document(intervals(2)))
    touched = send_json(:post, "/api/house/touches", {"house" => {"transition_s" => 20}})["circuits"]
    expect(touched.map { |circuit| circuit["id"] }).to eq([workout["id"]])
    expect(touched.first["total_after_s"] - touched.first["total_before_s"]).to eq(45)
    expect(studio.reload.house).to eq({})
  end

  it "bring along the circuits that are named, as a new version, and no others" do
    one, other = Array.new(2) { make_workout(rounds) }
    send_json(:put, "/api/house", {"house" => {"transition_s" => 20, "depth" => "full"}, "bring" => [one["id"]], "version" => 1})
    expect(status).to eq(200)
    brought = send_json(:get, "/api/workouts/#{one["id"]}")
    expect(brought["document"]).to include("house" => {"transition_s" => 20}, "depth" => "full")
    expect(brought["lock_version"]).to eq(2)
    expect(send_json(:get, "/api/workouts/#{other["id"]}")["lock_version"]).to eq(1)
  end

  it "travel in a new circuit, which may bring its own" do
    send_json(:put, "/api/house", {"house" => {"reserve" => 4}, "version" => 1})
    expect(make_workout["document"]["house"]).to eq("reserve" => 4)
    expect(make_workout(rounds.merge("house" => {"reserve" => 1}))["document"]["house"]).to eq("reserve" => 1)
    template = send_json(:post, "/api/workouts", {"template" => "bilge-pump-twelve"})
    expect(template["document"]["house"]).to eq("reserve" => 4)
  end

  it "refuse what contradicts itself or has no sense, at the field" do
    {{"reserve" => -1} => "/house/reserve", {"shares" => {"beginner" => 90}} => "/house/shares", {"colour" => 1} => "/house/colour",
     {"pace" => {"beginner" => 9}} => "/house/pace/beginner", {"ranges" => {"beginner" => {"min" => 9, "max" => 1}}} => "/house/ranges/beginner/min"}.each do |house, pointer|
      send_json(:put, "/api/house", {"house" => house})
      expect([status, field_errors.keys]).to eq([422, [pointer]])
    end
    expect(studio.reload.house).to eq({})
  end

  it "are another studio's business there" do
    workout = make_workout(rounds)
    make_studio("Other", email: "other@example.test")
    sign_in(email: "other@example.test")
    send_json(:put, "/api/house", {"house" => {"transition_s" => 20}, "bring" => [workout["id"]]})
    expect(Server::Records::Workout.find(workout["id"]).lock_version).to eq(1)
  end
end
