# frozen_string_literal: true

module Sparrow
  module Fitting
    # Why a cell holds what it holds: one plain sentence with its numbers.
    class Reason
      def initialize(cell, settle, moved)
        @cell = cell
        @settle = settle
        @person = settle.participant
        @moved = moved
      end

      # @return [String]
      def sentence
        text = public_send(@cell.given.kind)
        text[0].upcase + text[1..]
      end

      def waits
        "a “yes” in the screening is not cleared yet: speak with them first."
      end

      def fits
        parts = [left, (harder if @cell.option.rung)].compact
        parts.empty? ? "their level's way." : "#{parts.join("; ")}."
      end

      def unknown
        "their own level's way#{" (#{ruled})" if ruled}: the model says nothing of #{pattern.tr("_", " ")}."
      end

      def lowered
        "#{"#{ruled}; " if ruled}lowered from #{asked_first}: #{left}."
      end

      def substitute
        "in place of #{@cell.place.station.name} (#{ruled || "too much even at its easiest"}); #{left || "the model says nothing of it"}."
      end

      def kit
        "the #{plural(@moved.piece)} are not enough: moved from #{@moved.from.rung.name}; #{left || "the model says nothing of it"}."
      end

      def sit_out
        return "no #{@moved.piece} is left, and nothing else holds: see the instructor." if @moved
        "#{ruled || "even the easiest way is too much today"}: sit this one out, see the instructor."
      end

      def locked
        "set by #{@cell.given.why.by || "the instructor"}#{because}; #{left || "the model knows nothing of it"}."
      end

      def remembered
        "as #{@cell.given.why.by || "the instructor"} set it last time#{because}; #{left || "nothing speaks against it"}."
      end

      private

      # Of the worst round: what is there, what is asked, what stays, and from where it is known.
      def left
        look = @cell.worst
        return unless look
        unit = look.by_time ? " s" : ""
        stays = look.open ? "as many as stay clean" : "#{number(look.asked)}#{unit} asked, #{number(look.left)} left"
        "in round #{look.round} about #{number(look.available)}#{unit} are there, #{stays} (#{source})"
      end

      def source
        estimate = @person.estimates.of(pattern)
        text = estimate ? estimate.words(@person.estimates.today) : "no estimate"
        extra = [("tired today" if @person.state == "tired"), ("sore #{People::Limits.words(sore)} today" if sore)].compact
        [text, *extra].join(", ")
      end

      # The next harder rung and what speaks against it.
      def harder
        index = @cell.place.index
        next_up = ladder.reverse.find { |option| option.demand > @cell.option.demand }
        return unless next_up
        why = @settle.barred(index, next_up)
        return "not #{next_up.rung.name}: #{why}" if why
        worst = @settle.forecast.outlooks(index, next_up).min_by(&:left)
        "#{next_up.rung.name} would leave #{worst.left.round(1).positive? ? "#{number(worst.left)}, too little" : "none"}" if worst && !worst.open
      end

      def ladder
        @settle.course.options(@cell.place.index)
      end

      # What rules out what their level would be given.
      def ruled
        @cell.ruled_out[@settle.standard(@cell.place.index).rung&.id]
      end

      def asked_first
        standard = ladder.find { |option| option.rung == @cell.option.rung } || @cell.option
        (standard.unit == "reps") ? standard.number.to_s : "#{standard.number || "the whole window"}#{" s" if standard.number}"
      end

      def because
        why = @cell.given.why.why.to_s.strip
        why.empty? ? "" : " (“#{why}”)"
      end

      def sore
        (@cell.option.joints & @person.sore).first
      end

      def pattern
        rung = @cell.option&.rung
        return @cell.place.station.movement&.pattern || "this station" unless rung
        Capacity::Load.kind(rung)
      end

      def plural(piece)
        piece.end_with?("ch") ? "#{piece}es" : "#{piece}s"
      end

      def number(value)
        format("%.1f", value).delete_suffix(".0")
      end
    end
  end
end
