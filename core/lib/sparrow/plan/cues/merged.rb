# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # What falls on one second and cannot be moved is one call: a stop and the next start are a change, a stop at one station
      # and a switch at another are said together, and the class ends with its last stop.
      module Merged
        # In the order of things.
        EXACT = %w[stop switch go change finish].freeze

        # @param wishes [Array<Wish>]
        # @return [Array<Wish>]
        def self.of(wishes)
          exact, free = wishes.partition { |wish| EXACT.include?(wish.kind) }
          exact.group_by(&:at_s).each_value.map { |held| (held.size == 1) ? held.first : one(held.sort_by { |wish| EXACT.index(wish.kind) }) } + free
        end

        def self.one(held)
          last = held.last
          return last if last.kind == "change"
          return Wish.new("change", [Speech.way(last.at_s, Sparrow.say("plan.change"))], nil, last.block, last.station, last.round) if last.kind == "go"
          text = held.map { |wish| wish.ways.first.text }.uniq.join(". ")
          levels = held.all?(&:levels) ? held.flat_map(&:levels).uniq : nil
          Wish.new((last.kind == "finish") ? "finish" : "stop", [Speech.way(last.at_s, text), *held.first.ways.drop(1), last.ways.last].uniq, levels, last.block || held.first.block, last.station, last.round)
        end
        private_class_method :one
      end
    end
  end
end
