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
      # @param kept [KeptBlocks] where what the same stations needed before is found
      def initialize(workout, kept: KeptBlocks::NONE)
        @heads = workout.head_count || HEADS
        @kept = kept
      end

      # @param block [Block]
      # @return [Array<Hash>] "equipment", "stations" (ids), "together" and "rotate" (pieces at once); walls are not counted
      def of(block)
        needing = Hash.new { |hash, equipment| hash[equipment] = {} }
        block.stations.each { |station| @kept.made(station, :pieces) { pieces(station) }.each { |piece, count| needing[piece][station.id] = count } }
        in_a_group = (@heads / [block.stations.size, 1].max.to_f).ceil
        needing.sort.map do |piece, counts|
          together = @heads * counts.each_value.max
          {"equipment" => piece, "stations" => counts.keys, "together" => together, "rotate" => [counts.each_value.sum * in_a_group, together].min}
        end
      end

      private

      # What one person needs at a station at most, whichever level they take.
      # @return [Hash{String => Integer}]
      def pieces(station)
        variations = station.levels.each_value.flat_map(&:variations)
        variations.map { |variation| variation.pieces.tally }.reduce({}) { |most, own| most.merge(own) { |_, one, other| [one, other].max } }.except(*SHARED)
      end
    end
  end
end
