# frozen_string_literal: true

module Sparrow
  module Logging
    # What one person was to do at one station: their level's own way, or what the
    # fit made of it. +reps+ as counted in the last round, +seconds+ of a hold;
    # +least+ is the number below which the target was not met; +target+ in words.
    # Without a target they were to sit it out.
    class PlannedTarget < Value.of(:level, :variation, :reps, :seconds, :least, :target)
      # @param station [Plan::Station]
      # @return [Given] what a level is asked; of a range its top is taken to have been done
      def self.of_level(station, level)
        prescription = station.at(level) or return new(level: level)
        counts = station.counts&.fetch(level)&.values
        new(level: level, variation: prescription.variation&.id, reps: counts ? counts.last : prescription.reps&.max, seconds: prescription.hold&.max,
          least: counts ? counts.last : (prescription.reps || prescription.hold)&.min, target: Planning::Wording.at(station, level))
      end

      # @param cell [Fitting::Cell]
      # @return [Given]
      def self.of_cell(cell)
        option = cell.option
        return new(level: cell.pacing_level) unless option
        reps = reps(cell.place.station, option) if option.unit == "reps"
        seconds = option.number if option.unit == "hold"
        new(level: cell.level, variation: option.variation&.id, reps: reps, seconds: seconds, least: reps || seconds, target: cell.target)
      end

      # Another variation of the station: how many is for who was there to say.
      # @param variation [Catalogue::Variation]
      # @param level [String] a level
      # @return [Given]
      def self.of_variation(station, variation, level)
        asked = station.levels.select { |_, cell| cell.variation == variation }.keys
        level = asked.include?(level) ? level : asked.last || variation.levels.max_by { |held| Level.rank(held) }
        new(level: level, variation: variation.id, target: variation.name)
      end

      # @param held [Hash] as in to_h
      # @return [Given]
      def self.read(held)
        new(**held.transform_keys(&:to_sym))
      end

      def self.reps(station, option)
        counts = station.counts&.fetch(option.level)
        counts ? [counts.values.last, option.number].min : option.number
      end
      private_class_method :reps

      # @return [Boolean] whether they were to sit it out
      def out?
        target.nil?
      end

      # @return [Hash{String => String, Integer, nil}]
      def to_h
        super.transform_keys(&:to_s)
      end
    end
  end
end
