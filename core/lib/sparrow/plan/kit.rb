# frozen_string_literal: true

module Sparrow
  module Plan
    # The kit that a block needs at once, for both flows: everybody at one station,
    # or a group at each.
    class Kit
      # Taken where the circuit does not say how many come.
      HEADS = 12
      # Shared by all who stand at it.
      SHARED = %w[wall].freeze

      # @param workout [Workout]
      def initialize(workout)
        @heads = workout.head_count || HEADS
      end

      # @param block [Block]
      # @return [Array<Hash>] "equipment", "stations" (ids), "together" and "rotate" (pieces at once); walls are not counted
      def of(block)
        needing = Hash.new { |hash, equipment| hash[equipment] = [] }
        block.stations.each { |station| equipment(station).each { |piece| needing[piece] << station.id } }
        groups = [block.stations.size, 1].max
        needing.sort.map do |piece, stations|
          {"equipment" => piece, "stations" => stations, "together" => @heads, "rotate" => [stations.size * (@heads / groups.to_f).ceil, @heads].min}
        end
      end

      private

      def equipment(station)
        rungs = station.levels.each_value.flat_map { |prescription| prescription.variation ? [prescription.variation] : prescription.parts.map { |part| part["rung"] } }
        rungs.flat_map(&:equipment).uniq - SHARED
      end
    end
  end
end
