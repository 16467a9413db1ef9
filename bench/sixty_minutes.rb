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

  def self.block(id, role, movements, sides: "both", **clock)
    stations = movements.each_with_index.map do |movement, index|
      levels = Sparrow::Catalogue.house.movement(movement).opening_prescriptions
      levels["beginner"] = levels["beginner"].merge("work_s" => 30) if index == 2 && role == "main"
      {"id" => "s#{index}", "movement" => movement, "sides" => sides, "levels" => levels}
    end
    {"id" => id, "role" => role, "format" => "intervals", "title" => role, "get_ready_s" => 10, **clock.transform_keys(&:to_s), "stations" => stations}
  end
  private_class_method :block
end
