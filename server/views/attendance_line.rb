# frozen_string_literal: true

module Server
  module Views
    # One person in a log, with their results.
    class AttendanceLine
      include Alba::Resource

      attributes :person_id, :present, :lane, :effort, :pain, :note
      attribute(:name) { |attendance| attendance.person.name }
      attribute(:results) do |attendance|
        attendance.results.map do |result|
          result.attributes.slice("block", "station", "level", "variation", "reps", "seconds", "reps_left", "skipped", "planned")
        end
      end
    end
  end
end
