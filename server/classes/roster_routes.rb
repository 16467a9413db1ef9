# frozen_string_literal: true

module Server
  module Classes
    # The roster of a class, and how its people are that day.
    module RosterRoutes
      S = Sparrow::Schema
      CHANGE = S::Record.new({"add" => S::List.new(Classes::Routes::ID, size: 0..60, distinct: true, noun: "people"), "remove" => S::List.new(Classes::Routes::ID, size: 0..60, distinct: true, noun: "people")})
      ENTRY = S::Record.new({"present" => S::BooleanType.new, "expected" => S::BooleanType.new, "level" => People::Contract::LEVEL, "tired" => S::BooleanType.new,
                             "sore" => S::List.new(S::OneOf.new(*Sparrow::People::Limits::JOINTS), size: 0..8, distinct: true, noun: "joints")}, formerly: Sparrow::Logging::Form::FORMERLY)
      NEWCOMER = S::Record.new({"name" => People::Contract::FIELDS["name"], "level" => People::Contract::LEVEL}, required: %w[name level],
        formerly: Sparrow::Logging::Form::FORMERLY)
      # The room and the sheet hold no more.
      MOST = 60

      # What these routes share.
      module Helpers
        def add_to_roster(group_class, people)
          if group_class.roster.count + people.size > MOST
            raise Sparrow::Refused.at("/add", Sparrow.say("server.classes.makes_more_than_most_people", most: MOST))
          end
          there = group_class.roster.pluck(:person_id)
          people.reject { |person| there.include?(person.id) }.each do |person|
            group_class.roster.create!(studio_id: studio.id, person: person, level: person.level)
          end
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.put("/api/classes/:id/roster", takes: CHANGE) do |id|
          stored = group_class(id)
          stored.with_lock do
            stored.roster.where(person_id: input["remove"] || []).destroy_all
            add_to_roster(stored, people(input["add"] || [], at: "/add"))
          end
          render_json(class_view(stored))
        end

        # One person checked in; what is left out stays as it was.
        app.put("/api/classes/:id/roster/:person", takes: ENTRY, access: :helper) do |id, person|
          stored = group_class(id)
          entry = stored.roster.find_by!(person_id: studio.people.fetch(person).id)
          entry.present = nil if input["expected"]
          entry.update!(helper? ? input.except("expected", "sore") : input.except("expected"))
          render_json(class_view(stored))
        end

        # Adds a new person, as present: a name and a level is enough.
        app.post("/api/classes/:id/newcomers", takes: NEWCOMER, access: :helper) do |id|
          stored = group_class(id)
          stored.with_lock do
            fresh = studio.people.create!(name: input["name"].strip, level: input["level"], since: studio.today)
            add_to_roster(stored, [fresh])
            stored.roster.find_by!(person_id: fresh.id).update!(present: true)
          end
          render_json(class_view(stored), status: 201)
        end
      end
    end
  end
end
