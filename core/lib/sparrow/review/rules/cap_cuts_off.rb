# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Lanes that are not predicted to get through before the cap.
      class CapCutsOff < Rule
        TOPIC = "time"
        SOURCE = "arithmetic"

        def findings
          @timeline.blocks.filter_map do |line|
            cut = Level::ALL.select { |level| line.forecast&.fetch(level)&.capped }
            cut_off(line, cut) if cut.any?
          end
        end

        private

        def cut_off(line, levels)
          finding("note", Place.block(line.block), Sparrow.say("review.before_the_cap_these_do_not", levels: levels.join(", ")),
            why: Sparrow.say("review.the_block_ends_at_of_the", of: ClockText.of(line.block.cap_s), of_2: ClockText.of(slowest(line))),
            fix: [Fix.set(Sparrow.say("review.cap_at_of", of: ClockText.of(rounded(line))), ["#{line.block.pointer}/cap_s", rounded(line)]), fewer_rounds(line)].compact)
        end

        # As many as the slowest gets through.
        def fewer_rounds(line)
          block = line.block
          return unless block.format.rounds_free? && block.rounds > 1 && block.rounds_by_level.empty? && block.stations.all? { |station| station.in_rounds.nil? }
          rounds = block.cap_s * block.rounds / slowest(line)
          Fix.set(Sparrow.say("review.only_rounds", rounds: Sparrow.say("common.rounds", count: rounds)), ["#{block.pointer}/rounds", rounds]) if rounds.between?(1, block.rounds - 1)
        end

        def slowest(line)
          Level::ALL.filter_map { |level| line.forecast.fetch(level).finish_s }.max
        end

        def rounded(line)
          ((slowest(line) / 30.0).ceil * 30).clamp(10, 7200)
        end
      end
    end
  end
end
