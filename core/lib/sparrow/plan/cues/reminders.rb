# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # Form and breathing, one of each in a long window, for a level that is at work while it is said. The level they are
      # taken from changes by round. Where groups rotate nothing is said to one of them that is not for all.
      class Reminders
        FROM_S = 30
        # They may be said so many seconds later.
        SPAN_S = 8
        # How far into the window they come, in sixteenths.
        AT = {"form" => 4, "breathing" => 12}.freeze

        # @param line [BlockLine]
        # @return [Array<Wish>]
        def self.wishes(line)
          line.groups ? [] : new(line).wishes
        end

        def initialize(line)
          @line = line
        end

        def wishes
          @line.windows.select { |window| window.seconds >= FROM_S && window.prescriptions.any? }.flat_map.with_index do |window, index|
            lane, prescription = window.prescriptions.to_a[(window.round + index) % window.prescriptions.size]
            next [] unless prescription.variation
            texts = {"form" => prescription.variation.cues[(window.round - 1) % prescription.variation.cues.size], "breathing" => prescription.variation.breathing}
            texts.filter_map { |kind, text| remind(window, lane, kind: kind, text: text) if text }
          end
        end

        private

        def remind(window, lane, kind:, text:)
          from_s = window.start_s + (window.seconds * AT.fetch(kind) / 16)
          ways = Speech.ways(from_s...(from_s + SPAN_S), text).select { |way| at_work?(lane, way) }
          Wish.new(kind, ways, [lane], window.block.id, window.station.id, window.round) if ways.any?
        end

        # From its first word to its last.
        def at_work?(lane, way)
          segment = @line.lanes.fetch(lane).bsearch { |held| held.end_s > way.at_s }
          segment && segment.kind == "work" && segment.start_s < way.at_s && segment.end_s >= way.at_s + way.says_s
        end
      end
    end
  end
end
