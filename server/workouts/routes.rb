# frozen_string_literal: true

module Server
  module Workouts
    # Workouts: list, make, copy, read, save, delete and bring back, and their history.
    module Routes
      S = Sparrow::Schema
      CREATE = S::Record.new({"document" => S::AnyType.new("WorkoutDocument"), "copy_of" => S::Text.new(length: 1..64), "template" => S::Text.new(length: 1..80)})
      IMPORT = S::Record.new({"file" => S::AnyType.new}, required: %w[file])
      TAG = S::Text.new(length: 1..30, form: /\A[^,\n]*[^,\s][^,\n]*\z/, says: Sparrow.say("server.workouts.must_be_a_word_or_two"))
      TAGS = S::Record.new({"tags" => S::List.new(TAG, size: 0..12, noun: "tags"), "was" => S::List.new(TAG, size: 0..12, noun: "tags")}, required: %w[tags was])
      SAVE = S::Record.new({"document" => S::AnyType.new("WorkoutDocument"), "lock_version" => S::IntegerType.new(1..1_000_000_000)},
        required: %w[document lock_version])

      # What these routes look up.
      module Helpers
        def workout(id)
          studio.workouts.kept.fetch(id)
        end

        def new_document(input)
          return workout(input["copy_of"]).copied_document if input["copy_of"]
          return template(input["template"]) if input["template"]
          return under_standards(input["document"]) if input["document"]
          raise Sparrow::Refused.at("/document", Sparrow.say("server.common.is_missing"))
        end

        # A new circuit stands under the studio's standards unless it brings its own.
        def under_standards(document)
          return document unless document.is_a?(Hash)
          own = {"house" => studio.standards, "depth" => studio.house["depth"]}.compact.reject { |_, held| held == {} }
          own.merge(document.compact)
        end

        def template(id)
          found = Sparrow::Plan::Templates.all.find { |candidate| candidate.id == id }
          return under_standards(found.document) if found
          raise Sparrow::Refused.at("/template", Sparrow.say("server.workouts.is_not_one_of_the_ready"))
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/templates") do
          render_json({"templates" => Workouts::Templates.all})
        end

        # What was added and taken away since the tags were read, so that two who
        # tag at once both have their way.
        app.put("/api/workouts/:id/tags", takes: TAGS) do |id|
          stored = workout(id)
          tags, was = input.values_at("tags", "was").map { |list| list.map { |tag| tag.strip.downcase }.uniq }
          stored.with_lock do
            merged = (stored.tags - (was - tags)) | (tags - was)
            raise Sparrow::Refused.at("/tags", Sparrow.say("server.workouts.would_be_amount_with_those_that", amount: merged.size)) if merged.size > 12
            stored.update!(tags: merged)
          end
          render_json(Workouts::Line.new(stored).to_h)
        end

        app.get("/api/workouts") do
          listed = studio.workouts.kept.includes(:updated_by).order(updated_at: :desc, id: :desc)
          words = params["q"].to_s.strip
          listed = listed.where("title ILIKE ?", "%#{listed.klass.sanitize_sql_like(words)}%") unless words.empty?
          listed, paging = paged(listed)
          render_json({"workouts" => listed.map { |workout| Workouts::Line.new(workout).to_h }, **paging})
        end

        app.post("/api/workouts", takes: CREATE, heavy: true) do
          preview = preview_of(new_document(input), under: "/document")
          render_json(Workouts::View.new(Records::Workout.begin(studio, preview, by: instructor)).to_h, status: 201)
        end

        # All of it, or nothing: a movement does not stay behind where its circuit is refused.
        app.post("/api/workouts/import", takes: IMPORT, heavy: true) do
          stored, added = Records::Workout.transaction do
            preview, added = Workouts::CircuitFile.new(studio).read(input["file"])
            [Records::Workout.begin(studio, preview, by: instructor), added]
          end
          render_json({"workout" => Workouts::View.new(stored).to_h, "movements_added" => added}, status: 201)
        rescue Sparrow::Refused => refused
          raise Http::Problems.unprocessable(refused, under: "/file")
        end

        app.get("/api/workouts/:id/file") do |id|
          stored = workout(id)
          content_type "application/json"
          headers "content-disposition" => "attachment; filename=\"#{stored.title.downcase.gsub(/[^a-z0-9]+/, "-").delete_prefix("-").delete_suffix("-").presence || "circuit"}.json\""
          JSON.pretty_generate(Workouts::CircuitFile.new(studio).of(stored))
        end

        app.get("/api/workouts/:id") { |id| render_json(Workouts::View.new(workout(id)).to_h) }

        app.put("/api/workouts/:id", takes: SAVE, heavy: true) do |id|
          stored = workout(id)
          preview = preview_of(input["document"], under: "/document")
          begin
            stored.save_over(input["lock_version"], preview, by: instructor)
          rescue Records::Workout::Outdated
            raise Http::Problems.conflict(Sparrow.say("server.workouts.n_saved_this_circuit_after_you", n: stored.updated_by&.name || Sparrow.say("server.workouts.somebody")),
              theirs: Workouts::View.new(stored).to_h, yours: input["document"])
          end
          render_json(Workouts::View.new(stored).to_h)
        end

        app.delete("/api/workouts/:id") do |id|
          workout(id).update!(deleted_at: Time.now.utc)
          status 204
        end

        app.post("/api/workouts/:id/restore") do |id|
          stored = studio.workouts.fetch(id)
          stored.update!(deleted_at: nil)
          render_json(Workouts::View.new(stored).to_h)
        end

        app.get("/api/workouts/:id/revisions") do |id|
          revisions = workout(id).revisions.includes(:instructor).order(number: :desc).limit(200)
          render_json({"revisions" => revisions.map { |revision| Workouts::RevisionLine.new(revision).to_h }})
        end

        app.get("/api/workouts/:id/revisions/:number") do |id, number|
          raise Http::Problems.not_found unless number.match?(/\A\d{1,9}\z/)
          revision = workout(id).revisions.find_by!(number: number.to_i)
          render_json(Workouts::RevisionLine.new(revision).to_h.merge("document" => revision.document))
        end
      end
    end
  end
end
