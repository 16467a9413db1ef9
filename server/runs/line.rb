# frozen_string_literal: true

module Server
  module Runs
    # A run in a list. Who was there, how hard it was and whether anything hurt
    # come from the loaded attendances; with +health: false+ nothing is said of pain.
    class Line
      include Alba::Resource

      attributes :id, :workout_id, :group_class_id, :title, :state, :total_s
      attribute(:started_at) { |run| Http::Json.instant(run.started_at) }
      attribute(:finished_at) { |run| Http::Json.instant(run.finished_at) }
      attribute(:logged_at) { |run| Http::Json.instant(run.logged_at) }
      attribute(:created_at) { |run| Http::Json.instant(run.created_at) }
      attribute(:led_by) { |run| run.instructor&.name }
      attribute(:present) { |run| run.attendances.count(&:present) }
      attribute(:pains) { |run| run.attendances.count { |attendance| attendance.present && attendance.pain } if params.fetch(:health, true) }
      attribute(:mean_effort) do |run|
        efforts = run.attendances.select(&:present).filter_map(&:effort)
        (efforts.sum / efforts.size.to_f).round(1) if efforts.any?
      end
    end
  end
end
