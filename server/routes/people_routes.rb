# frozen_string_literal: true

module Server
  class Routes
    # Who trains here, what they chose, and what is private about them.
    module PeopleRoutes
      S = Sparrow::Shape
      LEVEL = S::OneOf.new(*Sparrow::Level::ALL)
      CONTACT = S::Record.new({"name" => S::Text.new(length: 0..120), "phone" => S::Text.new(length: 0..40), "relation" => S::Text.new(length: 0..60)})
      FIELDS = {
        "name" => S::Text.new(length: 1..80, form: /\S/, says: "must not be empty"), "lane" => LEVEL, "pronouns" => S::Text.new(length: 0..40), "birth_year" => S::Whole.new(1900..2100),
        "since" => S::Day.new, "levels" => S::Record.new(Sparrow::Catalogue::Movement::PATTERNS.to_h { |pattern| [pattern, LEVEL] }),
        "tags" => S::List.new(S::Text.new(length: 1..30), size: 0..12, distinct: true, noun: "tags"), "contact" => CONTACT
      }.freeze
      FORM = S::Record.new(FIELDS, required: %w[name lane])
      HEALTH = S::Record.new({"consent" => S::Flag.new, "health" => Sparrow::Limits::Form::HEALTH}, required: %w[consent])
      LIMITS = S::Record.new({"limits" => S::List.new(Sparrow::Limits::Form::LIMIT, size: 0..20, noun: "limits")}, required: %w[limits])
      ARCHIVE = S::Record.new({"archived" => S::Flag.new}, required: %w[archived])
      IMPORT = S::Record.new({"csv" => S::Text.new(length: 1..500_000), "apply" => S::Flag.new}, required: %w[csv])
      # Nobody is younger here; who is has a group of their own.
      YOUNGEST = 10
      OLDEST = 110

      # What these routes share.
      module Helpers
        def person(id)
          studio.people.fetch(id)
        end

        def person_view(person)
          Views::PersonWhole.new(person).to_h
        end

        # @raise [Sparrow::Refused]
        def person_fields(given)
          problems = []
          year = given["birth_year"]
          if year && !(Date.today.year - OLDEST..Date.today.year - YOUNGEST).cover?(year)
            problems << Sparrow::Problem.new(pointer: "/birth_year", message: "must be from #{Date.today.year - OLDEST} to #{Date.today.year - YOUNGEST}")
          end
          problems << Sparrow::Problem.new(pointer: "/since", message: "is not here yet") if given["since"].to_s > latest_day.iso8601
          raise Sparrow::Refused.new(problems) if problems.any?
          {"pronouns" => nil, "birth_year" => nil, "since" => nil, "levels" => {}, "tags" => [], "contact" => {}, **given, "name" => given["name"].strip}
        end

        def health_given(person, given)
          return person.update!(health: nil, health_consent_at: nil) unless given["consent"]
          health = given["health"] || {}
          problems = Sparrow::Limits::Form.complaints(health, today: latest_day, at: "/health")
          raise Sparrow::Refused.new(problems) if problems.any?
          person.update!(health: health, health_consent_at: person.health_consent_at || Time.now.utc)
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/people") do
          people = (params["archived"] == "true") ? studio.people.where.not(archived_at: nil).order(:name) : studio.people.training
          render_json({"people" => Views::PersonRow.new(people.to_a).to_h, "tags" => studio.people.pluck(:tags).flatten.uniq.sort})
        end

        app.post("/api/people") do
          person = studio.people.create!(person_fields(body_as(FORM)))
          render_json(person_view(person), status: 201)
        end

        app.get("/api/people/csv") do
          content_type "text/csv"
          headers "content-disposition" => "attachment; filename=\"people.csv\""
          RosterCsv.new(studio).text
        end

        app.post("/api/people/import") do
          given = body_as(IMPORT)
          render_json(RosterCsv.new(studio).read(given["csv"], apply: given["apply"] == true))
        end

        # What is asked before the first class, and the kinds of limits there are.
        app.get("/api/people/questions") do
          render_json({"questions" => Sparrow::Screening.questions, "kinds" => Sparrow::Limits::KINDS.map { |kind| {"kind" => kind, "words" => Sparrow::Limits.words(kind)} }})
        end

        # What limits would rule out, before they are kept.
        app.post("/api/people/limits") do
          health = body_as(LIMITS)
          problems = Sparrow::Limits::Form.complaints(health, today: latest_day)
          raise Sparrow::Refused.new(problems) if problems.any?
          limits = Sparrow::Limits::Form.limits_of(health).select { |limit| limit.on?(Date.today) }
          render_json({"ruled_out" => Views::RuledOut.of(limits, studio.catalogue)})
        end

        app.get("/api/people/:id") { |id| render_json(person_view(person(id))) }

        app.put("/api/people/:id") do |id|
          stored = person(id)
          stored.update!(person_fields(body_as(FORM)))
          render_json(person_view(stored))
        end

        app.put("/api/people/:id/health") do |id|
          stored = person(id)
          health_given(stored, body_as(HEALTH))
          render_json(person_view(stored))
        end

        app.put("/api/people/:id/archive") do |id|
          stored = person(id)
          stored.update!(archived_at: body_as(ARCHIVE)["archived"] ? (stored.archived_at || Time.now.utc) : nil)
          render_json(Views::PersonRow.new(stored).to_h)
        end

        app.get("/api/people/:id/export") do |id|
          headers "content-disposition" => "attachment; filename=\"person.json\""
          render_json(Views::PersonExport.new(person(id)).to_h)
        end

        app.delete("/api/people/:id") do |id|
          person(id).erase
          status 204
        end
      end
    end
  end
end
