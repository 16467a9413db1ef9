# frozen_string_literal: true

module Sparrow
  module Fitting
    # Each variation of a station's ladder with the number of the level whose band
    # holds it; of a range the minimum.
    class Options
      # @param station [Plan::Station]
      def initialize(station, house)
        @station = station
        @house = house
      end

      # @return [Array<Option>]
      def all
        return Level::ALL.reverse.map { |level| option(nil, level, @station.at(level)) } unless @station.movement
        found = @station.movement.ladder.flat_map { |variation| levels(variation).map { |level| of(variation, level) } }
        sorted(found.uniq { |option| [option.variation.id, option.unit, option.number] }).freeze
      end

      # @return [Option]
      def of(variation, level)
        prescription = @station.at(level)
        option(variation, level, (prescription.variation == variation) ? prescription : moved(prescription, variation))
      end

      private

      # The harder first, and of one variation the higher number.
      def sorted(options)
        options.each_with_index.sort_by { |option, index| [-option.demand, -(option.number || 0), index] }.map(&:first)
      end

      # The levels that are given the variation; else the highest in whose band it lies.
      def levels(variation)
        asking = Level::ALL.select { |level| @station.at(level).variation == variation }
        return asking if asking.any?
        [(variation.levels & Level::ALL).max_by { |level| Level.rank(level) }]
      end

      # The level's prescription on a variation that is not its own: a typed tempo and
      # load stay, what the variation itself decides is the variation's.
      def moved(prescription, variation)
        counting = Counting.of((prescription.counting.rule == "compound" || prescription.variation.nil?) ? variation.counting : rule(prescription, variation))
        prescription.with(variation: variation, counting: counting, **number(prescription, variation),
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
        unit, number = ask(variation, prescription, @station.counts&.fetch(level))
        prescription = prescription.with(reps: number..number) if unit == "reps"
        prescription = prescription.with(hold: number..number) if unit == "hold"
        Option.new(variation: variation, level: level, prescription: prescription, unit: unit, number: number)
      end

      # @return [Array(String, Integer)] the unit, and the number where there is one
      def ask(variation, prescription, counts)
        return ["reps", counts.values.max] if counts&.any?
        return ["reps", prescription.quota.min] if prescription.quota
        return ["reps", prescription.reps.min] if prescription.reps
        return ["hold", prescription.hold.min] if prescription.hold
        (variation.nil? || variation.counted?) ? ["open", nil] : ["work", nil]
      end
    end
  end
end
