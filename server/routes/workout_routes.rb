# frozen_string_literal: true

module Server
  class Routes
    # Workouts: list, make, copy, read, save, delete and bring back, and their history.
    module WorkoutRoutes
      S = Sparrow::Shape
      CREATE = S::Record.new({"document" => S::Anything.new, "copy_of" => S::Text.new(length: 1..64)})
      SAVE = S::Record.new({"document" => S::Anything.new, "lock_version" => S::Whole.new(1..1_000_000_000)},
        required: %w[document lock_version])

      # What these routes look up.
      module Helpers
        def workout(id)
          studio.workouts.kept.fetch(id)
        end

        def new_document(given)
          return workout(given["copy_of"]).copied_document if given["copy_of"]
          return given["document"] if given["document"]
          raise Sparrow::Refused.new([Sparrow::Problem.new(pointer: "/document", message: "is missing")])
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/workouts") do
          listed = studio.workouts.kept.includes(:updated_by).order(updated_at: :desc)
          words = params["q"].to_s.strip
          listed = listed.where("title ILIKE ?", "%#{listed.klass.sanitize_sql_like(words)}%") unless words.empty?
          render_json({"workouts" => Views::WorkoutLine.new(listed.to_a).to_h})
        end

        app.post("/api/workouts") do
          preview = preview_of(new_document(body_as(CREATE)), under: "/document")
          render_json(Views::WorkoutWhole.new(Records::Workout.begin(studio, preview, by: instructor)).to_h, status: 201)
        end

        app.get("/api/workouts/:id") { |id| render_json(Views::WorkoutWhole.new(workout(id)).to_h) }

        app.put("/api/workouts/:id") do |id|
          stored = workout(id)
          given = body_as(SAVE)
          preview = preview_of(given["document"], under: "/document")
          begin
            stored.save_over(given["lock_version"], preview, by: instructor)
          rescue Records::Workout::Outdated
            raise Problems.conflict("#{stored.updated_by&.name || "Somebody"} saved this circuit after you opened it. Both versions are here.",
              theirs: Views::WorkoutWhole.new(stored).to_h, yours: given["document"])
          end
          render_json(Views::WorkoutWhole.new(stored).to_h)
        end

        app.delete("/api/workouts/:id") do |id|
          workout(id).update!(deleted_at: Time.now.utc)
          status 204
        end

        app.post("/api/workouts/:id/restore") do |id|
          stored = studio.workouts.fetch(id)
          stored.update!(deleted_at: nil)
          render_json(Views::WorkoutWhole.new(stored).to_h)
        end

        app.get("/api/workouts/:id/revisions") do |id|
          revisions = workout(id).revisions.includes(:instructor).order(number: :desc).limit(200)
          render_json({"revisions" => Views::RevisionLine.new(revisions.to_a).to_h})
        end

        app.get("/api/workouts/:id/revisions/:number") do |id, number|
          raise Problems.not_found unless number.match?(/\A\d{1,9}\z/)
          revision = workout(id).revisions.find_by!(number: number.to_i)
          render_json(Views::RevisionLine.new(revision).to_h.merge("document" => revision.document))
        end
      end
    end
  end
end
