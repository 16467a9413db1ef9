# frozen_string_literal: true

module Server
  module Classes
    # Classes: a circuit on a date, with a place and a roster.
    module Routes
      S = Sparrow::Schema
      ID = S::Text.new(length: 1..64)
      INSTANT = S::Text.new(length: 20..30, form: /\A\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?(Z|[+-]\d{2}:\d{2})\z/, says: Sparrow.say("server.classes.must_be_a_date_and_time"))
      FIELDS = {
        "starts_at" => INSTANT, "slot_minutes" => S::IntegerType.new(5..240, "minutes"), "place_id" => ID, "leader_id" => ID, "note" => S::Text.new(length: 0..2000),
        "kit" => Places::Routes::KIT, "going_up" => Team::Contract::GOING_UP
      }.freeze
      NEW = S::Record.new(FIELDS.merge("workout_id" => ID, "people" => S::List.new(ID, size: 0..60, distinct: true, noun: "people"),
        "also_at" => S::List.new(INSTANT, size: 0..25, distinct: true, noun: "dates")), required: %w[workout_id starts_at])
      CHANGE = S::Record.new(FIELDS.merge("lock_version" => S::IntegerType.new(1..1_000_000)), required: %w[lock_version starts_at])

      # What these routes share.
      module Helpers
        def group_class(id)
          studio.group_classes.fetch(id)
        end

        def class_fields(input)
          {starts_at: moment(input["starts_at"], "/starts_at"), slot_minutes: input["slot_minutes"], note: input["note"] || "", kit: input["kit"], going_up: input["going_up"],
           place: input["place_id"] && studio.places.fetch(input["place_id"]), leader: input["leader_id"] && studio.instructors.fetch(input["leader_id"])}
        end

        def moment(text, at)
          Time.iso8601(text).utc
        rescue ArgumentError
          raise Sparrow::Refused.at(at, Sparrow.say("server.classes.must_be_a_date_and_time_2"))
        end

        def class_view(group_class)
          whole = Classes::View.new(group_class.reload).to_h
          return whole.merge("roster" => whole["roster"].map { |entry| entry.merge("sore" => []) }) if helper?
          Records::AuditEvent.note_reading(instructor, "roster_read", group_class) if whole["roster"].any? { |entry| entry["sore"].any? }
          whole
        end

        def new_class(input)
          source = workout(input["workout_id"])
          unless source.ready
            raise Sparrow::Refused.at("/workout_id", Sparrow.say("server.classes.has_no_station_yet_so_there"))
          end
          fresh = studio.group_classes.new(**class_fields(input), series: input["also_at"].to_a.any? ? SecureRandom.uuid : nil)
          fresh.snapshot_from(source)
          people(input["people"] || []).each { |person| fresh.roster.create!(studio_id: studio.id, person: person, level: person.level) }
          (input["also_at"] || []).each_with_index { |instant, index| fresh.reload.repeat(moment(instant, "/also_at/#{index}")) }
          fresh
        end

        # @raise [Sparrow::Refused] where one of them is nobody here
        def people(ids, at: "/people")
          found = studio.people.where(id: ids.grep(/\A\h{8}-/)).index_by(&:id)
          problems = ids.each_with_index.filter_map { |id, index| Sparrow::Problem.new(pointer: "#{at}/#{index}", message: Sparrow.say("server.common.is_nobody_in_this_studio")) unless found[id] }
          Sparrow::Refused.where(problems)
          ids.map { |id| found[id] }
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/classes", access: :helper) do
          classes, paging = paged(studio.group_classes.kept.includes(:leader, :place, :roster, :workout, :runs).order(starts_at: :desc, id: :desc))
          render_json({"classes" => classes.map { |group_class| Classes::Line.new(group_class).to_h }, "week" => Sparrow::Week.first_day(studio.today, studio.week_start).iso8601, **paging})
        end

        app.post("/api/classes", takes: NEW) do
          render_json(class_view(studio.transaction { new_class(input) }), status: 201)
        end

        app.get("/api/classes/:id", access: :helper) { |id| render_json(class_view(group_class(id))) }

        app.get("/api/classes/:id/lately") { |id| render_json({"findings" => Classes::Lately.new(group_class(id)).findings}) }

        app.put("/api/classes/:id", takes: CHANGE) do |id|
          stored = group_class(id)
          stored.update_if_version(input["lock_version"]) { stored.update!(class_fields(input)) }
          render_json(class_view(stored))
        rescue Records::GroupClass::Outdated
          raise Http::Problems.conflict(Sparrow.say("server.classes.this_class_was_changed_from_another"), theirs: class_view(stored))
        end

        app.delete("/api/classes/:id") do |id|
          group_class(id).update!(cancelled_at: Time.now.utc)
          status 204
        end

        app.post("/api/classes/:id/restore") do |id|
          stored = group_class(id)
          stored.update!(cancelled_at: nil)
          render_json(class_view(stored))
        end

        # The circuit as it stands now, with the choices made for stations that it still has.
        app.post("/api/classes/:id/bring") do |id|
          stored = group_class(id)
          raise Http::Problems.not_found unless stored.workout
          stored.update_if_version(stored.lock_version) { stored.snapshot_from(stored.workout) }
          render_json(class_view(stored))
        end

        app.post("/api/classes/:id/run", takes: RUN, access: :helper) do |id|
          stored = group_class(id)
          run = Records::Run.of_class(stored, client_key: input["client_key"], by: instructor)
          render_json(run_view(run, Runs::View), status: 201)
        rescue Records::Run::KeyTaken
          raise Sparrow::Refused.at("/client_key", Sparrow.say("server.classes.is_the_key_of_another_run"))
        end

        # Who is to be called, and where help is: for the moment in which it counts.
        app.get("/api/classes/:id/emergency", access: :helper) do |id|
          stored = group_class(id)
          Records::AuditEvent.note_reading(instructor, "emergency_read", stored)
          render_json({"place" => stored.place && Places::View.new(stored.place).to_h, "people" => stored.coming.map do |entry|
            {"name" => entry.person.name, "contact" => entry.person.contact || {}}
          end})
        end
      end

      RUN = S::Record.new({"client_key" => S::Text.new(length: 8..64)}, required: %w[client_key])
    end
  end
end
