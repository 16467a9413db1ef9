# frozen_string_literal: true

module Sparrow
  module Fitting
    # What an instructor asks of a cell: why is it not harder, and why is it not easier. Each is answered in words, from the
    # neighbours of what is given: a rep more of the same version, the next harder version, the next easier one.
    class Questions
      # @param cell [Cell]
      # @param assignment [Assignment]
      def initialize(cell, assignment)
        @cell = cell
        @assignment = assignment
        @index = cell.place.index
      end

      # @return [String] why nothing harder is given
      def so_easy
        answer(decided || [instead_of, more, harder])
      end

      # @return [String] why nothing easier is given
      def so_hard
        answer(decided || [leaves, easier])
      end

      private

      # Where no neighbour says anything the cell's own reason does.
      def answer(clauses)
        said = clauses.compact
        (said.empty? ? [@cell.reason] : said).map { |clause| "#{clause[0].upcase}#{clause[1..]}".delete_suffix(".") }.join(". ").concat(".")
      end

      # What is not the model's to answer: the instructor's choice, or nothing given.
      def decided
        [@cell.reason] if @cell.option.nil? || %w[locked remembered].include?(@cell.assigned.kind) || unknown?
      end

      def unknown?
        @cell.worst.nil?
      end

      def highest
        @assignment.highest(@index)
      end

      # What speaks against the level's own version, where another ladder stands in.
      def instead_of
        own = @cell.standard
        return if own_ladder? || own.variation.nil?
        against(own) || would_leave(own)
      end

      # A little more of the same version.
      def more
        option = @cell.option
        return if option.number.nil? || option.prescription.quota
        number = option.number + option.step
        return Sparrow.say("fitting.bound_window") if option.most && number > option.most
        next_one = option.asking(number)
        return would_leave(next_one) unless highest.holds?(@index, next_one)
        Sparrow.say("fitting.more_would_hold", number: in_unit(number, option))
      end

      # @return [Option, nil] the next in the ladder, the harder or the easier way
      def neighbour(harder)
        ladder = @cell.ladder.select(&:variation).reverse
        held = @cell.option.variation && ladder.index { |option| option.variation == @cell.option.variation }
        return unless held
        at = harder ? held + 1 : held - 1
        ladder[at] unless at.negative?
      end

      def harder
        return unless own_ladder?
        above = neighbour(true) or return Sparrow.say("fitting.no_harder_version")
        against = against(above)
        return against if against
        best = highest.best(@index, above)
        return would_leave(above) unless best
        return Sparrow.say("fitting.would_hold_as_it_is", version: above.variation.name) unless best.number
        Sparrow.say("fitting.would_hold_too", version: above.variation.name, number: in_unit(best.number, best))
      end

      # In the worst round, and what it must leave.
      def leaves
        worst = @cell.worst
        return if worst.open || @cell.option.number.nil?
        return Sparrow.say("fitting.leaves_plenty", round: worst.round) if plenty?(@cell.option, worst)
        Sparrow.say("fitting.leaves_and_must", left: in_unit(left(@cell.option, worst), @cell.option), round: worst.round, must: in_unit(must(@cell.option, worst), @cell.option))
      end

      def easier
        return unless own_ladder?
        below = neighbour(false) or return Sparrow.say("fitting.no_easier_version")
        against(below) || would_leave(below)
      end

      # @return [String, nil] why a version may not be given here
      def against(option)
        barred = @assignment.barred(@index, option)
        Sparrow.say("fitting.not_this_version", version: option.variation.name, why: barred) if barred
      end

      def own_ladder?
        @cell.option.variation && @cell.ladder.any? { |option| option.variation == @cell.option.variation }
      end

      # What an option would leave in its worst round.
      def would_leave(option)
        worst = @assignment.forecast.outlooks(@index, option).min_by(&:left)
        return unless worst
        what = [(option.variation&.name unless option.variation == @cell.option.variation), option.number && in_unit(option.number, option)].compact.join(" × ")
        left = left(option, worst)
        return Sparrow.say("fitting.would_leave_plenty", what: what) if plenty?(option, worst)
        return Sparrow.say("fitting.would_leave_none", what: what) unless left.positive?
        Sparrow.say("fitting.would_leave_so_many", what: what, left: in_unit(left, option), must: in_unit(must(option, worst), option))
      end

      # Beyond that the model's number says no more.
      def plenty?(option, worst)
        !worst.open && worst.available >= worst.asked * Reason::PLENTY
      end

      # In the number's own unit, whole.
      def left(option, worst)
        return worst.left.floor if option.number.nil? || !worst.asked.positive?
        (worst.left * option.number / worst.asked).floor
      end

      def must(option, worst)
        spare = @assignment.course.reserve(option.level).needs(worst.asked, worst.by_time) - worst.asked
        (option.number && worst.asked.positive?) ? (spare * option.number / worst.asked).ceil : spare.ceil
      end

      # Reps, or seconds: from a minute on as a clock shows them.
      def in_unit(number, option)
        return number.to_s if option.unit == "reps" || number.nil?
        (number < 60) ? "#{number} s" : ClockText.of(number)
      end
    end
  end
end
