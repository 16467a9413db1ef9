# frozen_string_literal: true

module Server
  module Fit
    # The fit sheet of a class: what each person is given, the instructor's own
    # choices, and the circuit's targets moved to the people.
    module Routes
      S = Sparrow::Schema
      CHOICE = S::Record.new({"variation" => S::Text.new(length: 1..64), "number" => S::IntegerType.new(1..300), "why" => S::Text.new(length: 0..200),
                              "version" => S::IntegerType.new(0..1_000_000_000)}, required: %w[version])
      TARGET = S::Record.new({"block" => S::Text.new(length: 1..64), "station" => S::Text.new(length: 1..64), "level" => S::OneOf.new(*Sparrow::Level::ALL),
                              "variation" => S::Text.new(length: 1..64), "number" => S::IntegerType.new(1..1000)}, required: %w[block station level])
      NEEDS = S::Record.new({"take" => S::List.new(TARGET, size: 1..200, noun: "targets"), "lock_version" => People::Contract::VERSION}, required: %w[take lock_version],
        about: {"take" => "Targets as they were shown, in `needs`."})

      # What these routes share.
      module Helpers
        # What spares whom stands in the sheet and in each of its rows.
        def fit_view(group_class)
          Records::AuditEvent.note_reading(instructor, "fit_read", group_class)
          Fit::View.new(Fit::ClassFit.new(group_class)).to_h
        end

        # The person whose cell was changed, at once; the whole sheet is asked for afterwards.
        def row_view(group_class, person_id)
          Records::AuditEvent.note_reading(instructor, "fit_read", group_class)
          fit = Fit::ClassFit.new(group_class, only: person_id)
          sheet = fit.alone(person_id)
          {"person" => Fit::View.person(sheet, sheet.assignments.first, fit.versions)}
        end

        # One cell opened: every way in which it could be done, and what was done last time.
        def ways_view(group_class, person, block, station)
          cells = Fit::ClassFit.new(group_class, only: person.id).alone(person.id)&.cells(person.id) || []
          cell = cells.find { |held| held.place.block.id == block && held.place.station.id == station }
          raise Http::Problems.not_found unless cell
          Records::AuditEvent.note_reading(instructor, "fit_read", group_class)
          {"ways" => cell.ways.map(&:to_h), "last" => last_time(group_class, person, cell), **cell.questions}
        end

        # @return [Hash, nil] what they did of the station's movement the last time
        def last_time(group_class, person, cell)
          ladder = (cell.standard&.prescription&.movement&.ladder || []).map(&:id)
          last = person.telling_results.reverse.find { |result| ladder.include?(result.variation) && result.done_at < group_class.starts_at }
          return unless last
          {"day" => last.done_at.to_date.iso8601, "name" => studio.catalogue.variation(last.variation).name, "reps" => last.reps, "seconds" => last.seconds, "left" => last.reps_left}
        end

        # @raise [Sparrow::Refused] a limit is never trained through, by choice neither
        def check_choice(group_class, person, station, input:)
          variation = input["variation"] && studio.catalogue.variation(input["variation"])
          problem = if variation.nil? && station.levels.each_value.all?(&:variation) then ["/variation", Sparrow.say("server.fit.is_not_a_version_in_the")]
          elsif variation && station.levels.each_value.none?(&:variation) then ["/variation", Sparrow.say("server.fit.cannot_be_set_the_station_is")]
          elsif person.screening == "see_instructor" then ["/variation", Sparrow.say("server.fit.cannot_be_set_a_yes_in")]
          elsif variation && (limit = person.limits_on(group_class.day).find { |held| held.rules_out?(variation) })
            ["/variation", Sparrow.say("server.fit.goes_against_a_limit_limit_change", limit: limit.words)]
          end
          raise Sparrow::Refused.at(problem.first, problem.last) if problem
        end

        def station_of(group_class, block, station)
          found = Sparrow::Plan.read(group_class.document, catalogue: studio.catalogue).each_station.find { |held, place| held.id == block && place.id == station }
          raise Http::Problems.not_found unless found
          found.last
        end

        # Choices of one class are changed one after the other; each names what it was made over.
        def change_choice(group_class, person, cell, version:)
          group_class.with_lock do
            stored = group_class.choices.find_or_initialize_by(person_id: person.id, block: cell.first, station: cell.last)
            seen = stored.new_record? ? 0 : stored.version
            unless version == seen
              raise Http::Problems.conflict(Sparrow.say("server.fit.somebody_else_changed_this_cell_after"), theirs: choice_view(stored))
            end
            yield stored
          end
        end

        # @return [Hash, nil] a choice as it stands
        def choice_view(stored)
          stored.attributes.slice("variation", "number", "version").merge("why" => stored.why, "by" => stored.instructor&.name) unless stored.new_record?
        end

        # @return [Records::Person] somebody who comes to the class
        # @raise [Sparrow::Refused] where they are marked absent
        def somebody_coming(group_class, person_id)
          entry = group_class.roster.find_by!(person_id: studio.people.fetch(person_id).id)
          raise Sparrow::Refused.at("", Sparrow.say("server.fit.name_is_marked_absent_in_this", name: entry.person.name)) if entry.present == false
          entry.person
        end

        # Moves the class's targets, over the version that was read. The fit behind it takes
        # a while: it is computed before the class is locked.
        # @param targets [Array<Hash>] as they were shown: what was read is what is written
        # @raise [Http::Problems::Error] with pointers into the body
        # @raise [Records::GroupClass::Outdated]
        def take_needs(group_class, targets, over:)
          raise Records::GroupClass::Outdated unless group_class.lock_version == over
          wanted = targets.map { |target| Sparrow::Fitting::Needs::Target.new(*target.values_at("block", "station", "level", "variation", "number")) }
          document = Sparrow::Pointer.put(group_class.document, Fit::ClassFit.new(group_class).needs.patches(wanted))
          total_s = preview_of(document, under: "/document").timeline.total_s
          group_class.update_if_version(over) { group_class.update!(document: document, total_s: total_s) }
        rescue Sparrow::Refused => refused
          raise Http::Problems.unprocessable(refused, under: "/take")
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/classes/:id/fit", heavy: true) do |id|
          render_json(fit_view(group_class(id)))
        end

        app.get("/api/classes/:id/room", heavy: true) do |id|
          stored = group_class(id)
          Records::AuditEvent.note_reading(instructor, "fit_read", stored)
          render_json(Fit::RoomView.new(Fit::ClassFit.new(stored).room_plan).to_h)
        end

        app.get("/api/classes/:id/fit/:person/:block/:station", heavy: true) do |id, person_id, block, station_id|
          stored = group_class(id)
          entry = stored.roster.find_by!(person_id: studio.people.fetch(person_id).id)
          People::Evidence.load([entry.person])
          render_json(ways_view(stored, entry.person, block, station_id))
        end

        app.put("/api/classes/:id/fit/:person/:block/:station", takes: CHOICE, heavy: true) do |id, person_id, block, station_id|
          stored = group_class(id)
          somebody = somebody_coming(stored, person_id)
          station = station_of(stored, block, station_id)
          check_choice(stored, somebody, station, input: input)
          change_choice(stored, somebody, [block, station_id], version: input["version"]) do |choice|
            choice.update!(studio_id: studio.id, instructor: instructor, movement: station.movement&.id, variation: input["variation"], number: input["number"], why: input["why"],
              version: input["version"] + 1)
          end
          render_json(row_view(stored, somebody.id))
        end

        app.delete("/api/classes/:id/fit/:person/:block/:station", heavy: true) do |id, person_id, block, station_id|
          stored = group_class(id)
          somebody = stored.roster.find_by!(person_id: studio.people.fetch(person_id).id).person
          version = Integer(params["version"].to_s, 10, exception: false)
          raise Http::Problems::Error.new(400, Sparrow.say("server.common.bad_request"), Sparrow.say("server.fit.version_must_name_the_version_of")) unless version
          change_choice(stored, somebody, [block, station_id], version: version) { |choice| choice.destroy! unless choice.new_record? }
          render_json((stored.coming.any? { |entry| entry.person_id == somebody.id }) ? row_view(stored, somebody.id) : {"person" => nil})
        end

        # The circuit's targets, moved to fit this class: in the class's own copy.
        app.post("/api/classes/:id/needs", takes: NEEDS, heavy: true) do |id|
          stored = group_class(id)
          take_needs(stored, input["take"], over: input["lock_version"])
          render_json(fit_view(stored.reload))
        rescue Records::GroupClass::Outdated
          raise Http::Problems.conflict(Sparrow.say("server.fit.this_class_was_changed_from_another"), theirs: fit_view(stored.reload))
        end
      end
    end
  end
end
