# frozen_string_literal: true

module Server
  class Routes
    # Runs, their clock, their log and their results.
    module RunRoutes
      S = Sparrow::Shape
      OPEN = S::Record.new({"workout_id" => S::Text.new(length: 1..64), "client_key" => S::Text.new(length: 8..64)},
        required: %w[workout_id client_key])
      # Instants are milliseconds since 1970; seconds are of the run's own timeline.
      INSTANT = S::Whole.new(0..9_999_999_999_999)
      ADDITION = S::Record.new({"at_s" => S::Decimal.new(0..100_000), "add_s" => S::Whole.new(1..600)}, required: %w[at_s add_s])
      CLOCK = S::Record.new({
        "anchor_ms" => INSTANT, "paused_at_ms" => INSTANT, "additions" => S::List.new(ADDITION, size: 0..200, noun: "additions"),
        "finished" => S::Flag.new, "told_at_ms" => INSTANT
      }, required: %w[anchor_ms additions told_at_ms])

      # What these routes look up.
      module Helpers
        def run(id)
          studio.runs.kept.fetch(id)
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/runs") do
          runs = studio.runs.kept.includes(:instructor, :attendances).newest_first.limit(500)
          render_json({"runs" => Views::RunLine.new(runs.to_a).to_h})
        end

        app.post("/api/runs") do
          given = body_as(OPEN)
          workout = workout(given["workout_id"])
          unless workout.ready
            raise Sparrow::Refused.new([Sparrow::Problem.new(pointer: "/workout_id", message: "has no station yet, so there is nothing to run")])
          end
          run = Records::Run.open(workout, client_key: given["client_key"], by: instructor)
          render_json(Views::RunWhole.new(run).to_h, status: 201)
        end

        app.get("/api/runs/:id") { |id| render_json(Views::RunWhole.new(run(id)).to_h) }

        # The clock as the Floor tells it; an older telling does not undo a newer one.
        app.put("/api/runs/:id/clock") do |id|
          stored = run(id)
          clock = body_as(CLOCK)
          stored.with_lock do
            next if stored.clock && stored.clock["told_at_ms"] > clock["told_at_ms"]
            stored.update!(clock: clock, started_at: stored.started_at || Time.at(0, clock["anchor_ms"], :millisecond).utc,
              finished_at: clock["finished"] ? (stored.finished_at || Time.now.utc) : stored.finished_at)
          end
          render_json(Views::RunLine.new(stored).to_h)
        end

        app.delete("/api/runs/:id") do |id|
          stored = run(id)
          raise Problems::Error.new(409, "Already logged", "A run that has been logged is kept.") if stored.logged_at
          stored.update!(deleted_at: Time.now.utc)
          status 204
        end

        app.post("/api/runs/:id/restore") do |id|
          stored = studio.runs.fetch(id)
          stored.update!(deleted_at: nil)
          render_json(Views::RunLine.new(stored).to_h)
        end

        app.get("/api/runs/:id/log") { |id| render_json(Views::LogSheet.new(run(id)).to_h) }

        app.put("/api/runs/:id/log") do |id|
          stored = run(id)
          begin
            LogBook.new(stored).write(body_hash)
          rescue LogBook::Outdated
            raise Problems.conflict("This run was logged from another place after you opened it. Both logs are here.",
              theirs: Views::LogSheet.new(stored.reload).to_h)
          end
          render_json(Views::LogSheet.new(stored.reload).to_h)
        end

        app.get("/api/runs/:id/results") do |id|
          attendances = run(id).attendances.includes(:person, :results)
          render_json({"attendances" => Views::AttendanceLine.new(attendances.to_a).to_h})
        end
      end
    end
  end
end
