# frozen_string_literal: true

module Sparrow
  module Review
    # A plain main part in the document's form, to begin a circuit with: a leg, a push, a pull and a trunk movement.
    module OpeningBlock
      STARTERS = %w[squat push_up row plank].freeze
      CLOCK = {"work_s" => 40, "rest_s" => 20, "rounds" => 3, "round_rest_s" => 60, "get_ready_s" => 10}.freeze

      # @return [Hash] a block of three rounds of the starters
      def self.of(workout, catalogue)
        stations = STARTERS.map.with_index(1) do |id, number|
          movement = catalogue.movement(id)
          Planning::Suggest.station(movement, "s#{number}", Planning::Suggest.sides(movement))
        end
        {"id" => Planning::Suggest.free("main", workout.blocks.map(&:id)), "title" => Sparrow.say("roles.main").to_s, "role" => "main", "format" => "intervals", **CLOCK, "stations" => stations}
      end
    end
  end
end
