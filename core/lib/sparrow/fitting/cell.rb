# frozen_string_literal: true

module Sparrow
  module Fitting
    # One person at one station, as the fit sheet shows it.
    class Cell
      attr_reader :place, :assigned, :earlier

      # @param moved [Sheet::Moved, nil]
      # @param earlier [Array<Cell>] what they are given there in earlier rounds, where rounds escalate
      def initialize(assignment, place, course, moved: nil, earlier: [])
        @assignment = assignment
        @place = place
        @course = course
        @assigned = assignment.assigned[place.index]
        @moved = moved
        @earlier = earlier
      end

      # @return [String] whose rounds and stops the person follows
      def pacing_level
        @assignment.participant.pacing_level
      end

      # @return [Option, nil]
      def option
        assigned.option
      end

      # @return [Option, nil] what their level is asked here; nil where it sits the station out
      def standard
        @assignment.standard(place.index)
      end

      # @return [Array<PersonForecast::SetOutlook>]
      def outlooks
        @outlooks ||= option ? @assignment.forecast.outlooks(place.index, option) : []
      end

      # @return [PersonForecast::SetOutlook, nil] the round that leaves least
      def worst
        @worst ||= outlooks.min_by(&:left)
      end

      # The level whose mark it carries: whose variation it is here, else the highest in whose band it lies.
      # @return [String, nil]
      def level
        return unless option
        return option.level unless option.variation
        asking = place.station.levels.select { |_, cell| cell.variation == option.variation }.keys
        asking.include?(option.level) ? option.level : asking.last || option.variation.levels.max_by { |level| Level.rank(level) }
      end

      # @return [String] the number in words
      def target
        return Sparrow.say("fitting.sit_out") unless option
        return kept_up if option.unit == "work" && option.number
        return Planning::Wording.at(place.station, option.level) if whole_ladder?
        Planning::Wording.of(option.prescription)
      end

      # @return [String] the same, to be read in a hurry
      def short
        return "\u2013" unless option
        return option.number.to_s if option.number && option.unit == "reps"
        return Sparrow.say("fitting.as_many") if option.unit == "open"
        "#{option.number || option.prescription.stop_s} s"
      end

      # @return [String] why, in one sentence with its numbers
      def reason
        @reason ||= Reason.new(self, @assignment, @moved).sentence
      end

      # @return [Boolean] whether the instructor should look at it before the class
      def attention?
        %w[lowered substitute sit_out waits kit].include?(assigned.kind) || beyond? || earlier.any?(&:attention?)
      end

      # @return [Boolean] whether more is asked than the model says is there
      def beyond?
        !worst.nil? && !worst.open && worst.left < -Capacity::Forecast::TOLERANCE
      end

      # @return [StepUp::Step, nil] what may be offered to somebody who could clearly do more
      def step_up
        return @step_up if defined?(@step_up)
        @step_up = @assignment.step_up(place.index)
      end

      # @return [Array<Ways::Way>] every way in which it could be done here
      def ways
        Ways.new(self, @assignment).all
      end

      # @return [Hash] why nothing harder is given, and why nothing easier, in words
      def questions
        asked = Questions.new(self, @assignment)
        {"so_easy" => asked.so_easy, "so_hard" => asked.so_hard}
      end

      # @return [Hash] reserve in moves a side or seconds; rounds as [round, available, asked]
      def to_h
        shown = {"block" => place.block.id, "station" => place.station.id, "kind" => assigned.kind, "variation" => option&.variation&.id,
                 "name" => option&.name, "level" => level, "unit" => option&.unit,
                 "number" => option&.number, "short" => short, "target" => target, "reason" => reason, "attention" => attention?, "standard" => standard?}
        shown["reserve"] = reserve if worst
        shown["rounds"] = rounds if rounds.any?
        shown["earlier"] = earlier.map { |cell| cell.to_h.slice("level", "variation", "name", "short", "target", "kind") } if earlier.any?
        shown["ruled_out"] = ruled_out if ruled_out.any?
        shown["step_up"] = step if step_up
        shown
      end

      # @return [Array<Array>] each set as [round, available, asked], moves a side or seconds
      def rounds
        [*earlier.flat_map(&:rounds), *outlooks.map { |look| [look.round, look.available.round(1), look.asked.round(1)] }]
      end

      # @return [Hash{String => String}] variation to why it may not be given
      def ruled_out
        @ruled_out ||= ladder.filter_map { |other| other.variation && (why = @assignment.barred(place.index, other)) && [other.variation.id, why] }.to_h
      end

      # @return [Boolean] whether it is just what their level is asked
      def standard?
        own = standard or return assigned.kind == "by_plan"
        !option.nil? && [option.variation, option.unit, option.number] == [own.variation, own.unit, own.number]
      end

      # @return [Array<Option>] every version of the station, the hardest first
      def ladder
        level = @assignment.level_at(place)
        [*@course.harder(place.index, level).reverse, *@course.options(place.index, level)]
      end

      private

      # Where the clock calls, the others go on meanwhile.
      def kept_up
        place.block.timed? ? Sparrow.say("fitting.number_s_then_rest", number: option.number) : Sparrow.say("planning.for_stop_s_s", stop_s: option.number)
      end

      def whole_ladder?
        counts = place.station.counts&.fetch(option.level) if option.unit == "reps"
        counts && option.number == counts.values.max
      end

      def reserve
        {"left" => worst.left.round(1), "round" => worst.round, "unit" => worst.by_time ? "s" : "moves", "available" => worst.available.round(1), "asked" => worst.asked.round(1)}
      end

      def step
        option = step_up.option
        {"variation" => option.variation&.id, "name" => option.variation&.name, "number" => option.number, "target" => Planning::Wording.of(option.prescription)}
      end
    end
  end
end
