# frozen_string_literal: true

RSpec.describe Sparrow::Plan::Prescription do
  def cell(movement, variation, format: "rounds", **keys)
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "#{movement}.#{variation}", **keys.transform_keys(&:to_s)}] }
    block = {"id" => "b", "role" => "main", "format" => format, "rounds" => 1, "stations" => [{"id" => "s", "movement" => movement, "levels" => levels}]}
    Sparrow::Plan.read(workout_document(block)).blocks.first.stations.first.at("intermediate")
  end

  describe "how long a set takes" do
    it "is its moves by their tempo, rounded up to the second" do
      expect(cell("squat", "parallel", reps: 10).set_s).to eq(30)
      expect(cell("squat", "parallel", reps: 10, tempo: "3-0-1-0").set_s).to eq(40)
    end

    it "is, of a range, that of its maximum" do
      expect(cell("squat", "parallel", reps: {"min" => 5, "max" => 10}).set_s).to eq(30)
      expect(cell("plank", "forearm", hold_s: {"min" => 15, "max" => 30}).set_s).to eq(30)
    end

    it "is that of both sides where the number is for each" do
      expect(cell("one_leg_squat", "chair_sit", reps: 6).set_s).to eq(36)
      expect(cell("side_plank", "knees", hold_s: 20).set_s).to eq(40)
    end

    it "is its work time where nothing is counted" do
      expect(cell("high_knees", "run", work_s: 45).set_s).to eq(45)
    end

    it "is half a minute where neither number nor variation says" do
      expect(cell("high_knees", "run").set_s).to eq(30)
    end
  end

  describe "where the body is" do
    it "is up standing, seated and hanging, and down on the floor otherwise" do
      expect(cell("squat", "parallel", reps: 5)).to be_starts_up
      expect(cell("chin_up", "full", reps: 3)).to be_starts_up
      expect(cell("chair_dip", "far", reps: 5)).to be_ends_up
      expect(cell("push_up", "floor", reps: 5)).not_to be_starts_up
      expect(cell("dead_bug", "arm_leg", reps: 6)).not_to be_ends_up
    end

    it "is, in a compound, that of its first part before and of its last after" do
      levels = Sparrow::Level::ALL.to_h { |level| [level, {"reps" => 2}] }
      compound = {"id" => "c", "counting" => "compound", "parts" => [{"movement" => "squat", "reps" => 2}, {"movement" => "push_up", "reps" => 2}], "levels" => levels}
      prescription = Sparrow::Plan.read(workout_document(intervals([compound]))).blocks.first.stations.first.at("advanced")
      expect([prescription.starts_up?, prescription.ends_up?]).to eq([true, false])
    end
  end

  it "wants even numbers only where each move of alternating sides counts" do
    expect(cell("lunge_back", "free", reps: 8).requires_even_count?).to be(true)
    expect(cell("lunge_back", "free", reps: 8, counting: "per_side").requires_even_count?).to be(false)
    expect(cell("squat", "parallel", reps: 8).requires_even_count?).to be(false)
  end

  it "takes the house's rest of nothing where nobody gives one" do
    expect(cell("squat", "parallel", reps: 8).rest_s).to eq(0)
    expect(cell("squat", "parallel", reps: 8, rest_s: 25).rest_s).to eq(25)
  end
end
