# frozen_string_literal: true

module Sparrow
  module Fitting
    # Why a cell holds what it holds: one plain sentence with its numbers.
    class Reason
      def initialize(cell, assignment, moved)
        @cell = cell
        @assignment = assignment
        @person = assignment.participant
        @moved = moved
      end

      # @return [String]
      def sentence
        text = public_send(@cell.assigned.kind)
        text[0].upcase + text[1..]
      end

      def waits
        Sparrow.say("fitting.a_yes_in_the_screening_is")
      end

      def fits
        parts = [left, (harder if @cell.option.variation)].compact
        parts.empty? ? Sparrow.say("fitting.their_levels_way") : "#{parts.join("; ")}."
      end

      def unknown
        Sparrow.say("fitting.their_own_levels_way_n_the", n: (" (#{ruled})" if ruled), pattern: Sparrow.word(pattern))
      end

      def lowered
        Sparrow.say("fitting.n_lowered_from_asked_first_left", n: ("#{ruled}; " if ruled), asked_first: asked_first, left: left)
      end

      def substitute
        Sparrow.say("fitting.in_place_of_name_n_n_2", name: @cell.place.station.name, n: ruled || Sparrow.say("fitting.too_much_even_at_its_easiest"), n_2: left || Sparrow.say("fitting.the_model_says_nothing_of_it"))
      end

      def kit
        Sparrow.say("fitting.the_plural_are_not_enough_moved", pieces: Sparrow.say("pieces.#{@moved.piece}"), name: @moved.from.variation.name, n: left || Sparrow.say("fitting.the_model_says_nothing_of_it"))
      end

      def sit_out
        return Sparrow.say("fitting.no_piece_is_left_and_nothing", piece: Sparrow.word(@moved.piece)) if @moved
        Sparrow.say("fitting.n_sit_this_one_out_see", n: ruled || Sparrow.say("fitting.even_the_easiest_way_is_too"))
      end

      def locked
        Sparrow.say("fitting.set_by_n_because_n_2", n: @cell.assigned.why.by || Sparrow.say("fitting.the_instructor"), because: because, n_2: left || Sparrow.say("fitting.the_model_knows_nothing_of_it"))
      end

      def remembered
        Sparrow.say("fitting.as_n_set_it_last_time", n: @cell.assigned.why.by || Sparrow.say("fitting.the_instructor"), because: because, n_2: left || Sparrow.say("fitting.nothing_speaks_against_it"))
      end

      private

      # Of the worst round: what is there, what is asked, what stays, and from where it is known.
      def left
        look = @cell.worst
        return unless look
        unit = look.by_time ? " s" : ""
        stays = look.open ? Sparrow.say("fitting.as_many_as_stay_clean") : Sparrow.say("fitting.number_unit_asked_number_2_left", number: number(look.asked), unit: unit, number_2: number(look.left))
        Sparrow.say("fitting.in_round_look_about_number_unit", look: look.round, number: number(look.available), unit: unit, stays: stays, source: source)
      end

      def source
        estimate = @person.estimates.of(pattern)
        text = estimate ? estimate.words(@person.estimates.today) : Sparrow.say("fitting.no_estimate")
        extra = [(Sparrow.say("fitting.tired_today") if @person.state == "tired"), (Sparrow.say("fitting.sore_limits_today", limits: People::Limits.words(sore)) if sore)].compact
        [text, *extra].join(", ")
      end

      # The next harder variation and what speaks against it.
      def harder
        index = @cell.place.index
        next_up = ladder.reverse.find { |option| option.demand > @cell.option.demand }
        return unless next_up
        why = @assignment.barred(index, next_up)
        return Sparrow.say("fitting.not_this_version", version: next_up.variation.name, why: why) if why
        worst = @assignment.forecast.outlooks(index, next_up).min_by(&:left)
        Sparrow.say("fitting.name_would_leave_n", name: next_up.variation.name, n: worst.left.round(1).positive? ? Sparrow.say("fitting.number_too_little", number: number(worst.left)) : Sparrow.say("fitting.none")) if worst && !worst.open
      end

      def ladder
        @assignment.course.options(@cell.place.index)
      end

      # What rules out what their level would be given.
      def ruled
        @cell.ruled_out[@assignment.standard(@cell.place.index).variation&.id]
      end

      def asked_first
        standard = ladder.find { |option| option.variation == @cell.option.variation } || @cell.option
        (standard.unit == "reps") ? standard.number.to_s : "#{standard.number || Sparrow.say("fitting.the_whole_window")}#{" s" if standard.number}"
      end

      def because
        why = @cell.assigned.why.why.to_s.strip
        why.empty? ? "" : " (“#{why}”)"
      end

      def sore
        (@cell.option.joints & @person.sore).first
      end

      def pattern
        variation = @cell.option&.variation
        return @cell.place.station.movement&.pattern || "this_station" unless variation
        Capacity::Load.kind(variation)
      end

      def number(value)
        format("%.1f", value).delete_suffix(".0")
      end
    end
  end
end
