# frozen_string_literal: true

module Sparrow
  module Formats
    module Quota
      # A day's total, from a minimum to a maximum, in sets of any size.
      class Declaration < Plan::Format
        F = Plan::Format::Fields
        DAYS = [["lighter", Sparrow.say("formats.lighter_day_the_minimum")], ["heavier", Sparrow.say("formats.heavier_day_the_maximum")]].freeze
        # A day's total where nothing says it: so many times the number of one set.
        SETS_A_DAY = {"min" => 3, "max" => 5}.freeze
        # The number of one set where nothing says that either.
        SET = 10

        def initialize
          super(
            id: "quota", label: Sparrow.say("formats.daily_total"), says: Sparrow.say("formats.minimum_to_maximum_in_sets_through"), clock: "none", layout: Layout, tally: "day",
            fields: [Plan::Format::Field.new(key: "day", shape: Schema::OneOf.new(*DAYS.map(&:first)), kind: "choice", label: Sparrow.say("formats.kind_of_day"), place: "clock",
              opening: "heavier", default: "heavier", options: DAYS)],
            level_fields: {"quota" => F::RANGE}
          )
        end

        def reps?
          false
        end

        def why_no_targets
          Sparrow.say("formats.a_days_total_has_no_window")
        end

        def check_level(input, _station, _block)
          yield "/quota", Sparrow.say("formats.is_missing_the_days_minimum_and") unless input["quota"]
        end

        def day_sets
          {**SETS_A_DAY, "set" => SET}
        end

        def open_levels(levels)
          levels.transform_values { |opened| opened.except("reps") }
        end

        def takes_from(from)
          from.reps? ? ["reps"] : []
        end

        def adopt_level(level, number, _station)
          return level if level["quota"]
          number = SET unless number.is_a?(Integer) && number.positive?
          {**level, "quota" => SETS_A_DAY.transform_values { |sets| (number * sets).clamp(1, 1000) }}
        end
      end
    end
  end
end
