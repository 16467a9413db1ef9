# frozen_string_literal: true

module Server
  module Records
    # A workout document with its lock version. Every save writes a revision.
    class Workout < Base
      include OfStudio

      # The version is checked by hand: a conflict answers with both documents.
      self.locking_column = nil

      # A save that met a newer version.
      class Outdated < StandardError; end

      belongs_to :studio, class_name: "Server::Records::Studio"
      belongs_to :updated_by, class_name: "Server::Records::Instructor", optional: true
      has_many :revisions, class_name: "Server::Records::WorkoutRevision"
      scope :kept, -> { where(deleted_at: nil) }

      # @param preview [Sparrow::Preview] the document, read and measured
      # @return [Workout]
      def self.begin(studio, preview, by:)
        transaction { studio.workouts.build(lock_version: 0).tap { |workout| workout.write(preview, by: by) } }
      end

      # Saves over the version that the writer has seen.
      # @raise [Outdated] where another version came first
      def save_over(version, preview, by:)
        with_lock do
          raise Outdated unless lock_version == version
          write(preview, by: by) unless preview.workout.document == document
        end
      end

      def write(preview, by:)
        workout = preview.workout
        update!(
          title: workout.title, document: workout.document, ready: preview.ready?, total_s: preview.timeline.total_s,
          stations_count: workout.each_station.count, lock_version: lock_version + 1, updated_by: by
        )
        revisions.create!(studio_id: studio_id, number: lock_version, document: document, instructor: by, created_at: updated_at)
      end

      # A document like this one under another title.
      # @return [Hash]
      def copied_document
        document.merge("title" => "#{title.slice(0, 110)} (copy)")
      end
    end
  end
end
