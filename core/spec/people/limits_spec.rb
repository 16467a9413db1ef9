# frozen_string_literal: true

RSpec.describe Sparrow::People::Limits do
  let(:catalogue) { Sparrow::Catalogue.house }

  def out(kind, severity = "avoid")
    held = limit(kind, severity: severity)
    catalogue.flat_map(&:ladder).select { |variation| held.rules_out?(variation) }.map(&:id)
  end

  {
    "knee" => [%w[squat.parallel lunge_back.free thrust_press.chair plank_jack.jump cartwheel.low], %w[push_up.floor]],
    "hip" => [%w[squat.parallel star_jack.high], %w[push_up.floor]], "lower_back" => [%w[mountain_climber.slow thrust_press.jump high_knees.run], %w[plank.wall dead_bug.heel_tap]],
    "shoulder" => [%w[v_fold.tuck bird_reach.leg_only], %w[squat.parallel blade_press.standing]], "elbow" => [%w[plank.forearm side_plank.knees], %w[squat.parallel]], "wrist" => [%w[push_up.floor plank_reach.full push_up.wall row.standing v_fold.tuck], %w[plank.forearm squat.parallel push_up_fists.wall]],
    "no_floor" => [%w[push_up.floor sit_up.crunch squat_thrust.walk row.short row.long row.feet_up walk_out.bent push_up.hands_30], %w[push_up.wall squat.parallel row.standing push_up.hands_60]],
    "not_on_back" => [%w[sit_up.crunch glute_bridge.two_leg], %w[push_up.floor]], "not_face_down" => [%w[push_up.floor push_up.knees squat_thrust.walk walk_out.bent arch_lift.chest plank.forearm], %w[sit_up.crunch push_up.hands_60 bird_reach.opposite side_plank.knees]],
    "head_not_below_hips" => [%w[pike_press.floor walk_out.straight], %w[pike_press.wall]], "nothing_overhead" => [%w[overhead_press.seated chin_up.full], %w[push_up.wall]],
    "no_forward_bending" => [%w[sit_up.crunch walk_out.bent], %w[hip_hinge.wall_tap]], "no_straining" => [%w[plank.forearm wall_sit.level chin_up.full], %w[push_up.wall]],
    "no_impact" => [%w[squat.jump side_hop.low], %w[squat.parallel]], "needs_support" => [%w[squat.parallel lunge_back.free one_leg_squat.chair_sit one_leg_squat.chair_both_up split_squat.rear_raised get_up.free get_up.arms_up cartwheel.low],
      %w[lunge_back.supported sit_up.crunch step_up.low get_up.chair squat.chair_hands]],
    "no_twisting" => [%w[wood_chop.standing bicycle.pedal push_up_turn.floor walking_lunge.turn cartwheel.low], %w[shoulder_tap.full push_up.floor walking_lunge.long]]
  }.each do |kind, (barred, free)|
    it "rules out what “#{kind}” spares, and nothing beside it" do
      expect(out(kind)).to include(*barred)
      expect(out(kind) & free).to eq([])
    end
  end

  it "lets the beginner's band through where somebody only goes gently, never with impact" do
    expect(out("knee", "gently")).not_to include("squat.chair_sit")
    expect(out("knee", "gently")).to include("squat.jump", "one_leg_squat.full")
  end

  it "rules out hard landings with each joint of the legs and with the lower back, whatever a version's flags say" do
    hard = catalogue.variation("squat.jump").with(joints: [])
    expect(%w[knee hip ankle lower_back].map { |kind| limit(kind).rules_out?(hard) }).to all(be(true))
    expect(%w[wrist neck].map { |kind| limit(kind).rules_out?(hard) }).to all(be(false))
  end

  it "holds from its first day to its last" do
    held = limit("knee", starts_on: Date.new(2026, 11, 1), ends_on: Date.new(2026, 11, 30))
    expect([31, 1, 30].zip([10, 11, 11]).map { |day, month| held.on?(Date.new(2026, month, day)) }).to eq([false, true, true])
    expect(held.on?(Date.new(2026, 12, 1))).to be(false)
    expect(limit("knee").on?(Date.new(2000, 1, 1))).to be(true)
  end

  it "is put in words with its side" do
    expect(limit("knee", side: "left").words).to eq("left knee")
    expect(limit("no_floor", severity: "gently").words).to eq("not down to the floor, gently")
  end

  it "knows of every variation of the house what it asks overhead, head down, bent forward or straining" do
    raw = Sparrow::Catalogue::Files.paths(File.join(Sparrow::DATA, "movements")).flat_map { |path| YAML.safe_load_file(path)["ladder"] }
    expect(raw).to all(have_key("strains"))
    expect(catalogue.flat_map(&:ladder).flat_map(&:strains).uniq).to match_array(Sparrow::Catalogue::Variation::STRAINS)
  end
end
