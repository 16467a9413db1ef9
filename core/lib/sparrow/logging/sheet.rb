# frozen_string_literal: true

module Sparrow
  module Logging
    # The log sheet of a workout: its stations, what each lane was to do there,
    # and the results that follow from the exceptions typed.
    class Sheet
      # @param workout [Circuit::Workout]
      def initialize(workout)
        @workout = workout
      end

      # @return [Array<Hash>] block, station, name and per level the variation's name, target and reps
      def stations
        @workout.each_station.map do |block, station|
          {"block" => block.id, "station" => station.id, "name" => station.name, "role" => block.role,
           "levels" => Level::ALL.to_h { |level| [level, planned(station, level)] }}
        end
      end

      # Every station a person of this lane met, as planned or as typed. In a
      # log, an exception's level is what they did instead of their lane's.
      # @param lane [String] a level
      # @param exceptions [Array<Hash>] as in Form::EXCEPTION
      # @return [Array<Result>]
      # @raise [Refused] where an exception names a station that the workout has not, or one twice
      def results(lane, exceptions, at: "/exceptions")
        problems = complaints(exceptions, at)
        raise Refused.new(problems) if problems.any?
        typed = exceptions.to_h { |exception| [exception.values_at("block", "station"), exception] }
        met(lane).map { |block, station| result(block, station, lane, typed[[block.id, station.id]]) }
      end

      private

      # Stations that the lane's own rounds reach, and any that was typed.
      def met(lane)
        @workout.each_station.select do |block, station|
          (1..block.rounds_for(lane)).any? { |round| station.in_round?(round) }
        end
      end

      def complaints(exceptions, at)
        known = @workout.each_station.to_h { |block, station| [[block.id, station.id], true] }
        seen = {}
        exceptions.each_with_index.filter_map do |exception, index|
          key = exception.values_at("block", "station")
          message = ("is not a station of this workout" unless known[key]) || ("is logged twice" if seen[key])
          seen[key] = true
          Problem.new(pointer: "#{at}/#{index}/station", message: message) if message
        end
      end

      def result(block, station, lane, exception)
        level = exception&.fetch("level", nil) || lane
        take = station.at(level)
        skipped = exception&.fetch("skipped", nil) || false
        Result.new(
          block: block.id, station: station.id, level: level, variation: take.variation&.id,
          reps: skipped ? nil : exception&.fetch("reps", nil) || last_reps(station, level),
          reps_left: exception&.fetch("reps_left", nil), skipped: skipped, planned: exception.nil?
        )
      end

      def planned(station, level)
        take = station.at(level)
        {"variation" => take.variation&.id, "name" => take.variation&.name, "target" => Targets::Wording.at(station, level),
         "reps" => last_reps(station, level)}
      end

      # On a ladder the last round's number, of a range its top.
      def last_reps(station, level)
        station.counts ? station.counts.fetch(level).values.last : station.at(level).reps&.max
      end
    end
  end
end
