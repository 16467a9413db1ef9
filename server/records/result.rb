# frozen_string_literal: true

module Server
  module Records
    # What one person did at one station of a run.
    class Result < Base
      include OfStudio

      belongs_to :attendance, class_name: "Server::Records::Attendance"

      # What was left, and a target that was not met, tell how much was there; a target that was met, that so much was:
      # of these only the latest are looked at.
      EXACT = "results.reps_left IS NOT NULL OR results.reps < results.least OR results.seconds < results.least"
      LATEST = 12.weeks
      # What a result tells, and when it was done.
      Telling = Struct.new(:person_id, :group_class_id, :done_at, :hurt, :variation, :reps, :seconds, :least, :reps_left, :freshness)

      # @return [Hash] as it would have been typed
      def as_exception
        attributes.slice("block", "station", "variation", "reps", "seconds", "reps_left", "skipped", "per_round", "load_kg", "faults").merge("level" => (level unless variation))
      end

      # @param attendances [Array<Attendance>] of one studio
      # @return [Hash{String => Hash{Array(String, String) => String, nil}}] attendance to block and station of what was done there to its
      #   version; who skipped everything has an empty one, who was not logged none
      def self.done_at(attendances)
        where(studio_id: attendances.first&.studio_id, attendance_id: attendances.map(&:id)).pluck(:attendance_id, :block, :station, :variation, :skipped).group_by(&:first)
          .transform_values { |rows| rows.reject(&:last).to_h { |_, block, station, variation, _| [[block, station], variation] } }
      end

      # @param people [Array<Person>]
      # @return [Array<Telling>] in order of time
      def self.telling_of(people)
        where(skipped: false, studio_id: people.first&.studio_id).where.not(variation: nil).where("results.reps IS NOT NULL OR results.seconds IS NOT NULL")
          .joins(attendance: :run).where(attendances: {person_id: people.map(&:id)})
          .where("#{EXACT} OR COALESCE(runs.started_at, runs.created_at) > ?", LATEST.ago).order(Arel.sql("COALESCE(runs.started_at, runs.created_at)"), :id)
          .pluck("attendances.person_id", "runs.group_class_id", Arel.sql("COALESCE(runs.started_at, runs.created_at)"), Arel.sql("attendances.pain IS NOT NULL"),
            "results.variation", "results.reps", "results.seconds", "results.least", "results.reps_left", "results.freshness").map { |row| Telling.new(*row) }
      end
    end
  end
end
