# frozen_string_literal: true

module Sparrow
  module Formats
    module Ladder
      # A total per station, spread over the rounds.
      class Declaration < Plan::Format
        F = Plan::Format::Fields
        MOST = 1000
        LADDER = Schema::Record.new({
          "total" => F::COUNT, "shape" => Schema::OneOf.new(*Standards::Distribution::SHAPES), "step" => Schema::IntegerType.new(1..50),
          "counts" => Schema::List.new(F::COUNT, size: 1..50, noun: "rounds")
        }, required: %w[total shape])

        def initialize
          super(
            id: "ladder", label: Sparrow.say("formats.ladder"), says: Sparrow.say("formats.a_total_per_station_spread_over"), clock: "own_pace", layout: Rounds::Layout,
            calls: [Plan::Cues::PacedCalls],
            fields: [F::ROUND_COUNT.with(opening: 4), F::REST_BETWEEN, F::ROUND_REST, F::CAP, F::AIM, F::READY, F::GATE, F::BY_LEVEL],
            station_fields: {**F::IN_ROUNDS, "ladder" => LADDER}
          )
        end

        def reps?
          false
        end

        def rounds_free?
          false
        end

        def totals?
          true
        end

        def counts(station, block, house, levels:)
          Counts.new(station, block, house, levels: levels).by_level if station["ladder"]
        end

        # The numbers add up to the total, or it says why they cannot.
        def check_station(station, block, &refuse)
          ladder = station["ladder"]
          return unless ladder
          last = [block.fetch("rounds"), *block.fetch("rounds_by_level", {}).values].max
          rounds = (1..last).count { |round| station["in_rounds"].nil? || station["in_rounds"].include?(round) }
          return yield "/in_rounds", Sparrow.say("formats.leaves_this_station_no_round_of", last: last) if rounds.zero?
          return typed(ladder, rounds, &refuse) if ladder["shape"] == "typed"
          yield "/ladder/counts", Sparrow.say("formats.belong_to_a_typed_ladder_only") if ladder["counts"]
          Standards::Distribution.over(ladder["total"], Standards::Distribution.weights(ladder["shape"], rounds), step: ladder.fetch("step", 1))
        rescue Standards::Distribution::Impossible => impossible
          yield "/ladder/total", Sparrow.say("formats.cannot_be_split_so_message", message: impossible.message)
        end

        def check_level(input, station, _block)
          yield "/reps", Sparrow.say("formats.must_be_left_out_the_ladder") if input["reps"] && station["ladder"]
        end

        def takes_from(_from)
          ["reps"]
        end

        def gives_to(to)
          to.counts_day? ? [] : ["ladder"]
        end

        # A number in each round becomes a total over the rounds: the advanced one's.
        def adopt_station(moved, input, block)
          made = moved["ladder"] || total_of(input, block)
          made ? moved.merge("ladder" => made) : moved.except("ladder")
        end

        def reps_at?(station)
          !station.key?("ladder")
        end

        # A ladder's total becomes the number of its largest round where no other was typed.
        def number_of(level, station, block)
          total, rounds = station.dig("ladder", "total"), block["rounds"]
          return super unless level["reps"].nil? && total.is_a?(Integer) && rounds.is_a?(Integer) && rounds.positive?
          [total / rounds, 1].max
        end

        private

        def typed(ladder, rounds)
          counts = ladder["counts"]
          return yield "/ladder/counts", Sparrow.say("formats.are_needed_for_a_typed_ladder") unless counts
          return yield "/ladder/counts", Sparrow.say("formats.name_amount_rounds_where_the_station", amount: counts.size, rounds: rounds) unless counts.size == rounds
          yield "/ladder/total", Sparrow.say("formats.is_total_but_the_rounds_add", total: ladder["total"], sum: counts.sum) unless counts.sum == ladder["total"]
        end

        def total_of(station, block)
          reps = (station["levels"] || {}).dig("advanced", "reps")
          number = reps.is_a?(Hash) ? reps["max"] : reps
          rounds = block["rounds"] || block.dig("set_aside", "rounds") || opening.fetch("rounds")
          return unless number.is_a?(Integer) && number.positive? && rounds.is_a?(Integer) && rounds.between?(1, 50)
          total = number * rounds
          {"total" => total, "shape" => (total >= rounds * (rounds + 1) / 2) ? "descending" : "flat"} if total <= MOST
        end
      end
    end
  end
end
