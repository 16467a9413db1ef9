# frozen_string_literal: true

module Sparrow
  module Plan
    # The calls of a class, generated from its timeline.
    module Cues
      # One call at an instant. +levels+ says whom it is for, nil for everybody. A
      # "countdown" begins at its instant and says its numbers a second apart.
      # Frozen once all of them are in order: thousands are made.
      Cue = Struct.new(:at_s, :kind, :text, :levels, :block, :station, :round)

      # Calls at one instant are read in this order.
      ORDER = %w[finish block stop switch round last_round last_station next drink go last_minute ten_seconds halfway countdown
        form breathing].each_with_index.to_h.freeze

      # @param timeline [Timeline]
      # @return [Array<Cue>] in order of time
      def self.of(timeline)
        calls = timeline.blocks.flat_map do |line|
          spoken = line.block.format.calls.flat_map { |calls| calls.new(line).cues }
          [opening(line)] + spoken + Reminders.new(line, spoken).cues + Breaks.new(line).cues
        end
        calls << finish(timeline) if timeline.total_s.positive?
        calls.sort_by.with_index { |cue, index| ((cue.at_s * ORDER.size + ORDER.fetch(cue.kind)) * calls.size) + index }.each(&:freeze)
      end

      def self.opening(line)
        Cue.new(line.start_s, "block", line.block.name, nil, line.block.id)
      end

      def self.finish(timeline)
        Cue.new(timeline.total_s, "finish", Sparrow.say("plan.that_is_the_class_walk_it"))
      end
      private_class_method :opening, :finish
    end
  end
end
