# frozen_string_literal: true

module Sparrow
  module Review
    # The change of one block's rounds that brings the class nearest to its slot
    # from below. Only blocks whose rounds are all alike are considered.
    class RoundsToFit
      def initialize(timeline)
        @timeline = timeline
        @slot_s = timeline.workout.slot_s
      end

      # @return [Fix, nil]
      def fix
        total_s, line, rounds = options.select { |option, _, _| option <= @slot_s }.max_by(&:first)
        return unless line
        name = line.block.title.empty? ? Sparrow.say("review.the_role_block", role: Sparrow.say("roles.#{line.block.role}_in_a_sentence")) : line.block.title
        Fix.set(Sparrow.say("review.rounds_of_block", rounds: Sparrow.say("common.rounds", count: rounds), block: name, total: ClockText.of(total_s)),
          ["#{line.block.pointer}/rounds", rounds])
      end

      private

      # Fewer rounds where the class is over; where it is under, so many more as a coach would take.
      def options
        over = @timeline.total_s > @slot_s
        @timeline.blocks.select { |line| alike?(line) }.flat_map do |line|
          range = over ? (1...line.block.rounds) : (line.block.rounds + 1..[line.block.rounds + Planning::FitToSlot::MOST_ROUNDS_CHANGED, Planning::FitToSlot::MOST_ROUNDS].min)
          range.map { |rounds| [@timeline.total_s + (rounds - line.block.rounds) * round_s(line), line, rounds] }
        end
      end

      def alike?(line)
        block = line.block
        %w[main finisher].include?(block.role) && line.windows.any? && block.rounds_by_level.empty? && !block.escalate &&
          block.stations.all? { |station| station.in_rounds.nil? && station.levels.each_value.none?(&:by_round?) }
      end

      # Seconds from one round's start to the next one's.
      def round_s(line)
        first = line.windows.select { |window| window.round == 1 }
        following = line.windows.find { |window| window.round == 2 }
        return following.start_s - first.first.start_s if following
        last = first.last
        rest_s = line.block.round_rest_s || last.prescriptions.each_value.map { |prescription| prescription.rest_in(last.round) }.max || 0
        last.end_s - first.first.start_s + rest_s
      end
    end
  end
end
