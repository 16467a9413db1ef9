# frozen_string_literal: true

module Sparrow
  module Fitting
    # Each rung of a station's ladder with the number of the level whose band
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
        found = @station.movement.ladder.flat_map { |rung| levels(rung).map { |level| of(rung, level) } }
        sorted(found.uniq { |option| [option.rung.id, option.unit, option.number] }).freeze
      end

      # @return [Option]
      def of(rung, level)
        prescription = @station.at(level)
        option(rung, level, (prescription.variation == rung) ? prescription : moved(prescription, rung))
      end

      private

      # The harder first, and of one rung the higher number.
      def sorted(options)
        options.each_with_index.sort_by { |option, index| [-option.demand, -(option.number || 0), index] }.map(&:first)
      end

      # The levels that are given the rung; else the highest in whose band it lies.
      def levels(rung)
        given = Level::ALL.select { |level| @station.at(level).variation == rung }
        return given if given.any?
        [(rung.levels & Level::ALL).max_by { |level| Level.rank(level) }]
      end

      # The level's prescription on a rung that is not its own: a typed tempo and
      # load stay, what the rung itself decides is the rung's.
      def moved(prescription, rung)
        counting = Counting.of((prescription.counting.rule == "compound" || prescription.variation.nil?) ? rung.counting : rule(prescription, rung))
        prescription.with(variation: rung, counting: counting, **number(prescription, rung),
          seconds_per_move: rung.tempo && (prescription.tempo ? Rational(prescription.tempo.seconds) : rung.tempo.seconds * @house.pace.fetch(prescription.level)))
      end

      # A way of counting that was chosen for the station goes along; a default one does not.
      def rule(prescription, rung)
        (prescription.counting.rule == prescription.variation.counting) ? rung.counting : prescription.counting.rule
      end

      def number(prescription, rung)
        case rung.measure
        when "reps" then {reps: prescription.reps || range(rung.target["reps"]), hold: nil}
        when "hold" then {reps: nil, hold: prescription.hold || range(rung.target["hold_s"])}
        else {reps: nil, hold: nil}
        end
      end

      def range(number)
        number && (number..number)
      end

      def option(rung, level, prescription)
        unit, number = ask(rung, prescription, @station.counts&.fetch(level))
        prescription = prescription.with(reps: number..number) if unit == "reps"
        prescription = prescription.with(hold: number..number) if unit == "hold"
        Option.new(rung: rung, level: level, prescription: prescription, unit: unit, number: number)
      end

      # @return [Array(String, Integer)] the unit, and the number where there is one
      def ask(rung, prescription, counts)
        return ["reps", counts.values.max] if counts&.any?
        return ["reps", prescription.quota.min] if prescription.quota
        return ["reps", prescription.reps.min] if prescription.reps
        return ["hold", prescription.hold.min] if prescription.hold
        (rung.nil? || rung.counted?) ? ["open", nil] : ["work", nil]
      end
    end
  end
end
