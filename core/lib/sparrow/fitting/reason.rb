# frozen_string_literal: true

module Sparrow
  module Fitting
    # Why a cell holds what it holds: one plain sentence in the cell's own unit, in whole numbers, short enough to be read
    # in a glance. What does not fit is left out, the last first.
    class Reason
      LONGEST = 120
      # From so many times the number on nobody needs to know how many.
      PLENTY = 5

      def initialize(cell, assignment, moved)
        @cell = cell
        @assignment = assignment
        @person = assignment.participant
        @moved = moved
      end

      # @return [String] of at most 120 characters
      def sentence
        first, *rest = clauses.compact.map(&:to_s)
        text = rest.reduce(first) { |said, clause| ("#{said}; #{clause}.".length <= LONGEST) ? "#{said}; #{clause}" : said }
        text = "#{text[0].upcase}#{text[1..]}"
        text = "#{text[0, LONGEST - 2].rstrip}…" if text.length > LONGEST - 1
        text.end_with?(".", "…") ? text : "#{text}."
      end

      private

      def clauses
        send(@cell.assigned.kind)
      end

      def waits
        [Sparrow.say("fitting.a_yes_in_the_screening_is")]
      end

      def by_plan
        [Sparrow.say("fitting.their_level_sits_this_out")]
      end

      def fits
        return [ruled_own, there] if ruled_own
        [there || Sparrow.say("fitting.their_levels_way"), easier_than_planned || @assignment.bound(@cell.place.index) || next_version, source]
      end

      def unknown
        [ruled_own || Sparrow.say("fitting.their_own_levels_way"), Sparrow.say("fitting.how_much_is_there_is_not_known")]
      end

      def lowered
        [ruled_own, Sparrow.say("fitting.lowered_from", planned: @cell.standard.number || @cell.standard.top), there]
      end

      def substitute
        [Sparrow.say("fitting.instead_of", name: @cell.standard.name, why: ruled_own || Sparrow.say("fitting.too_much_even_at_its_easiest")), there, shared]
      end

      def kit
        [Sparrow.say("fitting.not_enough_of_for_all", pieces: Sparrow.say("pieces.#{@moved.piece}"), name: @moved.from.variation.name), there]
      end

      def sit_out
        return [Sparrow.say("fitting.no_piece_is_left_and_nothing", piece: Sparrow.word(@moved.piece))] if @moved
        [ruled_own || Sparrow.say("fitting.even_the_easiest_way_is_too"), Sparrow.say("fitting.sit_this_one_out")]
      end

      def locked
        [Sparrow.say("fitting.set_by", by: by), there, because]
      end

      def remembered
        [Sparrow.say("fitting.as_set_last_time", by: by), there, because]
      end

      def by
        @cell.assigned.why.by || Sparrow.say("fitting.the_instructor")
      end

      # In the worst round: of how many that are there, in the cell's own unit.
      def there
        look = @cell.worst
        return unless look
        option = @cell.option
        return Sparrow.say("fitting.as_many_as_stay_clean_of", there: whole(look.available, option), round: look.round) if look.open
        asked = option.number || look.asked.round
        available = in_unit(look, asked)
        unit = (option.unit == "reps") ? "" : " s"
        return Sparrow.say("fitting.with_plenty_left", asked: "#{asked}#{unit}", round: look.round) if available >= asked * PLENTY
        Sparrow.say("fitting.so_many_of_so_many", asked: "#{asked}#{unit}", there: available, round: look.round)
      end

      # Moves a side, or seconds, as the cell counts them.
      def in_unit(look, asked)
        look.asked.positive? ? (look.available * asked / look.asked + Capacity::Forecast::TOLERANCE).floor : look.available.floor
      end

      def whole(available, option)
        option.prescription.counting.counted((available * ((option.variation&.sides == "two_sided") ? 1 : 2)).floor)
      end

      # Where the level's own version or number is not what is given, though nothing rules it out: what it would leave.
      def easier_than_planned
        own = @cell.standard
        return if own.unit == "open" || !less?(own)
        worst = @assignment.forecast.outlooks(@cell.place.index, own).min_by(&:left)
        return unless worst
        left = in_unit(worst, own.number || own.top) - (own.number || own.top)
        what = (own.variation == @cell.option.variation) ? (own.number || own.top).to_s : own.name
        left.positive? ? Sparrow.say("fitting.would_leave_too_little", what: what) : Sparrow.say("fitting.would_leave_none", what: what)
      end

      def less?(own)
        given = @cell.option
        given.demand < own.demand || (given.variation == own.variation && given.number && given.number < own.top)
      end

      # What speaks against the next harder version, where something does.
      def next_version
        return unless @cell.option.variation
        above = @cell.ladder.reverse.find { |option| option.demand > @cell.option.demand }
        why = above && @assignment.limit(above)
        Sparrow.say("fitting.not_this_version", version: above.variation.name, why: why) if why
      end

      # What rules out what their level would be given.
      def ruled_own
        return @ruled_own if defined?(@ruled_own)
        own = @cell.standard
        @ruled_own = (own.variations == @cell.option&.variations) ? nil : @assignment.barred(@cell.place.index, own)
      end

      def source
        estimate = @person.estimates.of(@cell.option.pattern)
        measure = estimate&.measure(@cell.option.by_time?)
        return unless measure && @cell.worst
        said = [estimate.words(@person.estimates.today, measure: measure), (Sparrow.say("fitting.tired_today") if @person.state == "tired")]
        said.compact.join(", ")
      end

      # Whether what stands in works the same muscles: an instructor wants to know where it does not.
      def shared
        own = @cell.standard.variation
        return unless own && (own.muscles & @cell.option.variation.muscles).empty?
        Sparrow.say("fitting.other_muscles")
      end

      def because
        why = @cell.assigned.why.why.to_s.strip
        why.empty? ? nil : "“#{why}”"
      end
    end
  end
end
