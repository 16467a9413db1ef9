# frozen_string_literal: true

module Server
  module Classes
    # A class in a list.
    class Line
      include Alba::Resource

      attributes :id, :title, :workout_id, :total_s, :slot_minutes, :series, :lock_version, :note
      attribute(:starts_at) { |group_class| Http::Json.instant(group_class.starts_at) }
      attribute(:cancelled) { |group_class| !group_class.cancelled_at.nil? }
      attribute(:behind) { |group_class| group_class.outdated? }
      attribute(:leader) { |group_class| group_class.leader && {"id" => group_class.leader.id, "name" => group_class.leader.name} }
      attribute(:place) { |group_class| group_class.place && {"id" => group_class.place.id, "name" => group_class.place.name} }
      attribute(:coming) { |group_class| group_class.roster.count { |entry| entry.present != false } }
      attribute(:run_id) { |group_class| group_class.runs.reject(&:deleted_at).max_by(&:created_at)&.id }
    end
  end
end
