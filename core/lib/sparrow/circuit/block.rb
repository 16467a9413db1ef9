# frozen_string_literal: true

module Sparrow
  module Circuit
    # Stations under one format and one clock. Times in seconds; +position+ is
    # its place in the workout, from 0.
    class Block < Value.of(
      :id, :position, :title, :role, :format, :get_ready_s, :seconds, :rounds, :rounds_by_level, :escalate,
      :work_s, :rest_s, :round_rest_s, :rest_after_last, :switch_s, :scaling, :stations
    )
      # @return [String] a JSON Pointer into the document
      def pointer
        "/blocks/#{position}"
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
