# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # Form and breathing, one of each in a long window, spoken where nothing
      # else is being called. The level they are taken from changes by round.
      class Reminders
        FROM_S = 30
        # A reminder takes about this long to say.
        SPOKEN_S = 4

        # @param spoken [Array<Cue>] the calls that must not be talked over
        def initialize(line, spoken)
          @line = line
          @busy = {}
          spoken.each do |cue|
            @busy[cue.at_s] = true
            (1..Approach::COUNT_FROM).each { |second| @busy[cue.at_s + second] = true } if cue.kind == "countdown"
          end
        end

        # @return [Array<Cue>]
        def cues
          @line.windows.select { |window| window.seconds >= FROM_S }.flat_map.with_index do |window, index|
            prescription = window.prescriptions.values[(window.round + index) % window.prescriptions.size]
            next [] unless prescription.variation
            [remind(window, prescription, 4, kind: "form", text: prescription.variation.cues[(window.round - 1) % prescription.variation.cues.size]),
              remind(window, prescription, 12, kind: "breathing", text: prescription.variation.breathing)].compact
          end
        end

        private

        # @param sixteenths [Integer] how far into the window to begin looking for a silence
        def remind(window, prescription, sixteenths, kind:, text:)
          from_s = window.start_s + (window.seconds * sixteenths / 16)
          at_s = (from_s...[from_s + 8, window.end_s].min).find { |second| silent?(second) }
          return unless at_s
          Cue.new(at_s, kind, text, [prescription.level], window.block.id, window.station.id, window.round)
        end

        def silent?(at_s)
          second = at_s - 1
          while second <= at_s + SPOKEN_S
            return false if @busy.key?(second)
            second += 1
          end
          true
        end
      end
    end
  end
end
