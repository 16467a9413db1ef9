# frozen_string_literal: true

# What is done at one version says what is to be expected at another. Each pair names how far the
# model may be from what coaches expect; the push-up's shares of body weight are published (Ebben et al. 2011).
RSpec.describe "The demands of the catalogue" do
  let(:catalogue) { Sparrow::Catalogue.house }

  def demand(id)
    Rational(catalogue.variation(id).demand_value.to_s)
  end

  def reps(from, done, to)
    k = Sparrow::Capacity.k(catalogue.variation(from).pattern)
    Sparrow::Capacity.moves(Sparrow::Capacity.strength(demand(from), done, k), demand(to), k)
  end

  {
    "push" => [["push_up.floor", 10, "push_up.hands_60", 31..34], ["push_up.floor", 10, "push_up.knees", 21..24], ["push_up.floor", 10, "push_up.feet_30", 6..8],
      ["push_up.floor", 25, "pike_press.floor", 8..13], ["push_up.floor", 25, "pike_press.bench", 18..25]],
    "squat" => [["squat.chair_sit", 20, "squat.chair_tap", 13..15], ["squat.chair_tap", 14, "squat.parallel", 7..9], ["squat.parallel", 60, "one_leg_squat.full", 2..6],
      ["squat.parallel", 40, "one_leg_squat.box", 1..7], ["squat.parallel", 30, "goblet_squat.full", 20..30]],
    "lunge" => [["lunge_back.free", 20, "forward_lunge.free", 14..20], ["lunge_back.free", 20, "get_up.free", 10..15], ["lunge_back.free", 20, "split_squat.rear_raised", 5..10]],
    "hinge" => [["glute_bridge.two_leg", 30, "glute_bridge.one_leg", 5..10], ["glute_bridge.two_leg", 30, "hip_hinge.one_leg", 8..14], ["glute_bridge.two_leg", 30, "hip_thrust.full", 13..19]],
    "pull" => [["row.short", 15, "row.long", 1..6], ["row.long", 22, "chin_up.full", 1..4], ["row.long", 15, "post_row.one_hand", 20..27]],
    "trunk_flexion" => [["sit_up.crunch", 25, "sit_up.sit_up", 10..15], ["sit_up.crunch", 25, "v_fold.single", 10..15], ["sit_up.crunch", 40, "v_fold.double", 8..14]],
    "rotation" => [["bicycle.heel_tap", 20, "bicycle.pedal", 6..10], ["shoulder_tap.knees", 20, "shoulder_tap.full", 2..6], ["wood_chop.standing", 15, "wood_chop.lunge", 1..4]],
    "lateral_trunk" => [["side_bend.bottle", 20, "side_bend.march", 3..7], ["side_plank_pulse.knees", 20, "side_plank_pulse.feet", 0..2]]
  }.each do |pattern, pairs|
    pairs.each do |from, done, to, expected|
      it "#{pattern}: #{done} of #{from} predict #{expected.min} to #{expected.max} of #{to}" do
        expect(reps(from, done, to)).to be_between(expected.min, expected.max)
      end
    end
  end

  {"plank.forearm" => [["plank.knees", 120..150], ["hollow.full", 18..26], ["hollow.tuck", 60..80], ["bear_step.hover", 55..65], ["bench_plank.hold", 160..190]],
   "side_plank.full" => [["side_plank.knees", 140..150]], "high_knees.quick_march" => [["high_knees.run", 20..26], ["heel_kick.brisk", 50..55], ["band_side_step.half", 44..50]],
   "jumping_jack.half" => [["jumping_jack.full", 36..40], ["squat_jump.full", 10..14], ["rope_skip.low", 42..46]]}.each do |from, pairs|
    pairs.each do |to, expected|
      it "a minute of #{from} predicts #{expected.min} to #{expected.max} s of #{to}" do
        expect(Sparrow::Capacity.seconds(60, demand(from).to_f, demand(to).to_f)).to be_between(expected.min, expected.max)
      end
    end
  end

  # Every step of every main ladder. Who does thirty of one does between one and twenty-nine of the next; who keeps
  # one up for two minutes keeps the next up for ten seconds at least, and not for longer than that.
  steps = Sparrow::Catalogue.house.select { |movement| movement.role == "main" }.flat_map { |movement| movement.ladder.each_cons(2).to_a }
  # Steps that are longer than that, and why they stay.
  long = {
    "pike_press.bench" => "Between the wall and a bench the push-up's ladder stands in: hands at hip height.",
    "heel_toe_raise.held" => "Seated there is no weight on it: it is for the ankles, not a way up.",
    "side_plank.knees" => "A lean at a wall is no plank: it is for who does not get down.",
    "chin_up.toe_pull" => "A hang becomes a pull: a hold says little of reps."
  }
  counted = ->(variation) { variation.measure == "reps" && !Sparrow::Capacity::BY_TIME.include?(variation.pattern) }

  it "climb step by step: #{steps.size} of them" do
    wrong = steps.reject { |lower, upper| long.key?(upper.id) || lower.measure != upper.measure }.filter_map do |lower, upper|
      if counted.call(lower)
        predicted, expected = reps(lower.id, 30, upper.id), 1..29
      else
        predicted, expected = Sparrow::Capacity.seconds(120, demand(lower.id).to_f, demand(upper.id).to_f), 10..120
      end
      "#{lower.id} → #{upper.id}: #{predicted.to_f.round(1)}" unless expected.cover?(predicted)
    end
    expect(wrong).to eq([])
  end

  it "gives no reason for a step that needs none" do
    stale = steps.select { |lower, upper| long.key?(upper.id) && lower.measure == upper.measure && (1..29).cover?(reps(lower.id, 30, upper.id)) && counted.call(lower) }
    expect(stale.map { |_, upper| upper.id }).to eq([])
    expect(long.keys - steps.map { |_, upper| upper.id }).to eq([])
  end

  it "keeps one order in each pattern: nothing from the beginner's band is harder than all of the advanced one" do
    catalogue.select { |movement| movement.role == "main" }.group_by(&:pattern).each do |pattern, movements|
      variations = movements.flat_map(&:ladder)
      beginner = variations.select { |variation| variation.levels == %w[beginner] }.map(&:demand_value).max
      advanced = variations.select { |variation| variation.levels == %w[advanced] }.map(&:demand_value).max
      expect(beginner).to be < advanced, pattern
    end
  end
end
