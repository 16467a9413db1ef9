# frozen_string_literal: true

module Server
  module Today
    # What to do next: go on with a run, log one, finish a draft, run again.
    module Routes
      SHOWN = 4

      # A class that began so long ago is still the one at hand.
      STILL_ON_S = 3 * 3600

      # What these routes look up.
      module Helpers
        def coming_classes
          studio.group_classes.kept.where(starts_at: (Time.now.utc - STILL_ON_S)..).includes(:leader, :place, :roster, :workout, :runs).order(:starts_at).limit(SHOWN).to_a
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/today", access: :helper) do
          runs = studio.runs.kept.includes(:instructor, :attendances).newest_first
          workouts = studio.workouts.kept.includes(:updated_by).order(updated_at: :desc)
          render_json({
            "classes" => coming_classes.map { |group_class| Classes::Line.new(group_class).to_h },
            "open_runs" => runs.where(finished_at: nil, logged_at: nil).limit(SHOWN).map { |run| run_view(run) },
            "unlogged_runs" => runs.where(logged_at: nil).where.not(finished_at: nil).limit(SHOWN).map { |run| run_view(run) },
            "drafts" => workouts.where(ready: false).limit(SHOWN).map { |workout| Workouts::Line.new(workout).to_h },
            "ready" => workouts.where(ready: true).limit(SHOWN).map { |workout| Workouts::Line.new(workout).to_h },
            "last_logged" => runs.where.not(logged_at: nil).limit(3).map { |run| run_view(run) }
          })
        end
      end
    end
  end
end
