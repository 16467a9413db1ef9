# frozen_string_literal: true

module Server
  module Records
    # What one person did at one station of a run.
    class Result < Base
      include OfStudio

      belongs_to :attendance, class_name: "Server::Records::Attendance"

      # Those that tell something: what was left, or a target that was not met.
      TELLING = "results.reps_left IS NOT NULL OR results.reps < results.least OR results.seconds < results.least"

      # @return [Hash] as it would have been typed
      def as_exception
        attributes.slice("block", "station", "variation", "reps", "seconds", "reps_left", "skipped").merge("level" => (level unless variation))
      end

      # @param people [Array<Person>]
      # @return [Array<Result>] with person_id, group_class_id and done_at beside
      def self.telling_of(people)
        where(skipped: false, studio_id: people.first&.studio_id).where(TELLING).joins(attendance: :run).where(attendances: {person_id: people.map(&:id)})
          .select("results.*", "attendances.person_id", "runs.group_class_id", "COALESCE(runs.started_at, runs.created_at) AS done_at").order("done_at", :id).to_a
      end
    end
  end
end
