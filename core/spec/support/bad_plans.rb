# frozen_string_literal: true

require_relative "documents"

# Plans that a critical colleague would send back, each with what is wrong with it and a sound version of the same.
module BadPlans
  extend Documents

  # +rule+ is what must be found; +bad+ and +sound+ are workout documents.
  Case = Struct.new(:name, :rule, :bad, :sound)

  module_function

  WARM_UP = %w[march_swing shoulder_roll hip_circle squat_reach wrist_wake heel_warm].freeze
  COOL_DOWN = %w[slow_walk chest_stretch calf_stretch].freeze
  MAIN = %w[squat push_up side_lunge blade_squeeze dead_bug glute_bridge].freeze

  def warm_up(movements = WARM_UP, **keys)
    intervals(stations(movements), id: "warm", role: "warm_up", rest_s: 5, rounds: 1, **keys)
  end

  def cool_down(movements = COOL_DOWN, **keys)
    intervals(stations(movements), id: "cool", role: "cool_down", work_s: 60, rest_s: 10, **keys)
  end

  def main(movements = MAIN, **keys)
    list = (movements.is_a?(Array) && movements.first.is_a?(Hash)) ? movements : stations(movements)
    intervals(list, rounds: 2, round_rest_s: 60, **keys)
  end

  def stations(movements)
    movements.map.with_index(1) { |movement, index| at(movement, id: "s#{index}") }
  end

  # A station whose sides are halved where that is how it is worked.
  def at(movement, id: "s1", levels: {}, **keys)
    halves = Sparrow::Planning::Suggest.sides(Sparrow::Catalogue.house.movement(movement)).transform_keys(&:to_sym)
    station(id, movement: movement, levels: levels, **halves, **keys)
  end

  # One version for all levels, of any rung.
  def all(variation, id: "s1", **keys)
    movement = variation.split(".").first
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"variation" => variation, **keys.delete(:level).to_h}.compact] }
    {"id" => id, "movement" => movement, **keys.transform_keys(&:to_s), "levels" => levels}
  end

  def whole(block = main, warm: warm_up, cool: cool_down, **rest)
    workout_document(*[warm, block, cool].flatten.compact, **rest)
  end

  def of(*movements, **keys)
    whole(main(movements, **keys))
  end

  def every_level(keys)
    Sparrow::Level::ALL.to_h { |level| [level, keys] }
  end

  # The first station of the plain main part as something else.
  def with_first(first, **keys)
    main([first.merge("id" => "s1"), *stations(MAIN).drop(1)], **keys)
  end

  def squats(levels, **keys)
    station("s1", movement: "squat", levels: levels, **keys)
  end

  def list
    @list ||= [*balance, *order, *opening, *time, *numbers, *levels, *kit].freeze
  end

  def balance
    [
      plan("no pulling", "pattern_missing", of("squat", "push_up", "side_lunge", "dead_bug", "glute_bridge", "overhead_press"), whole),
      plan("no legs", "pattern_missing", of("push_up", "blade_squeeze", "dead_bug", "wall_angel", "side_bend", "seated_twist"), whole),
      plan("nothing for the trunk", "pattern_missing", of("squat", "push_up", "side_lunge", "blade_squeeze", "wall_angel", "glute_bridge"), whole),
      plan("far more pushing than pulling", "pushes_over_pulls", of("push_up", "squat", "pike_press", "blade_squeeze", "push_up_narrow", "dead_bug", "side_lunge"), whole),
      plan("everything forwards and back", "one_plane", of("squat", "push_up", "forward_lunge", "row", "dead_bug", "glute_bridge"), of("squat", "push_up", "side_lunge", "row", "dead_bug", "glute_bridge")),
      plan("only strained holds", "only_holds", whole(main([all("plank.forearm"), all("side_plank.full", id: "s2", sides: "split"), all("wall_sit.level", id: "s3"), all("hollow.full", id: "s4")])), whole)
    ]
  end

  def order
    [
      plan("five trunk stations in a row", "pattern_row", of("squat", "push_up", "dead_bug", "side_plank", "sit_up", "flutter", "hollow", "blade_squeeze", "forward_lunge", "wall_angel"), whole),
      plan("three pushes in a row", "pattern_row", of("squat", "push_up", "pike_press", "push_up_narrow", "blade_squeeze", "dead_bug"), whole),
      plan("the same station twice running", "same_twice", of("squat", "squat", "push_up", "blade_squeeze", "dead_bug", "side_lunge"), whole),
      plan("wrists loaded six stations long", "joint_row", of("squat", "push_up", "plank", "mountain_climber", "push_up_narrow", "bear_step", "pike_press", "blade_squeeze", "side_lunge"), whole),
      plan("knees loaded five long", "joint_row", of("squat", "forward_lunge", "split_squat", "side_lunge", "step_up", "push_up", "blade_squeeze", "dead_bug"), whole),
      plan("hanging four in a row", "joint_row", whole(main([all("chin_up.toe_pull"), all("row.long", id: "s2"), all("bar_knee_tuck.both", id: "s3"), all("post_row.low", id: "s4"), *stations(%w[squat push_up dead_bug]).map.with_index(5) { |one, index| one.merge("id" => "s#{index}") }])), whole),
      plan("up and down at every station", "up_and_down", of("squat", "dead_bug", "side_lunge", "glute_bridge", "blade_squeeze", "sit_up"), whole),
      plan("a skill as the last station", "skill_late", whole(main([*stations(MAIN), at("handstand", id: "skill")], rounds: 1, rest_s: 80)), whole(main([at("handstand", id: "skill"), *stations(MAIN)], rounds: 1, rest_s: 80))),
      plan("a skill at the end, when everybody is tired", "skill_late", whole([main, intervals([at("handstand")], id: "skill", role: "finisher", rounds: 2)]), whole([intervals([at("handstand")], id: "skill", role: "main", rounds: 2), main])),
      plan("jumps after half an hour", "jumps_late", whole([main(MAIN, rounds: 4), main([all("squat_jump.full"), all("skater.bound", id: "s2"), all("star_jack.high", id: "s3")], id: "late", rounds: 3, role: "finisher")]), whole([main(MAIN, rounds: 4), main(%w[knee_lift step_punch boxing], id: "late", rounds: 3, role: "finisher")]))
    ]
  end

  def opening
    [
      plan("no warm-up", "warm_up_missing", whole(warm: nil), whole),
      plan("no cool-down", "cool_down_missing", whole(cool: nil), whole),
      plan("a warm-up of forty seconds", "warm_up_short", whole(warm: warm_up(%w[march_swing])), whole),
      plan("a warm-up that misses the wrists", "warm_up_misses", whole(main(%w[push_up squat plank blade_squeeze mountain_climber side_lunge], rounds: 3), warm: warm_up(%w[march_swing shoulder_roll hip_circle squat_reach heel_warm])), whole(main(%w[push_up squat plank blade_squeeze mountain_climber side_lunge], rounds: 3))),
      plan("a warm-up that starts with jumps", "warm_up_hard", whole(warm: warm_up([*WARM_UP.first(5), "squat_jump"])), whole),
      plan("jumped squat thrusts in the cool-down", "cool_down_hard", whole(cool: cool_down(%w[chest_stretch squat_thrust])), whole),
      plan("straining in the cool-down", "cool_down_hard", whole(cool: cool_down(%w[chest_stretch plank])), whole),
      plan("a cool-down before the main part", "cool_down_early", workout_document(warm_up, cool_down, main), whole),
      plan("a finisher after the cool-down", "cool_down_early", workout_document(warm_up, main, cool_down, main(%w[boxing knee_lift step_punch], id: "late", role: "finisher")), whole)
    ]
  end

  def time
    [
      plan("half an hour without a rest", "long_without_rest", whole(main(MAIN, rounds: 8, rest_s: 0, round_rest_s: 0)), whole),
      plan("ten minutes of round rest", "rest_too_long", whole(main(MAIN, round_rest_s: 600)), whole),
      plan("five minutes between stations", "rest_too_long", whole(main(MAIN, rest_s: 300)), whole),
      plan("five minutes after one station", "rest_too_long", whole(with_first(at("squat", rest_s: 300))), whole),
      plan("twenty minutes of talk in the middle", "talk_in_the_middle", whole([main(%w[squat push_up blade_squeeze]), pause(1200), main(%w[dead_bug side_lunge glute_bridge], id: "two")]), whole([main(%w[squat push_up blade_squeeze]), pause(120), main(%w[dead_bug side_lunge glute_bridge], id: "two")])),
      plan("three seconds from the bar to the floor", "time_to_move", whole(main([all("row.standing"), *stations(%w[row dead_bug side_lunge push_up]).drop(1)], rest_s: 3)), whole(main([all("row.standing"), *stations(%w[row dead_bug side_lunge push_up]).drop(1)], rest_s: 15))),
      plan("no second to turn over", "time_to_turn", whole(main([at("side_plank", levels: every_level({"variation" => "side_plank.full"})), *stations(MAIN).drop(1)])), whole(main([at("side_plank", levels: every_level({"variation" => "side_plank.full"})), *stations(MAIN).drop(1)], switch_s: 4))),
      plan("an hour in a slot of forty-five minutes", "over_slot", whole(main(MAIN, rounds: 8), slot_minutes: 45), whole(main(MAIN, rounds: 4), slot_minutes: 45)),
      plan("half of the slot left over", "under_slot", whole(slot_minutes: 60), whole(slot_minutes: 25)),
      plan("a block with nothing in it", "empty_block", whole([main, intervals([], id: "empty")]), whole)
    ]
  end

  def numbers
    [
      plan("one rep everywhere", "window_mostly_empty", whole(main(stations(MAIN).map { |one| one.merge("levels" => one["levels"].transform_values { |cell| cell.key?("reps") ? cell.merge("reps" => 1) : cell }) })), whole),
      plan("push-ups at a third of the tempo", "rushed_tempo", whole(with_first(at("push_up", levels: every_level({"tempo" => "0-0-1-0"})))), whole),
      plan("the odd second always on one side", "odd_second", whole(main([at("side_plank"), *stations(MAIN).drop(1)], work_s: 41, switch_s: 4)), whole(main([at("side_plank"), *stations(MAIN).drop(1)], work_s: 42, switch_s: 4))),
      plan("a minute with three seconds left", "minute_nearly_full", every_minute(19), every_minute(10)),
      plan("a set longer than its minute", "set_overruns_minute", every_minute(24), every_minute(10)),
      plan("thirty squats in forty seconds", "reps_overrun_window", whole(with_first(squats({"advanced" => {"reps" => 30}}))), whole),
      plan("a hold longer than its window", "hold_overruns_window", whole(with_first(at("plank", levels: {"advanced" => {"hold_s" => 90}}))), whole(with_first(at("plank", levels: {"advanced" => {"hold_s" => 40}})))),
      plan("an odd number where sides alternate", "odd_count_on_alternating", whole(with_first(at("forward_lunge", levels: {"intermediate" => {"reps" => 7}}))), whole(with_first(at("forward_lunge", levels: {"intermediate" => {"reps" => 6}})))),
      plan("sixty reps of a plank", "number_of_a_timed_version", whole(with_first(at("plank", levels: {"intermediate" => {"reps" => 60}}))), whole(with_first(at("plank", levels: {"intermediate" => {"hold_s" => 30}})))),
      plan("halves of what works both sides at once", "halved_for_nothing", whole(with_first(station("s1", movement: "squat", sides: "split"))), whole),
      plan("a station in a round that never comes", "beyond_rounds", whole(with_first(at("squat", in_rounds: [1, 5]))), whole(with_first(at("squat", in_rounds: [1, 2])))),
      plan("one side for the whole class", "one_side_only", whole(with_first(at("side_plank").merge("sides" => "both"))), whole(with_first(at("side_plank"), switch_s: 3))),
      plan("more than the level has in the last round", "breaks_in_last_round", whole(with_first(at("push_up", levels: {"beginner" => {"variation" => "push_up.floor", "reps" => 10}}))), whole),
      plan("a finish that asks for a rush", "implausible_pace", whole({"id" => "main", "role" => "main", "format" => "rounds", "rounds" => 3, "target_s" => 60, "stations" => stations(MAIN)}), whole({"id" => "main", "role" => "main", "format" => "rounds", "rounds" => 3, "stations" => stations(MAIN)})),
      plan("a cap before anybody is through", "cap_cuts_off", whole({"id" => "main", "role" => "main", "format" => "rounds", "rounds" => 3, "cap_s" => 120, "stations" => stations(MAIN)}), whole({"id" => "main", "role" => "main", "format" => "rounds", "rounds" => 3, "cap_s" => 1200, "stations" => stations(MAIN)}))
    ]
  end

  def every_minute(reps)
    whole({"id" => "main", "role" => "main", "format" => "every_minute", "rounds" => 4, "interval_s" => 60,
      "stations" => [station("s1", movement: "squat", levels: {"intermediate" => {"reps" => reps}, "advanced" => {"reps" => reps}, "beginner" => {"reps" => 8}}), at("blade_squeeze", id: "s2")]})
  end

  def levels
    [
      plan("beginners wait most of the class", "level_waits", whole(main([station("s1", movement: "squat", levels: stops(10, 30, 60)), station("s2", movement: "blade_squeeze", levels: stops(10, 30, 60)), station("s3", movement: "dead_bug", levels: stops(10, 30, 60))], rest_s: 15)), whole(main([station("s1", movement: "squat", levels: stops(30, 45, 60)), station("s2", movement: "blade_squeeze", levels: stops(30, 45, 60)), station("s3", movement: "dead_bug", levels: stops(30, 45, 60))], rest_s: 15))),
      plan("beginners jump", "impact_for_beginners", whole(with_first(at("squat_jump", levels: {"beginner" => {"variation" => "squat_jump.full", "reps" => 5}}))), whole(with_first(at("squat_jump")))),
      plan("everybody must jump", "no_no_impact_version", whole(with_first(at("squat_jump", levels: every_level({"variation" => "squat_jump.full", "reps" => 5})))), whole(with_first(at("squat_jump")))),
      plan("the advanced do less than the beginners", "levels_out_of_order", whole(with_first(at("push_up", levels: {"beginner" => {"variation" => "push_up.floor", "reps" => 5}, "advanced" => {"variation" => "push_up.knees", "reps" => 5}}))), whole)
    ]
  end

  def stops(*seconds)
    Sparrow::Level::ALL.zip(seconds).to_h { |level, work_s| [level, {"work_s" => work_s, "reps" => nil}.compact] }
  end

  def kit
    bars = main([*stations(%w[squat push_up side_lunge]), all("row.long", id: "s4"), *stations(%w[a b c d dead_bug].drop(4)).map { |one| one.merge("id" => "s5") }])
    [
      plan("forty people and one bar", "too_few_pieces", whole(bars, head_count: 40, conditions: {"kit" => {"bar" => 1}}), whole(bars, head_count: 6, conditions: {"kit" => {"bar" => 6}})),
      plan("walking lunges for sixty in three groups", "travels_in_a_crowd", whole(with_first(at("walking_lunge"), flow: "rotate"), head_count: 90), whole(with_first(at("walking_lunge"), flow: "rotate"), head_count: 12)),
      plan("walking lunges for thirty in a small room", "travels_in_a_crowd", whole(with_first(at("walking_lunge")), head_count: 30), whole(with_first(at("walking_lunge")), head_count: 8)),
      plan("something that travels in a small room", "breaks_conditions", whole(with_first(at("walking_lunge")), conditions: {"small_room" => true}), whole(cool: cool_down(%w[chest_stretch calf_stretch]), conditions: {"small_room" => true})),
      plan("jumps where nobody is to jump", "breaks_conditions", whole(with_first(at("squat_jump")), conditions: {"no_jumps" => true}), whole(conditions: {"no_jumps" => true})),
      plan("bottles where there is no kit", "breaks_conditions", whole(with_first(at("bottle_press")), conditions: {"no_kit" => true}), whole(main(%w[squat push_up]), conditions: {"no_kit" => false})),
      plan("on the floor in a seated class", "breaks_conditions", workout_document(main(%w[dead_bug], rounds: 1), conditions: {"position" => "seated"}), workout_document(main(%w[heel_dig], rounds: 1), conditions: {})),
      plan("an untested table", "tested_first", whole(with_first(all("row.short"))), whole),
      plan("nine people at one station", "crowded_station", whole(main(MAIN.first(2), flow: "rotate"), head_count: 18), whole(main(MAIN, flow: "rotate"), head_count: 18))
    ]
  end

  def plan(name, rule, bad, sound)
    Case.new(name, rule, bad, sound)
  end
end
