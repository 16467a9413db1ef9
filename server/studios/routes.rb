# frozen_string_literal: true

module Server
  module Studios
    # The studio itself, for its owners: settings, who did what, export, and the end of it.
    module Routes
      S = Sparrow::Schema
      CHANGE = S::Record.new({
        "name" => Team::Contract::STUDIO_NAME, "time_zone" => Team::Contract::TIME_ZONE, "date_locale" => Team::Contract::DATE_LOCALE, "units" => Team::Contract::UNITS,
        "week_start" => Team::Contract::WEEK_START, "going_up" => Team::Contract::GOING_UP, "audit_days" => Team::Contract::DAYS,
        "retention_days" => Team::Contract::DAYS, "version" => S::IntegerType.new(1..1_000_000_000)
      }, required: %w[name time_zone date_locale audit_days retention_days version])
      DELETE = S::Record.new({"name" => S::Text.new(length: 1..120), "password" => Team::Contract::PASSWORD}, required: %w[name password])
      PAGE = 100

      # What these routes share.
      module Helpers
        def studio_view
          studio.attributes.slice("id", "name", "time_zone", "date_locale", "units", "week_start", "going_up", "demo", "audit_days", "retention_days", "version")
            .merge("time_zones" => Team::Contract::TIME_ZONES, "date_locales" => Team::Contract::DATE_LOCALES, "due_for_erasure" => due_for_erasure)
        end

        # Archived longer than the studio keeps people.
        def due_for_erasure
          people = studio.people.where(archived_at: ...(Time.now.utc - studio.retention_days * 86_400)).order(:archived_at).limit(200)
          people.map { |person| {"id" => person.id, "name" => person.name, "archived_at" => Http::Json.instant(person.archived_at)} }
        end

        def audit_view(before)
          Records::AuditEvent.remove_old(studio)
          events = studio.audit_events.order(at: :desc, id: :desc)
          events = events.where("at < ?", before) if before
          events = events.limit(PAGE + 1).to_a
          names = subjects(events)
          {"events" => events.first(PAGE).map { |event| event_line(event, names) }, "more" => events.size > PAGE}
        end

        def event_line(event, names)
          {"id" => event.id, "at" => event.at.utc.iso8601(6), "actor" => event.actor, "action" => event.action, "words" => Records::AuditEvent::ACTIONS.fetch(event.action),
           "about" => names[event.subject_id], "detail" => event.detail.sort.map { |key, value| "#{key.tr("_", " ")}: #{value}" }.join(", ")}
        end

        # Whom it was about, where they are still there.
        def subjects(events)
          {"Person" => :people, "Instructor" => :instructors, "GroupClass" => :group_classes, "Run" => :runs, "Invitation" => :invitations}.reduce({}) do |names, (type, association)|
            ids = events.select { |event| event.subject_type == type }.map(&:subject_id).uniq
            column = %i[group_classes runs].include?(association) ? :title : :name
            ids.empty? ? names : names.merge(studio.public_send(association).where(id: ids).pluck(:id, column).to_h)
          end
        end

        def instant_given(text)
          text && Time.iso8601(text).utc
        rescue ArgumentError
          raise Http::Problems::Error.new(400, Sparrow.say("server.common.bad_request"), Sparrow.say("server.studios.before_must_be_a_date_and"))
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/studio", access: :owner) { render_json(studio_view) }

        app.put("/api/studio", takes: CHANGE, access: :owner) do
          Http::Versions.change(studio, input["version"], Sparrow.say("server.studios.these_settings_were"), theirs: -> { studio_view }) { studio.update!(input.except("version")) }
          Records::AuditEvent.note(instructor, "studio_changed")
          render_json(studio_view)
        end

        app.get("/api/studio/audit", access: :owner) { render_json(audit_view(instant_given(params["before"]))) }

        app.get("/api/studio/export", access: :owner, heavy: true) do
          Records::AuditEvent.note(instructor, "studio_exported")
          content_type "application/zip"
          headers "content-disposition" => "attachment; filename=\"studio.zip\""
          Database.reading { Studios::Export.new(studio).bytes }
        end

        # For good: with the studio's name typed, and the owner's password.
        app.delete("/api/studio", takes: DELETE, access: :owner) do
          raise Sparrow::Refused.at("/name", Sparrow.say("server.studios.is_not_the_studios_name")) unless input["name"].strip == studio.name
          confirm_password(input["password"], "/password")
          Studios::Deletion.new(studio).call
          env["rack.session"].clear
          status 204
        end
      end
    end
  end
end
