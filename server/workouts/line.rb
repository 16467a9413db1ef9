# frozen_string_literal: true

module Server
  module Workouts
    # A workout in a list, without its document.
    class Line
      # @param workout [Records::Workout]
      def initialize(workout)
        @workout = workout
      end

      # @return [Hash]
      def to_h
        @workout.attributes.slice("id", "title", "ready", "total_s", "lock_version", "tags").merge(
          "stations" => @workout.stations_count, "slot_minutes" => @workout.document["slot_minutes"], "formats" => formats, "kit" => Sparrow::Plan::Mentions.kit(@workout.document, @workout.studio.catalogue),
          "updated_at" => Http::Json.instant(@workout.updated_at), "updated_by" => @workout.updated_by&.name
        )
      end

      private

      # Of what is trained: a warm-up by the clock says nothing about a circuit.
      def formats
        (@workout.document["blocks"] || []).select { |block| %w[main finisher].include?(block["role"]) }.map { |block| block["format"] }.uniq
      end
    end
  end
end
