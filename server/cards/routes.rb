# frozen_string_literal: true

module Server
  module Cards
    # Cards: the links, the card itself for who holds one, and what is printed.
    module Routes
      OPENED = Sparrow::Schema::Record.new({"open" => Sparrow::Schema::BooleanType.new}, required: %w[open])

      # What these routes share.
      module Helpers
        def address
          Settings.current.public_url || request.base_url
        end

        def void_card
          Http::Problems::Error.new(410, Sparrow.say("server.cards.not_open_any_more"), Sparrow.say("server.cards.this_card_has_expired_or_was"))
        end

        # The hour on the reader's wall: minutes east of UTC, as the browser knows them.
        def wall(time)
          minutes = Integer(params.fetch("offset", "0"), exception: false).to_i.clamp(-840, 840)
          time.localtime(minutes * 60)
        end

        def pdf(name)
          content_type "application/pdf"
          headers "content-disposition" => "inline; filename=\"#{name}.pdf\""
          yield
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/classes/:id/cards") { |id| render_json({"cards" => Cards::ClassCards.new(group_class(id), address).links, "own_entries" => group_class(id).own_entries}) }

        app.get("/api/classes/:id/cards/:person/code") do |id, person|
          stored = group_class(id)
          entry = stored.roster.find_by!(person_id: studio.people.fetch(person).id)
          render_json({"svg" => Cards::ClassCards.new(stored, address).code(entry.person_id)})
        end

        # Makes every link that is out void.
        app.delete("/api/classes/:id/cards") do |id|
          group_class(id).then { |stored| stored.update!(card_version: stored.card_version + 1) }
          status 204
        end

        app.get("/api/cards/:token", access: :open, heavy: true) do |token|
          stored, person_id = Cards::ClassCards.open(token)
          cells = Fit::ClassFit.cells_of(stored, person_id)
          card = Cards::View.new(stored, cells, stored.studio.people.find(person_id).name.split.first).to_h
          render_json(card.merge("own_entry" => Cards::OwnEntries.new(stored, person_id).to_h(cells)))
        rescue Cards::ClassCards::InvalidLink
          raise void_card
        end

        app.post("/api/cards/:token/entry", takes: Sparrow::Logging::Form::OWN_ENTRY, access: :open) do |token|
          stored, person_id = Cards::ClassCards.open(token)
          Cards::OwnEntries.new(stored, person_id).keep(input)
          Events.announce(stored.studio_id, "classes", stored.id, origin: nil)
          render_json({"entered" => input}, status: 201)
        rescue Cards::ClassCards::InvalidLink
          raise void_card
        end

        # Whether participants may enter what they did, from their cards.
        app.put("/api/classes/:id/own-entries", takes: OPENED) do |id|
          stored = group_class(id)
          stored.update!(own_entries: input["open"])
          render_json({"open" => stored.own_entries})
        end

        app.get("/api/classes/:id/sheet.pdf", heavy: true) do |id|
          stored = group_class(id)
          Records::AuditEvent.note(instructor, "fit_printed", stored)
          pdf("sheet") { Print::InstructorSheet.new(stored, Fit::ClassFit.new(stored), wall(stored.starts_at)).render }
        end

        app.get("/api/classes/:id/room.pdf", heavy: true) do |id|
          stored = group_class(id)
          Records::AuditEvent.note(instructor, "fit_printed", stored)
          pdf("room") { Print::RoomSheet.new(stored, Fit::ClassFit.new(stored).room_plan, wall(stored.starts_at)).render }
        end

        app.get("/api/classes/:id/wall-cards.pdf", heavy: true) do |id|
          stored = group_class(id)
          pdf("wall-cards") { Print::WallCards.new(stored.title, Sparrow::Plan.read(stored.document, catalogue: studio.catalogue)).render }
        end

        app.get("/api/classes/:id/cards.pdf", heavy: true) do |id|
          stored = group_class(id)
          Records::AuditEvent.note(instructor, "fit_printed", stored)
          pdf("cards") { Print::Cards.new(stored, Fit::ClassFit.new(stored), wall(stored.starts_at)).render }
        end
      end
    end
  end
end
