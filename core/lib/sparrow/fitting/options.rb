# frozen_string_literal: true

module Sparrow
  module Fitting
    # The variations of a station for somebody of a level. The number aims at the level's own target whatever the
    # version, where it can be asked so, else at the version's opening number; it is cut to what the window has time for.
    class Options
      # Kept up for so long where neither plan nor version say.
      PLAIN_S = 30

      # @param block [Plan::Block]
      # @param station [Plan::Station]
      # @param catalogue [Catalogue]
      def initialize(block, station, catalogue = Catalogue.house)
        @block = block
        @station = station
        @catalogue = catalogue
        @house = block.house
      end

      # @param level [String]
      # @return [Array<Option>] the level's own first, then each that is easier; of a compound the lower levels' parts; none
      #   where the level sits it out
      def down_from(level)
        return [].freeze unless @station.at(level)
        own = @station.at(level).variation
        return lower_parts(level).map { |lower| of(nil, lower) }.freeze unless own
        easier = ladder(level).take_while { |variation| variation != own }
        [own, *easier.reverse].map { |variation| of(variation, level) }.freeze
      end

      # @param level [String]
      # @return [Array<Option>] what is harder than the level's own, the next first
      def up_from(level)
        own = @station.at(level)&.variation
        return [] unless own
        ladder(level).drop_while { |variation| variation != own }.drop(1).map { |variation| of(variation, level) }.freeze
      end

      # @return [Option]
      def of(variation, level)
        prescription = @station.at(level)
        option(variation, level, (prescription.variation == variation) ? prescription : moved(prescription, variation))
      end

      private

      def ladder(level)
        @station.at(level).movement.ladder
      end

      def lower_parts(level)
        Level::ALL.take(Level::ALL.index(level) + 1).reverse.select { |lower| @station.at(lower)&.parts }
      end

      # The level's prescription on a variation that is not its own: a typed tempo and
      # load stay, what the variation itself decides is the variation's.
      def moved(prescription, variation)
        counting = Counting.of((prescription.counting.rule == "compound" || prescription.variation.nil?) ? variation.counting : rule(prescription, variation))
        prescription.with(variation: variation, movement: @catalogue.movement(variation.movement_id), parts: nil, counting: counting, **number(prescription, variation),
          seconds_per_move: variation.tempo && (prescription.tempo ? Rational(prescription.tempo.seconds) : variation.tempo.seconds * @house.pace.fetch(prescription.level)))
      end

      # A way of counting that was chosen for the station goes along; a default one does not.
      def rule(prescription, variation)
        (prescription.counting.rule == prescription.variation.counting) ? variation.counting : prescription.counting.rule
      end

      def number(prescription, variation)
        case variation.measure
        when "reps" then {reps: prescription.reps || range(variation.target["reps"]), hold: nil}
        when "hold" then {reps: nil, hold: prescription.hold || range(variation.target["hold_s"])}
        else {reps: nil, hold: nil}
        end
      end

      def range(number)
        number && (number..number)
      end

      def option(variation, level, prescription)
        unit, asked = ask(variation, prescription, @station.counts&.fetch(level))
        most = most(unit, prescription, level)
        found = Option.new(variation: variation, level: level, prescription: prescription, unit: unit, most: most)
        return found if unit == "open"
        top = called(found, [asked.max, most].compact.min)
        low = (asked.min == asked.max) ? half(asked.max) : asked.min
        found = found.with(top: top, low: [low, top].min)
        found = found.with(prescription: prescription.with(own_work_s: top, work_s: top)) if unit == "work" && !@block.timed?
        (unit == "work") ? found : found.asking(top)
      end

      def half(number)
        (number + 1) / 2
      end

      # Even where sides alternate; but never none.
      def called(option, number)
        return number unless option.unit == "reps"
        [number / option.step * option.step, option.step].max
      end

      # @return [Array(String, Range)] the unit, and what is asked
      def ask(variation, prescription, counts)
        counted = variation.nil? || variation.counted?
        return ["reps", range(counts.values.max)] if counts&.any? && counted
        return ["reps", range(prescription.quota.min)] if prescription.quota && counted
        return ["reps", prescription.reps] if prescription.reps
        return ["hold", prescription.hold] if prescription.hold
        return ["open", nil] if counted
        ["work", range(prescription.own_work_s || (prescription.work_s if @block.timed?) || variation.target["hold_s"] || PLAIN_S)]
      end

      # @return [Integer, nil] the highest number for which there is time
      def most(unit, prescription, level)
        case unit
        when "reps" then Planning::WindowFit.of(@block, with(level, prescription), level).fits
        when "hold" then @block.format.stretches(@block, with(level, prescription.with(hold: nil)), level)&.min
        end
      end

      def with(level, prescription)
        @station.with(levels: @station.levels.merge(level => prescription))
      end
    end
  end
end
