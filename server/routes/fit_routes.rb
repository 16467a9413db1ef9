# frozen_string_literal: true

module Server
  class Routes
    # The fit sheet of a class: what each person is given, the instructor's own
    # choices, and the circuit's targets moved to the people.
    module FitRoutes
      S = Sparrow::Shape
      CHOICE = S::Record.new({"variation" => S::Text.new(length: 1..64), "number" => S::Whole.new(1..300), "why" => S::Text.new(length: 0..200)})
      NEEDS = S::Record.new({"take" => S::List.new(S::Text.new(length: 5..120), size: 1..200, distinct: true, noun: "targets")}, required: %w[take])

      # What these routes share.
      module Helpers
        def fit_view(group_class)
          Views::FitSheet.new(ClassFit.new(group_class)).to_h
        end

        # The person whose cell was changed, at once; the whole sheet is asked for afterwards.
        def row_view(group_class, person_id)
          sheet = ClassFit.new(group_class, only: person_id).alone(person_id)
          {"person" => Views::FitSheet.person(sheet, sheet.settled.first)}
        end

        # @raise [Sparrow::Refused] a limit is never trained through, by choice neither
        def check_choice(group_class, person, station, given)
          rung = given["variation"] && studio.catalogue.variation(given["variation"])
          problem = if station.movement && rung.nil? then ["/variation", "is not a rung of the catalogue"]
          elsif person.screening == "see_instructor" then ["/variation", "cannot be set: a «yes» in the screening is not cleared yet"]
          elsif rung && (limit = person.limits_on(group_class.starts_at.to_date).find { |held| held.rules_out?(rung) })
            ["/variation", "goes against a limit (#{limit.words}); change the limit first, with the person"]
          end
          raise Sparrow::Refused.new([Sparrow::Problem.new(pointer: problem.first, message: problem.last)]) if problem
        end

        def station_of(group_class, block, station)
          found = Sparrow::Circuit.read(group_class.document, catalogue: studio.catalogue).each_station.find { |held, place| held.id == block && place.id == station }
          raise Problems.not_found unless found
          found.last
        end

        def take_needs(group_class, keys)
          rows = ClassFit.new(group_class).needs.rows.select { |row| keys.include?([row.place.block.id, row.place.station.id, row.level].join("/")) }
          document = Sparrow::Pointer.put(group_class.document, rows.flat_map(&:patch))
          preview = preview_of(document, under: "/document")
          group_class.update!(document: document, total_s: preview.timeline.total_s)
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/classes/:id/fit") { |id| render_json(fit_view(group_class(id))) }

        app.put("/api/classes/:id/fit/:person/:block/:station") do |id, person_id, block, station_id|
          stored = group_class(id)
          somebody = stored.roster.find_by!(person_id: studio.people.fetch(person_id).id).person
          station = station_of(stored, block, station_id)
          given = body_as(CHOICE)
          check_choice(stored, somebody, station, given)
          stored.choices.find_or_initialize_by(person_id: somebody.id, block: block, station: station_id)
            .update!(studio_id: studio.id, instructor: instructor, movement: station.movement&.id, variation: given["variation"], number: given["number"], why: given["why"])
          render_json(row_view(stored, somebody.id))
        end

        app.delete("/api/classes/:id/fit/:person/:block/:station") do |id, person_id, block, station_id|
          stored = group_class(id)
          somebody = stored.roster.find_by!(person_id: studio.people.fetch(person_id).id).person
          stored.choices.where(person_id: somebody.id, block: block, station: station_id).delete_all
          render_json(row_view(stored, somebody.id))
        end

        # The circuit's targets, moved to fit this class: in the class's own copy.
        app.post("/api/classes/:id/needs") do |id|
          stored = group_class(id)
          take_needs(stored, body_as(NEEDS)["take"])
          render_json(fit_view(stored))
        end
      end
    end
  end
end
