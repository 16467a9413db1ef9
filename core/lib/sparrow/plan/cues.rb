# frozen_string_literal: true

module Sparrow
  module Plan
    # The calls of a class, generated from its timeline. Each format says what it wants called (Wish); then every call
    # is given its seconds (Placing), so that none is said inside another.
    module Cues
      # One call at an instant. +levels+ says whom it is for, nil for everybody; +says_s+ how many seconds it takes to say; +short+ its
      # fewest words, for a screen. A "countdown" begins at its instant and says its numbers a second apart.
      # Frozen once all of them are in order: thousands are made.
      Cue = Struct.new(:at_s, :kind, :text, :levels, :block, :station, :round, :says_s, :short)

      # Work that the people pace, until the block is over.
      Stretch = Value.row(:start_s, :end_s)

      # @param timeline [Timeline]
      # @param kept [KeptBlocks] where what the same block wished before is found
      # @return [Array<Cue>] in order of time
      def self.of(timeline, kept: KeptBlocks::NONE)
        return [].freeze unless timeline.total_s.positive?
        wishes = timeline.blocks.each_with_index.map do |line, index|
          before = index.zero? ? nil : work_before(timeline.blocks[index - 1])
          kept.made(line.block, :wishes, line.start_s, before&.start_s, before&.end_s) { of_block(line, before) }
        end
        kept.made(timeline.blocks.last.block, :cues, timeline.total_s, wishes) do
          Placing.new(timeline.total_s).call(Merged.of([*wishes.flatten(1), finish(timeline)])).freeze
        end
      end

      # @param before [#start_s, #end_s, nil] the last work of the block before
      # @return [Array<Wish>]
      def self.of_block(line, before)
        spoken = line.block.format.calls.flat_map { |calls| calls.new(line).wishes(before: before) }
        spoken = [opening(line)] if spoken.empty?
        [*spoken, *Reminders.wishes(line), *Breaks.wishes(line)]
      end

      # @return [#start_s, #end_s, nil] the last stretch of work of a block
      def self.work_before(line)
        return line.windows.last if line.windows.any?
        last = line.gates&.last
        last && Stretch.new(last.start_s, line.end_s)
      end

      # The name of a block in which nothing else announces it.
      def self.opening(line)
        Wish.new("block", Speech.ways((line.start_s + 1)..(line.start_s + 3), line.block.name), nil, line.block.id)
      end

      def self.finish(timeline)
        Wish.new("finish", [Speech.way(timeline.total_s, Sparrow.say("plan.that_is_the_class_walk_it"))])
      end
      private_class_method :of_block, :work_before, :opening, :finish
    end
  end
end
