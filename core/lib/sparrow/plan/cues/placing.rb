# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # Gives every call its seconds. Calls are placed by weight: what stops or changes first, then switches, go and its
      # count, what comes next, a drink, ten seconds, halfway, reminders. A lighter one takes another of its ways where
      # the first is taken, or is left out: nothing is said inside another.
      class Placing
        # The heaviest first.
        WEIGHTS = [%w[stop change finish], %w[switch], %w[go], %w[countdown], %w[next], %w[last_round round last_station block], %w[drink last_minute], %w[ten_seconds],
          %w[halfway], %w[form breathing]].each_with_index.flat_map { |kinds, weight| kinds.map { |kind| [kind, weight] } }.to_h.freeze

        # @param total_s [Integer] of the class
        def initialize(total_s)
          @taken = Array.new(total_s + 1, false)
        end

        # @param wishes [Array<Wish>]
        # @return [Array<Cue>] in order of time
        def call(wishes)
          @exact = wishes.select { |wish| exact?(wish) }.map(&:at_s).sort
          # By weight, then by time, then as they came.
          ordered = wishes.each_with_index.sort_by { |wish, index| (WEIGHTS.fetch(wish.kind) * @taken.size + wish.at_s) * wishes.size + index }
          placed = ordered.filter_map { |wish, _| place(wish) }
          placed.sort_by(&:at_s).each(&:freeze)
        end

        private

        # Made at its very second, or it is of no use.
        def exact?(wish)
          WEIGHTS.fetch(wish.kind) <= WEIGHTS.fetch("go")
        end

        def place(wish)
          way = exact?(wish) ? at_its_second(wish) : wish.ways.find { |held| free?(held) }
          return unless way
          (way.at_s...(way.at_s + way.says_s)).each { |second| @taken[second] = true }
          Cue.new(way.at_s, wish.kind, way.text, wish.levels, wish.block, wish.station, wish.round, way.says_s, wish.short)
        end

        # In the words for which there is time before the next such call; if need be in as many as fit a second.
        def at_its_second(wish)
          following = @exact.bsearch { |second| second > wish.at_s }
          wish.ways.find { |way| following.nil? || way.at_s + way.says_s <= following } || Way.new(wish.at_s, wish.ways.last.text, 1)
        end

        def free?(way)
          return false if way.at_s.negative?
          second = way.at_s
          ending = second + way.says_s
          while second < ending
            return false if @taken[second]
            second += 1
          end
          true
        end
      end
    end
  end
end
