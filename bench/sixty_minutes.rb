# frozen_string_literal: true

# The class that is measured: sixty minutes in five blocks, 22 stations, the
# sides split and each, stops by level, rounds by level.
module SixtyMinutes
  MOVEMENTS = %w[squat push_up skater row plank squat_thrust lunge_back dead_bug].freeze

  def self.document
    {"format" => "willing-sparrow/workout", "version" => 1, "title" => "Lock-gate Sixty", "slot_minutes" => 60, "blocks" => [
      block("b1", "warm_up", %w[arm_sweep hip_and_spine high_knees jumping_jack], rounds: 2, work_s: 45, rest_s: 5),
      block("b2", "main", MOVEMENTS, rounds: 4, work_s: 40, rest_s: 20, round_rest_s: 60),
      {"id" => "b3", "role" => "pause", "format" => "pause", "title" => "Water", "seconds" => 90},
      block("b4", "finisher", %w[mountain_climber shoulder_tap step_up glute_bridge], rounds: 3, work_s: 40, rest_s: 20,
        round_rest_s: 60, rounds_by_level: {"beginner" => 2}),
      block("b5", "cool_down", %w[thigh_stretch chest_stretch thigh_stretch chest_stretch], rounds: 1, work_s: 60, rest_s: 10, sides: "split")
    ]}
  end

  # A class of about an hour with a block of each format.
  def self.every_format
    list = %w[squat push_up row plank]
    {"format" => "willing-sparrow/workout", "version" => 1, "title" => "Lock-gate of all kinds", "slot_minutes" => 60, "blocks" => [
      block("b1", "warm_up", %w[arm_sweep hip_and_spine high_knees], rounds: 2, work_s: 45, rest_s: 5),
      paced("b2", "rounds", list, rounds: 3, round_rest_s: 60), paced("b3", "amrap", list, cap_s: 600),
      paced("b4", "chipper", list), paced("b5", "every_minute", list, rounds: 2),
      paced("b6", "ladder", list, rounds: 4) { |station| station.merge("ladder" => {"total" => 40, "shape" => "descending"}) },
      paced("b7", "quota", list) { |station| station },
      block("b8", "finisher", list, rounds: 2, work_s: 30, rest_s: 15, flow: "rotate"),
      block("b9", "cool_down", %w[thigh_stretch chest_stretch], rounds: 1, work_s: 60, rest_s: 10, sides: "split")
    ]}
  end

  def self.paced(id, format, movements, **keys)
    stations = movements.each_with_index.map do |movement, index|
      levels = Sparrow::Catalogue.house.movement(movement).opening_prescriptions
      levels = levels.transform_values { |given| given.except("reps") } if %w[ladder quota].include?(format)
      levels = levels.transform_values { |given| given.merge("quota" => {"min" => 20, "max" => 40}) } if format == "quota"
      station = {"id" => "s#{index}", "movement" => movement, "levels" => levels}
      (block_given? && movement != "plank") ? yield(station) : station
    end
    {"id" => id, "role" => "main", "format" => format, "title" => format, **keys.transform_keys(&:to_s), "stations" => stations}
  end

  def self.block(id, role, movements, sides: "both", **clock)
    stations = movements.each_with_index.map do |movement, index|
      levels = Sparrow::Catalogue.house.movement(movement).opening_prescriptions
      levels["beginner"] = levels["beginner"].merge("work_s" => 30) if index == 2 && role == "main"
      {"id" => "s#{index}", "movement" => movement, "sides" => sides, "levels" => levels}
    end
    {"id" => id, "role" => role, "format" => "intervals", "title" => role, "get_ready_s" => 10, **clock.transform_keys(&:to_s), "stations" => stations}
  end
  private_class_method :block, :paced
end
