# frozen_string_literal: true

module Server
  module Runs
    # Runs, their clock, their log and their results.
    module Routes
      S = Sparrow::Schema
      OPEN = S::Record.new({"workout_id" => S::Text.new(length: 1..64), "client_key" => S::Text.new(length: 8..64)},
        required: %w[workout_id client_key])

      ASKED = S::Record.new({"at_s" => S::Decimal.new(0..100_000), "by_s" => S::Decimal.new(0..100_000)}, required: %w[at_s])

      # What these routes look up.
      module Helpers
        def run(id)
          studio.runs.kept.fetch(id)
        end

        def run_view(run, view = Runs::Line)
          view.new(run, health: !helper?).to_h
        end

        # What hurt and what was noted is health: a helper writes it and does not
        # read it; who may read it is noted.
        def log_view(run)
          sheet = Runs::LogSheet.new(run).to_h
          sheet = sheet.merge("note" => nil, "run" => run_view(run), "people" => sheet["people"].map { |person| person.merge("own_entry" => nil) }) if helper?
          sheet.merge("attendances" => attendances_view(run, sheet["attendances"]))
        end

        def attendances_view(run, attendances)
          return attendances.map { |attendance| attendance.merge("pain" => nil, "note" => nil) } if helper?
          Records::AuditEvent.note_reading(instructor, "log_read", run) if run.log_note.present? || attendances.any? { |attendance| attendance["pain"] || attendance["note"].present? }
          attendances
        end

        def events_view(run)
          {"id" => run.id, "state" => run.state, "events" => run.events.map(&:to_h)}
        end

        # @raise [Sparrow::Refused] where an event names a block, a station or somebody that is not there
        def event_place(run, input)
          block = run.document["blocks"].find { |held| held["id"] == input["block"] }
          person = input["person_id"] && studio.people.where("id::text = ?", input["person_id"]).first
          problems = [(["/block", Sparrow.say("server.runs.is_not_a_block_of_this")] if input["block"] && block.nil?),
            (["/station", Sparrow.say("server.runs.is_not_a_station_of_that")] if input["station"] && block&.fetch("stations", [])&.none? { |station| station["id"] == input["station"] }),
            (["/person_id", Sparrow.say("server.runs.is_nobody_of_this_studio")] if input["person_id"] && person.nil?)].compact
          Sparrow::Refused.where(problems.map { |pointer, message| Sparrow::Problem.new(pointer: pointer, message: message) })
          person
        end

        def offer_line(offer)
          {"changes" => offer.changes, "label" => offer.label, "total_s" => offer.total_s, "group" => offer.group}
        end

        # Numbers of the query as numbers.
        def query_of(*keys)
          keys.filter_map { |key| [key, Float(params[key], exception: false) || params[key]] if params[key] }.to_h
        end

        def log_revision(run, number)
          raise Http::Problems.not_found unless number.match?(/\A\d{1,9}\z/)
          run.log_revisions.find_by!(number: number.to_i)
        end

        def log_revision_line(revision)
          {"number" => revision.number, "by" => revision.instructor&.name, "at" => Http::Json.instant(revision.created_at), "present" => revision.present, "people" => revision.people}
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/runs", access: :helper, stale: true) do
          runs, paging = paged(studio.runs.kept.includes(:instructor, :attendances).newest_first)
          render_json({"runs" => runs.map { |run| run_view(run) }, **paging})
        end

        app.post("/api/runs", takes: OPEN) do
          workout = workout(input["workout_id"])
          unless workout.ready
            raise Sparrow::Refused.at("/workout_id", Sparrow.say("server.runs.has_no_station_yet_so_there"))
          end
          run = Records::Run.open(workout, client_key: input["client_key"], by: instructor)
          render_json(run_view(run, Runs::View), status: 201)
        rescue Records::Run::KeyTaken
          raise Sparrow::Refused.at("/client_key", Sparrow.say("server.runs.is_the_key_of_another_run"))
        end

        app.get("/api/runs/:id", access: :helper) { |id| render_json(run_view(run(id), Runs::View)) }

        app.get("/api/runs/:id/events", access: :helper) { |id| render_json(events_view(run(id))) }

        # Appended, whatever it is: what follows from all of them is worked out when it is asked. A change of the plan is
        # taken only where the plan allows it.
        app.post("/api/runs/:id/events", takes: Sparrow::Running::Event::FORM, access: :helper) do |id|
          stored = run(id)
          Sparrow::Refused.where(Sparrow::Running::Event.problems(input))
          person = event_place(stored, input)
          stored.altered.and(input["changes"], input["at_s"], catalogue: studio.catalogue) if input["kind"] == "changed"
          stored.happened(input, by: instructor, person: person)
          render_json(events_view(stored), status: 201)
        end

        # What may be changed from a second on, each with the end it brings; with by_s what keeps that end.
        app.get("/api/runs/:id/changes", heavy: true) do |id|
          stored = run(id)
          asked = S.read(ASKED, query_of("at_s", "by_s"))
          offers = Sparrow::Running::Offers.new(stored.altered, asked["at_s"], catalogue: studio.catalogue)
          render_json({"total_s" => stored.timeline.total_s, "offers" => offers.singles.map { |offer| offer_line(offer) }, "ways" => asked["by_s"] ? offers.ways(asked["by_s"]).map { |offer| offer_line(offer) } : []})
        end

        app.delete("/api/runs/:id") do |id|
          stored = run(id)
          raise Http::Problems::Error.new(409, Sparrow.say("server.runs.already_logged"), Sparrow.say("server.runs.a_run_that_has_been_logged")) if stored.logged_at
          stored.update!(deleted_at: Time.now.utc)
          status 204
        end

        app.post("/api/runs/:id/restore") do |id|
          stored = studio.runs.fetch(id)
          stored.update!(deleted_at: nil)
          render_json(run_view(stored))
        end

        app.get("/api/runs/:id/log", access: :helper, heavy: true) { |id| render_json(log_view(run(id))) }

        app.put("/api/runs/:id/log", takes: Runs::LogBook::FORM, access: :helper, heavy: true) do |id|
          stored = run(id)
          begin
            Runs::LogBook.new(stored, by: instructor).write(input)
          rescue Runs::LogBook::Outdated
            raise Http::Problems.conflict(Sparrow.say("server.runs.this_run_was_logged_from_another"), theirs: log_view(stored.reload))
          end
          render_json(log_view(stored.reload))
        end

        # The log as it was written before, each time: who, when, how many.
        app.get("/api/runs/:id/log/revisions") do |id|
          revisions = run(id).log_revisions.includes(:instructor).order(number: :desc).limit(100)
          render_json({"revisions" => revisions.map { |revision| log_revision_line(revision) }})
        end

        app.get("/api/runs/:id/log/revisions/:number") do |id, number|
          stored = run(id)
          revision = log_revision(stored, number)
          attendances = attendances_view(stored, revision.content["attendances"])
          names = studio.people.where(id: revision.content["attendances"].map { |input| input["person_id"] }).pluck(:id, :name).to_h
          render_json(log_revision_line(revision).merge("note" => revision.content["note"],
            "attendances" => attendances.map { |input| input.merge("name" => names[input["person_id"]]) }))
        end

        # The earlier log stands again, as a new one: nothing of the history is lost.
        app.post("/api/runs/:id/log/revisions/:number/bring", heavy: true) do |id, number|
          stored = run(id)
          Runs::LogBook.new(stored, by: instructor).bring_back(log_revision(stored, number))
          render_json(log_view(stored.reload))
        end

        app.get("/api/runs/:id/results", access: :helper) do |id|
          stored = run(id)
          submitted = stored.submitted
          lines = stored.attendances.includes(:person, :results).map { |attendance| Runs::AttendanceLine.new(attendance, submitted).to_h }
          render_json({"attendances" => attendances_view(stored, lines)})
        end
      end
    end
  end
end
