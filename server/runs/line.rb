# frozen_string_literal: true

module Server
  module Runs
    # A run in a list. Who was there, how hard it was and whether anything hurt
    # come from the loaded attendances.
    class Line
      # @param run [Records::Run]
      # @param health [Boolean] whether anything is said of pain
      def initialize(run, health: true)
        @run = run
        @health = health
      end

      # @return [Hash]
      def to_h
        {
          "id" => @run.id, "workout_id" => @run.workout_id, "group_class_id" => @run.group_class_id, "title" => @run.title, "state" => @run.state, "total_s" => @run.total_s,
          "started_at" => Http::Json.instant(@run.started_at), "finished_at" => Http::Json.instant(@run.finished_at),
          "logged_at" => Http::Json.instant(@run.logged_at), "created_at" => Http::Json.instant(@run.created_at), "led_by" => @run.instructor&.name,
          "present" => present.size, "pains" => (present.count(&:pain) if @health), "mean_effort" => mean_effort
        }
      end

      private

      def present
        @present ||= @run.attendances.select(&:present)
      end

      def mean_effort
        efforts = present.filter_map(&:effort)
        (efforts.sum / efforts.size.to_f).round(1) if efforts.any?
      end
    end
  end
end
