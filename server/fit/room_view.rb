# frozen_string_literal: true

module Server
  module Fit
    # How the room of a class is set up.
    class RoomView
      # @param plan [Sparrow::Fitting::RoomPlan]
      def initialize(plan)
        @plan = plan
      end

      # @return [Hash] metres from the front left corner
      def to_h
        {
          "width_m" => @plan.width_m, "depth_m" => @plan.depth_m, "to_scale" => @plan.to_scale?, "each_m2" => @plan.each_m2, "tight" => @plan.tight?,
          "spots" => @plan.spots.map { |spot| spot_view(spot) }, "stations" => @plan.stations.map { |spot| station_view(spot) },
          "set_out" => @plan.set_out.map { |piece| piece_view(piece) }, "waiting" => @plan.waiting.map(&:name)
        }
      end

      private

      def spot_view(spot)
        {"person" => spot.participant.id, "name" => spot.participant.name, "level" => spot.participant.pacing_level, "x" => spot.x, "y" => spot.y, "kit" => spot.kit.tally, "wall" => spot.wall}
      end

      def station_view(spot)
        {"block" => spot.block.id, "station" => spot.station.id, "name" => spot.station.name, "x" => spot.x, "y" => spot.y, "kit" => spot.kit.tally, "people" => spot.people.map(&:name)}
      end

      def piece_view(piece)
        {"piece" => piece.name, "needed" => piece.needed, "there" => piece.there, "passed_on" => piece.passed_on}
      end
    end
  end
end
