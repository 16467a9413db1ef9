# frozen_string_literal: true

module Server
  module Fit
    # The fit sheet: people down, stations across, and what the roster needs.
    class View
      # @param fit [Fit::ClassFit]
      def initialize(fit)
        @fit = fit
      end

      # @return [Hash]
      def to_h
        {"stations" => stations, "people" => @fit.sheet.assignments.map { |assignment| View.person(@fit.sheet, assignment, @fit.versions) }, "needs" => @fit.needs.rows.map { |row| need(row) },
         "moved" => @fit.sheet.moved.size, "going_up" => @fit.to_reserve? ? "taken" : "offered", "lock_version" => @fit.lock_version, "notices" => @fit.notices, "set_aside" => @fit.set_aside.map { |stored, name, why| set_aside(stored, name, why) }}
      end

      # @param sheet [Sparrow::Fitting::Sheet]
      # @param versions [Hash] of the choices, by person, block and station
      # @return [Hash] one person of it
      def self.person(sheet, assignment, versions)
        participant = assignment.participant
        cells = sheet.cells(participant.id)
        {"id" => participant.id, "name" => participant.name, "level" => participant.pacing_level, "new" => participant.newcomer, "screening" => participant.screening,
         "tired" => participant.state == "tired", "sore" => participant.sore, "limits" => participant.limits.map(&:words),
         "stale" => participant.estimates.all.any? { |estimate| estimate.best.stale }, "measured" => participant.estimates.all.any? { |estimate| !estimate.best.guess? },
         "attention" => cells.any?(&:attention?), "groups" => sheet.groups(participant.id), "cells" => cells.map { |cell| cell.to_h.merge("choice_version" => versions.fetch([participant.id, cell.place.block.id, cell.place.station.id], 0)) }}
      end

      private

      def stations
        @fit.sheet.stations.map(&:last).map do |place|
          {"block" => place.block.id, "block_title" => place.block.name, "role" => place.block.role, "station" => place.station.id, "name" => place.station.name,
           "movement" => place.station.movement&.id, "rounds" => place.block.round_count,
           "levels" => Sparrow::Level::ALL.to_h { |level| [level, {"variation" => place.station.at(level)&.variation&.id, "target" => Sparrow::Planning::Wording.at(place.station, level)}] }}
        end
      end

      def set_aside(stored, name, why)
        {"person_id" => stored.person_id, "person" => name, "block" => stored.block, "station" => stored.station, "station_name" => station_name(stored), "variation" => stored.variation, "number" => stored.number,
         "why" => why, "by" => stored.instructor&.name, "version" => stored.version}
      end

      # A station that is gone is called by the movement that it had when the choice was made.
      def station_name(stored)
        place = @fit.sheet.course.places.find { |held| held.block.id == stored.block && held.station.id == stored.station }
        place&.station&.name || @fit.movement_name(stored.movement) || Sparrow.say("server.fit.a_set_of_parts")
      end

      def need(row)
        {"key" => [row.place.block.id, row.place.station.id, row.level].join("/"), "block" => row.place.block.id, "station" => row.place.station.id,
         "level" => row.level, "people" => row.people, "as_planned" => row.as_planned, "from" => ask(row.from), "to" => ask(row.to), "changes" => row.patch.any?}
      end

      def ask(option)
        {"variation" => option.variation&.id, "name" => option.variation&.name, "number" => option.number, "target" => Sparrow::Planning::Wording.of(option.prescription)}
      end
    end
  end
end
