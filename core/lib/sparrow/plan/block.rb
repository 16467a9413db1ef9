# frozen_string_literal: true

module Sparrow
  module Plan
    # Stations under one Format and one clock. Times in seconds; +position+ is
    # its place in the workout, from 0; +house+ the standards it stands under;
    # +own+ holds, by their keys, what its format alone knows.
    class Block < Value.of(
      :id, :position, :title, :role, :format, :house, :get_ready_s, :seconds, :rounds, :rounds_by_level, :escalate,
      :round_rest_s, :rest_after_last, :switch_s, :interval_s, :gate, :cap_s, :target_s, :set_rest_s, :day, :flow,
      :scaling, :stations, :own
    )
      # @return [String] a JSON Pointer into the document
      def pointer
        "/blocks/#{position}"
      end

      # @return [String] its title, or its role where it has none
      def name
        title.empty? ? Sparrow.say("roles.#{role}").to_s : title
      end

      def paced?
        format.clock_of(own) == "own_pace"
      end

      def timed?
        format.clock_of(own) == "called"
      end

      def rotates?
        flow == "rotate" && stations.size > 1
      end

      # @return [Integer] rounds that the lane of +level+ goes through
      def rounds_for(level)
        rounds_by_level.fetch(level, rounds)
      end

      # @return [Integer] rounds until the last lane is through
      def round_count
        Level::ALL.map { |level| rounds_for(level) }.max
      end

      # The level whose prescription the lane +lane+ takes in a round.
      def level_taken(lane, round)
        escalate ? Level.escalated(lane, round) : lane
      end

      # @return [Array<Station>] those that this round visits, in order
      def stations_in(round)
        stations.select { |station| station.in_round?(round) }
      end
    end
  end
end
