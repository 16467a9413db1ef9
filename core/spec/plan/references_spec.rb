# frozen_string_literal: true

RSpec.describe Sparrow::Plan::References do
  def refused(station)
    refusal_of(workout_document(intervals([station]))).transform_values(&:to_s).transform_keys { |pointer| pointer.delete_prefix("/blocks/0/stations/0") }
  end

  def with_alternatives(*pairs)
    station("p", movement: "push_up", alternatives: pairs.map { |joint, variation| {"for" => joint, "variation" => variation} })
  end

  it "takes one alternative for a joint, of the catalogue, that does not load it" do
    expect(refused(with_alternatives(["wrist", "squat.parallel"]))).to eq({})
    expect(refused(with_alternatives(["wrist", "squat.flying"], ["knee", "squat.parallel"], ["elbow", "squat.parallel"], ["elbow", "squat.chair_tap"]))).to match(
      "/alternatives/0/variation" => "is not a version in the catalogue", "/alternatives/1/variation" => include("knee"), "/alternatives/3/for" => "has an alternative at this station already"
    )
  end

  it "names a version that the catalogue has not, with those that the movement has where there is one" do
    expect(refused(station("p", movement: "push_up", levels: {"beginner" => {"variation" => "push_up.flying"}}))).to match("/levels/beginner/variation" => include("push_up.knees"))
    parts = {"id" => "c", "counting" => "compound", "parts" => [{"movement" => "high_knees", "reps" => 4}, {"movement" => "squat", "reps" => 4}],
             "levels" => {"beginner" => {"variation" => "push_up.flying", "reps" => 3}, "intermediate" => {"reps" => 3}, "advanced" => {"reps" => 3}}}
    expect(refused(parts)).to eq("/levels/beginner/variation" => "is not a version in the catalogue")
  end
end
