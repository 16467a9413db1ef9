# frozen_string_literal: true

module Sparrow
  module Plan
    # A workout laid out in seconds: for each block a lane per level, each lane a
    # list of segments that fill the block without a gap.
    class Timeline < Value.of(:workout, :blocks, :total_s)
      # @param block [Block]
      # @param start_s [Integer] seconds from the start of the class
      # @return [BlockLine]
      def self.lay_out(block, start_s)
        block.format.layout.new(block, start_s).call
      end

      # A block starts when the one before has ended for everyone.
      # @param workout [Workout]
      # @param kept [KeptBlocks] where blocks that were laid out before are found
      # @return [Timeline]
      def self.compile(workout, kept: KeptBlocks::NONE)
        clock = 0
        blocks = workout.blocks.map do |block|
          line = kept.made(block, :line, clock) { kept.alike(block, clock) { lay_out(block, clock) } }
          line.tap { |laid| clock += laid.total_s }
        end
        new(workout: workout, blocks: blocks.freeze, total_s: clock)
      end

      # The same seconds with other visits in them: those that somebody reached, or did.
      # @yieldparam line [BlockLine]
      # @yieldparam level [String]
      # @yieldparam visits [Array<Visit>]
      # @yieldreturn [Array<Visit>]
      # @return [Timeline]
      def with_visits
        with(blocks: blocks.map { |line| line.with(visits: line.visits.to_h { |level, visits| [level, yield(line, level, visits)] }) })
      end

      # @return [Hash{String => Sums}] per level, over the whole class
      def sums
        Level::ALL.to_h { |level| [level, blocks.map { |block| block.sums.fetch(level) }.reduce(Sums.none, :+)] }
      end

      # @return [Array<Integer>] the seconds at which something begins or ends for all
      def sections
        found = blocks.flat_map do |line|
          [line.start_s, *line.windows.flat_map { |window| [window.start_s, window.switch_s, window.end_s] }, *(line.gates || []).flat_map { |gate| [gate.start_s, gate.end_s] }]
        end
        [*found, total_s].compact.select { |second| second.between?(0, total_s) }.uniq.sort
      end
    end
  end
end
