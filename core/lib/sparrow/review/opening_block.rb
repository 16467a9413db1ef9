# frozen_string_literal: true

module Sparrow
  module Review
    # A plain warm-up or cool-down in the document's form, made of the
    # catalogue's moves for it.
    class OpeningBlock
      def initialize(workout, catalogue)
        @taken = workout.blocks.map(&:id)
        @catalogue = catalogue
      end

      # A leg, a push, a pull and a trunk movement to begin a circuit with.
      STARTERS = %w[squat push_up row plank].freeze

      # @return [Hash] a block of three rounds of the starters
      def main
        clock = {"work_s" => 40, "rest_s" => 20, "rounds" => 3, "round_rest_s" => 60, "get_ready_s" => 10}
        block("main", Sparrow.say("roles.main").to_s, "main", clock: clock, movements: STARTERS.map { |id| @catalogue.movement(id) })
      end

      # @return [Hash] a block of two rounds of the warm-up moves
      def warm_up
        block("warm-up", Sparrow.say("roles.warm_up").to_s, "warm_up", clock: {"work_s" => 45, "rest_s" => 5, "rounds" => 2, "get_ready_s" => 10})
      end

      # @return [Hash] a block of one round of the stretches
      def cool_down
        block("cool-down", Sparrow.say("roles.cool_down").to_s, "cool_down", clock: {"work_s" => 60, "rest_s" => 10, "rounds" => 1})
      end

      private

      # What works one side has half the window for each.
      def block(id, title, role, clock:, movements: @catalogue.select { |movement| movement.role == role })
        stations = movements.map.with_index(1) do |movement, number|
          {"id" => "s#{number}", "movement" => movement.id, "sides" => sides(movement), "levels" => movement.opening_prescriptions}
        end
        {"id" => Planning::Suggest.free(id, @taken), "title" => title, "role" => role, "format" => "intervals", **clock, "stations" => stations}
      end

      def sides(movement)
        (Level::ALL.any? { |level| movement.variation_for(level).sides == "one_sided" }) ? "split" : "both"
      end
    end
  end
end
