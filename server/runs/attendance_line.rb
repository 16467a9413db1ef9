# frozen_string_literal: true

module Server
  module Runs
    # One person in a log, with their results.
    class AttendanceLine
      include Alba::Resource

      attributes :person_id, :present, :lane, :effort, :pain, :note
      attribute(:name) { |attendance| attendance.person.name }
      # As they were typed; params[:submitted] has them by person.
      attribute(:exceptions) { |attendance| params.fetch(:submitted).fetch(attendance.person_id, []) }
      attribute(:results) do |attendance|
        attendance.results.map do |result|
          result.attributes.slice("block", "station", "level", "variation", "reps", "seconds", "reps_left", "skipped", "planned")
        end
      end
    end
  end
end
