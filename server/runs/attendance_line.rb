# frozen_string_literal: true

module Server
  module Runs
    # One person in a log, with their results.
    class AttendanceLine
      RESULT = %w[block station level variation reps seconds reps_left skipped planned rounds per_round load_kg faults].freeze

      # @param attendance [Records::Attendance]
      # @param submitted [Hash{String => Array}] what was typed for whom
      def initialize(attendance, submitted)
        @attendance = attendance
        @submitted = submitted
      end

      # @return [Hash]
      def to_h
        @attendance.attributes.slice("person_id", "present", "level", "effort", "blocks").merge(
          "pain" => @attendance.pain, "pain_action" => @attendance.pain_action, "note" => @attendance.note, "name" => @attendance.person.name,
          "exceptions" => @submitted.fetch(@attendance.person_id, []), "results" => @attendance.results.map { |result| result.attributes.slice(*RESULT) }
        )
      end
    end
  end
end
