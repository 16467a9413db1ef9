# frozen_string_literal: true

module Server
  module Views
    # A run's log: the stations with what was planned, the people to choose
    # from, and what has been logged so far.
    class LogSheet
      # @param run [Records::Run]
      def initialize(run)
        @run = run
      end

      # @return [Hash]
      def to_h
        attendances = @run.attendances.includes(:person, :results).sort_by { |attendance| attendance.person.name }
        {
          "run" => RunLine.new(@run).to_h, "log_version" => @run.log_version, "last_submission" => @run.last_submission,
          "note" => @run.log_note, "stations" => @run.sheet.stations,
          "people" => PersonLine.new(@run.studio.people.training.to_a).to_h,
          "attendances" => AttendanceLine.new(attendances).to_h
        }
      end
    end
  end
end
