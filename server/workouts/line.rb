# frozen_string_literal: true

module Server
  module Workouts
    # A workout in a list, without its document.
    class Line
      include Alba::Resource

      attributes :id, :title, :ready, :total_s, :lock_version, :tags
      attribute(:stations) { |workout| workout.stations_count }
      attribute(:slot_minutes) { |workout| workout.document["slot_minutes"] }
      # Of what is trained: a warm-up by the clock says nothing about a circuit.
      attribute(:formats) do |workout|
        (workout.document["blocks"] || []).select { |block| %w[main finisher].include?(block["role"]) }.map { |block| block["format"] }.uniq
      end
      attribute(:updated_at) { |workout| Http::Json.instant(workout.updated_at) }
      attribute(:updated_by) { |workout| workout.updated_by&.name }
    end
  end
end
