# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A target time that asks for faster reps than the standard allows.
      class ImplausiblePace < Rule
        TOPIC = "numbers"
        SOURCE = "house"

        def findings
          @timeline.blocks.flat_map do |line|
            Level::ALL.filter_map do |level|
              demand = line.forecast&.fetch(level)&.demand
              implausible(line, level, demand) if demand && !demand.plausible
            end
          end
        end

        private

        def implausible(line, level, demand)
          target = line.block.target_s
          what = demand.seconds_per_rep.positive? ? Sparrow.say("review.of_asks_the_level_level_for", of: ClockText.of(target), level: level, seconds_per_rep: demand.seconds_per_rep) : Sparrow.say("review.of_leaves_the_level_no_time", of: ClockText.of(target), level: level)
          finding("warn", Place.block(line.block), what,
            why: Sparrow.say("review.that_is_of_default_of_the_versions", of_default: (demand.of_default * 100).round, to_i: (Formats::Paced::Pace::PLAUSIBLE_FROM * 100).to_i),
            fix: fix(line))
        end

        # The slowest lane's own time, in whole quarter minutes.
        def fix(line)
          finish_s = Level::ALL.filter_map { |level| line.forecast.fetch(level).finish_s }.max
          target = (finish_s / 15.0).ceil * 15
          Fix.set(Sparrow.say("review.aim_at_of", of: ClockText.of(target)), ["#{line.block.pointer}/target_s", target.clamp(10, 7200)])
        end
      end
    end
  end
end
