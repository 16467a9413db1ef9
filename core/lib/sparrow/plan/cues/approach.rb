# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # What is said on the way to a window or a gate: the block's name, which round, that it is the last station, what comes
      # next, 3-2-1 and go. Said in the rest before it; where that is too short, what comes next is said in the
      # last ten seconds of the work before, and the rest of it as far as there is time.
      class Approach
        # Seconds counted down aloud before a window begins or a level stops.
        COUNT_FROM = 3
        COUNTS = {3 => "3-2-1", 2 => "2-1", 1 => "1"}.freeze
        # So long before the end of work its next is said.
        LAST_S = 10

        # +before_s+ is when the work before it is over, +working_s+ when that began; both its start where there is none;
        # +stop_s+ how long it takes to say that it is over.
        # +named+ are the ways to say what comes next, the longest first; +go+ the start's kind and its words.
        Place = Value.row(:start_s, :before_s, :working_s, :stop_s, :block, :station, :round, :opens, :round_of, :last_station, :named, :go)

        # @param place [Place]
        # @return [Array<Wish>]
        def self.wishes(place)
          new(place).wishes
        end

        # @return [Array<Way>] as much of 3-2-1 as there is room for, to an instant
        def self.counts(at_s, room_s)
          count = [COUNT_FROM, room_s].min
          count.downto(1).map { |from| Way.new(at_s - from, COUNTS.fetch(from), from) }
        end

        def initialize(place)
          @place = place
        end

        def wishes
          [*announced, countdown, go].compact
        end

        private

        def gap_s
          @place.start_s - @place.before_s
        end

        # The rest's own seconds, between the stop and the count.
        def rest
          [@place.before_s + @place.stop_s, @place.start_s - (gap_s - 1).clamp(0, COUNT_FROM)]
        end

        # The last seconds of the work before, after its own go and before its count.
        def last_seconds
          [[@place.before_s - LAST_S + 1, @place.working_s + 2].max, @place.before_s - COUNT_FROM]
        end

        def countdown
          ways = self.class.counts(@place.start_s, gap_s)
          wish("countdown", ways) if ways.any?
        end

        def go
          kind, *texts = @place.go
          wish(kind, texts.map { |text| Speech.way(@place.start_s, text) })
        end

        # One after the other in the rest. Where not all fits the names of block and round give way to what comes next.
        def announced
          spoken = [["block", @place.opens], ["round", round_text], ["last_station", (Sparrow.say("plan.last_station") if @place.last_station)], ["next", @place.named.first]].select(&:last)
          from, to = rest
          whole = [spoken, [*spoken[0...-1], ["next", @place.named.last]]].find { |said| said.sum { |_, text| Speech.seconds(text) } <= to - from }
          return in_a_row(whole, from, to) if whole
          return while_working(spoken) if to <= from
          said = next_alone(from, to)
          left = said ? said.at_s - from : to - from
          before = spoken.reject { |said| said.first == "next" }.each_with_object([]) do |(kind, text), kept|
            kept << [kind, text] if kept.sum { |_, held| Speech.seconds(held) } + Speech.seconds(text) <= left
          end
          [*in_a_row(before, from, from + left), said].compact
        end

        # Without a rest: which round, and what comes next, in the last seconds of the work before.
        def while_working(spoken)
          from, to = last_seconds
          short = ["next", @place.named.last]
          rows = [spoken, [*spoken[0...-1], short], [*spoken.select { |said| said.first == "round" }, short], [spoken.last], [short]]
          row = rows.find { |said| said.sum { |_, text| Speech.seconds(text) } <= to - from }
          row ? in_a_row(row, from, to) : []
        end

        # A little later where the first second is taken.
        def in_a_row(spoken, from, to)
          spare_s = to - from - spoken.sum { |_, text| Speech.seconds(text) }
          spoken.map do |kind, text|
            seconds = Speech.seconds(text)
            ways = (from..(from + spare_s)).map { |second| Way.new(second, text, seconds) }
            from += seconds
            wish((kind == "round" && last_round?) ? "last_round" : kind, ways)
          end
        end

        # Late in the rest, so that a round may be said before it; else while work goes on.
        def next_alone(from, to)
          ways = @place.named.flat_map do |text|
            seconds = Speech.seconds(text)
            [(Way.new(to - seconds, text, seconds) if to - seconds >= from), *in_the_last_seconds(text, seconds)].compact
          end
          wish("next", ways) if ways.any?
        end

        def in_the_last_seconds(text, seconds)
          from, to = last_seconds
          (from..(to - seconds)).map { |second| Way.new(second, text, seconds) }
        end

        def last_round?
          @place.round == @place.round_of
        end

        def round_text
          return unless @place.round_of
          last_round? ? Sparrow.say("plan.last_round") : Sparrow.say("plan.round_window_of_rounds", window: @place.round, rounds: @place.round_of)
        end

        def wish(kind, ways)
          Wish.new(kind, ways, nil, @place.block.id, @place.station&.id, @place.round)
        end
      end
    end
  end
end
