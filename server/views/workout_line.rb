# frozen_string_literal: true

module Server
  module Views
    # A workout in a list, without its document.
    class WorkoutLine
      include Alba::Resource

      attributes :id, :title, :ready, :total_s, :lock_version
      attribute(:stations) { |workout| workout.stations_count }
      attribute(:slot_minutes) { |workout| workout.document["slot_minutes"] }
      attribute(:updated_at) { |workout| Views.instant(workout.updated_at) }
      attribute(:updated_by) { |workout| workout.updated_by&.name }
    end
  end
end
