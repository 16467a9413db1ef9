# frozen_string_literal: true

module Server
  module People
    # Who trains here, what they chose, and what is private about them.
    module Routes
      S = Sparrow::Schema
      HEALTH = S::Record.new({"consent" => S::BooleanType.new, "health" => Sparrow::People::Limits::Form::HEALTH, "version" => People::Contract::VERSION}, required: %w[consent version])
      LIMITS = S::Record.new({"limits" => S::List.new(Sparrow::People::Limits::Form::LIMIT, size: 0..20, noun: "limits")}, required: %w[limits])
      ARCHIVE = S::Record.new({"archived" => S::BooleanType.new}, required: %w[archived])
      IMPORT = S::Record.new({"csv" => S::Text.new(length: 1..500_000), "apply" => S::BooleanType.new}, required: %w[csv])
      # What these routes share.
      module Helpers
        def person(id)
          studio.people.fetch(id)
        end

        # Whoever is answered with health notes has read them, by whichever route.
        def person_view(person)
          Records::AuditEvent.note_reading(instructor, "health_read", person) if person.health
          People::View.new(person).to_h
        end

        # @raise [Sparrow::Refused]
        def person_fields(input)
          problems = People::Contract.problems(input, today: studio.today)
          Sparrow::Refused.where(problems)
          {"pronouns" => nil, "birth_year" => nil, "since" => nil, "levels" => {}, "tags" => [], "contact" => {}, **input.except("version"), "name" => input["name"].strip}
        end

        def change_person(stored, input)
          fields = person_fields(input)
          Http::Versions.change(stored, input["version"], Sparrow.say("server.people.this_person_was"), theirs: -> { person_view(stored) }) { stored.update!(fields) }
        end

        def change_health(stored, input)
          Http::Versions.change(stored, input["version"], Sparrow.say("server.people.these_health_notes_were"), theirs: -> { person_view(stored) }, column: :health_version) { health_given(stored, input) }
          Records::AuditEvent.note(instructor, "health_changed", stored)
        end

        def health_given(person, input)
          return person.update!(health: nil, health_consent_at: nil) unless input["consent"]
          health = input["health"] || {}
          problems = Sparrow::People::Limits::Form.validation_errors(health, today: studio.today + 1, at: "/health")
          Sparrow::Refused.where(problems)
          person.update!(health: health, health_consent_at: person.health_consent_at || Time.now.utc)
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/people", access: :helper) do
          people = (params["archived"] == "true") ? studio.people.where.not(archived_at: nil).order(:name, :id) : studio.people.training
          people, paging = paged(people)
          render_json({"people" => people.map { |person| People::Row.new(person).to_h }, "tags" => studio.people.distinct.pluck(Arel.sql("unnest(tags)")).sort, **paging})
        end

        app.post("/api/people", takes: People::Contract::NEW) do
          person = studio.people.create!(person_fields(input))
          render_json(person_view(person), status: 201)
        end

        # Noted on the primary first: an export that cannot be noted is not given.
        app.get("/api/people/csv") do
          Records::AuditEvent.note(instructor, "people_exported")
          content_type "text/csv"
          headers "content-disposition" => "attachment; filename=\"people.csv\""
          Database.reading { People::Csv.new(studio).text }
        end

        app.post("/api/people/import", takes: IMPORT, heavy: true) do
          answer = People::Csv.new(studio).read(input["csv"], apply: input["apply"] == true)
          Records::AuditEvent.note(instructor, "people_imported", nil, rows: answer["rows"].size) if answer["applied"]
          render_json(answer)
        end

        # What is asked before the first class, the kinds of limits there are, and those that are set together.
        app.get("/api/people/questions") do
          kinds = Sparrow::People::Limits::KINDS.map { |kind| {"kind" => kind, "words" => Sparrow::People::Limits.words(kind)} }
          presets = Sparrow::People::Presets::ALL.map { |preset| {"id" => preset.id, "words" => preset.words, "kinds" => preset.kinds, "advice" => preset.advice} }
          render_json({"questions" => Sparrow::People::Screening.questions, "kinds" => kinds, "presets" => presets})
        end

        # What limits would rule out, before they are kept.
        app.post("/api/people/limits", takes: LIMITS) do
          health = input
          problems = Sparrow::People::Limits::Form.validation_errors(health, today: studio.today + 1)
          Sparrow::Refused.where(problems)
          limits = Sparrow::People::Limits::Form.limits_of(health).select { |limit| limit.on?(studio.today) }
          render_json({"ruled_out" => People::RuledOut.of(limits, studio.catalogue)})
        end

        app.get("/api/people/:id") do |id|
          render_json(person_view(person(id)))
        end

        app.get("/api/people/:id/reach") do |id|
          stored = person(id)
          Records::AuditEvent.note_reading(instructor, "health_read", stored) if stored.health
          render_json(People::Reach.new(stored).to_h)
        end

        app.put("/api/people/:id", takes: People::Contract::CHANGE) do |id|
          stored = person(id)
          change_person(stored, input)
          render_json(person_view(stored))
        end

        app.put("/api/people/:id/health", takes: HEALTH) do |id|
          stored = person(id)
          change_health(stored, input)
          render_json(person_view(stored))
        end

        app.put("/api/people/:id/archive", takes: ARCHIVE) do |id|
          stored = person(id)
          stored.update!(archived_at: input["archived"] ? (stored.archived_at || Time.now.utc) : nil)
          render_json(People::Row.new(stored).to_h)
        end

        app.get("/api/people/:id/export") do |id|
          stored = person(id)
          Records::AuditEvent.note(instructor, "person_exported", stored)
          headers "content-disposition" => "attachment; filename=\"person.json\""
          render_json(Database.reading { People::Export.new(stored).to_h })
        end

        app.delete("/api/people/:id") do |id|
          person(id).erase
          Records::AuditEvent.note(instructor, "person_erased")
          status 204
        end
      end
    end
  end
end
