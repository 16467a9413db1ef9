# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "A screen in the hall" do
  let!(:studio) { signed_in_studio }

  def movements_shown(station)
    run = open_run(make_workout(workout_document(intervals([station]))))
    code = send_json(:post, "/api/runs/#{run["id"]}/hall")["hall"]["code"]
    send_json(:get, "/api/hall/#{code}")["movements"].map { |movement| movement["id"] }
  end

  it "is given every movement that somebody does, and what stands in for a joint" do
    given = station("p", movement: "push_up", alternatives: [{"for" => "wrist", "variation" => "plank.forearm"}])
    parts = [{"movement" => "high_knees", "reps" => 4}, {"movement" => "mountain_climber", "reps" => 4}]
    levels = given["levels"].merge("beginner" => {"variation" => "squat.parallel", "reps" => 8}, "advanced" => {"parts" => parts, "reps" => 4})
    expect(movements_shown(given.merge("levels" => levels))).to match_array(%w[push_up squat high_knees mountain_climber plank])
  end
end
