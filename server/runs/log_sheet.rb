# frozen_string_literal: true

module Server
  module Runs
    # A run's log: the stations with what was planned, the people to choose
    # from, and what has been logged so far.
    class LogSheet
      # @param run [Records::Run]
      def initialize(run)
        @run = run
      end

      # @return [Hash]
      def to_h
        submitted = @run.submitted
        attendances = @run.attendances.includes(:person, :results).sort_by { |attendance| attendance.person.name }
        {
          "run" => Runs::Line.new(@run).to_h, "log_version" => @run.log_version, "last_submission" => @run.last_submission,
          "note" => @run.log_note, "stations" => @run.sheet.stations, "blocks" => @run.sheet.blocks, **reached,
          "people" => people,
          "attendances" => attendances.map { |attendance| Runs::AttendanceLine.new(attendance, submitted).to_h }
        }
      end

      private

      # How much of the plan passed, and what was not reached of it.
      def reached
        held = @run.reached
        {"ran_s" => held&.seconds, "not_reached" => held ? @run.sheet.not_reached(held) : Sparrow::Level::ALL.to_h { |level| [level, []] }}
      end

      # Of somebody who came late or left early, or went round with a group; null where it is as for their level.
      def own_not_reached(person_id)
        own = @run.reached_by(person_id)
        @run.sheet.not_reached(own) unless own.equal?(@run.reached)
      end

      # In the level that they checked in with, or were put into since.
      def people
        levels = @run.group_class ? @run.group_class.roster.to_h { |entry| [entry.person_id, entry.level] } : {}
        planned = @run.planned_targets
        entered = @run.group_class ? @run.group_class.entered.to_h { |entry| [entry.person_id, entry.entry] } : {}
        @run.people.sort_by(&:name).map do |person|
          level = @run.presence.level(person.id) || levels.fetch(person.id, person.level)
          People::Line.new(person).to_h.merge("level" => level, "own_entry" => entered[person.id], "not_reached" => own_not_reached(person.id), "blocks" => @run.block_results.of(level, person.id), "planned_targets" => targets(planned[person.id]),
            "counted" => @run.counted_of(person.id, level).map { |(block, station), reps| {"block" => block, "station" => station, "reps" => reps} })
        end
      end

      # What the fit gave them, station by station; null where there was none.
      def targets(cells)
        cells&.map { |(block, station), cell| {"block" => block, "station" => station, "level" => cell.level, **@run.sheet.shown(cell)} }
      end
    end
  end
end
