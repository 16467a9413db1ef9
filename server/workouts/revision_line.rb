# frozen_string_literal: true

module Server
  module Workouts
    # A saved version in a list.
    class RevisionLine
      # @param revision [Records::WorkoutRevision]
      def initialize(revision)
        @revision = revision
      end

      # @return [Hash]
      def to_h
        {"number" => @revision.number, "title" => @revision.document["title"], "saved_at" => Http::Json.instant(@revision.created_at), "saved_by" => @revision.instructor&.name}
      end
    end
  end
end
