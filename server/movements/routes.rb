# frozen_string_literal: true

module Server
  module Movements
    # The catalogue, the studio's own movements in it, and the open format's schema.
    module Routes
      S = Sparrow::Schema
      SCHEMA = Sparrow::Published.workout_schema
      ADD = S::Record.new({"document" => S::AnyType.new, "copy_of" => S::Text.new(length: 1..60), "like" => Sparrow::Catalogue::Form::VARIATION_ID, "name" => S::Text.new(length: 2..60)})
      WRITE = S::Record.new({"document" => S::AnyType.new, "version" => People::Contract::VERSION}, required: %w[document version])

      # What these routes look up.
      module Helpers
        def own_movement(id)
          studio.studio_movements.find_by!(movement_id: id)
        end

        # @return [Hash] the movement's document, of the house or the studio
        def movement_document(id)
          stored = studio.studio_movements.find_by(movement_id: id)
          return stored.document if stored
          path = File.join(Sparrow::DATA, "movements", "#{id}.yml")
          raise Http::Problems.not_found unless Sparrow::Catalogue.house.movement(id)
          YAML.safe_load_file(path)
        end

        def movement_holder(stored)
          derived = Sparrow::Catalogue::CustomMovement.derived(stored.document)
          {"document" => stored.document, "version" => stored.version, "derived" => derived.transform_values { |flags| flags.map(&:to_h) }}
        end

        def new_movement(input)
          return begun(input) if input["like"]
          return input["document"] unless input["copy_of"]
          original = movement_document(input["copy_of"])
          Sparrow::Catalogue::CustomMovement.copy(original, id: Records::StudioMovement.free_id(studio, input["copy_of"]),
            name: input["name"] || copy_name(original["name"].slice(0, 48)))
        end

        # “Squat (own)”, “Squat (own 2)”: two copies can be told apart.
        def copy_name(name)
          taken = studio.studio_movements.map { |stored| stored.document["name"] }
          names = (1..).lazy.map { |number| Sparrow.say("server.movements.own_copy", count: number, name: name).to_s }
          names.find { |own| !taken.include?(own) }
        end

        # A name, and all else from the version that is most like it.
        def begun(input)
          raise Sparrow::Refused.at("/name", Sparrow.say("server.common.is_missing")) unless input["name"]
          like = studio.catalogue.variation(input["like"])
          raise Sparrow::Refused.at("/like", Sparrow.say("server.movements.is_not_a_version_we_know")) unless like
          Sparrow::Catalogue::CustomMovement.begin(movement_document(like.movement_id), like.id, id: Records::StudioMovement.free_id(studio, like.movement_id), name: input["name"].strip)
        end

        # Pointers are into the body, where the document is one key of it.
        def in_document
          yield
        rescue Sparrow::Refused => refused
          raise Http::Problems.unprocessable(refused, under: "/document")
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/movements", access: :helper, stale: true) do
          cache_control :private, :no_cache
          etag Movements::View.tag(studio)
          Movements::View.text(studio)
        end

        app.post("/api/movements", takes: ADD) do
          document = new_movement(input)
          raise Sparrow::Refused.at("/document", Sparrow.say("server.common.is_missing")) unless document.is_a?(Hash)
          stored = in_document { Records::StudioMovement.add(studio, document) }
          render_json(Movements::View.own_one(stored), status: 201)
        end

        app.get("/api/movements/:id", access: :helper) do |id|
          stored = studio.studio_movements.find_by(movement_id: id)
          next render_json(Movements::View.own_one(stored)) if stored
          movement = Sparrow::Catalogue.house.movement(id)
          raise Http::Problems.not_found unless movement
          render_json(Movements::View.movement(movement))
        end

        app.get("/api/movements/:id/document") do |id|
          stored = studio.studio_movements.find_by(movement_id: id)
          render_json(stored ? movement_holder(stored) : {"document" => movement_document(id), "version" => nil, "derived" => {}})
        end

        app.put("/api/movements/:id", takes: WRITE) do |id|
          stored = own_movement(id)
          document = input["document"]
          raise Sparrow::Refused.at("/document", Sparrow.say("server.movements.must_be_an_object")) unless document.is_a?(Hash)
          Http::Versions.change(stored, input["version"], Sparrow.say("server.movements.this_movement_was"), theirs: -> { movement_holder(stored) }) { in_document { stored.rewrite(document) } }
          render_json(Movements::View.own_one(stored))
        end

        app.post("/api/movements/:id/retire") do |id|
          stored = own_movement(id)
          stored.change(retired_at: Time.now.utc)
          render_json(Movements::View.own_one(stored))
        end

        app.post("/api/movements/:id/restore") do |id|
          stored = own_movement(id)
          stored.change(retired_at: nil)
          render_json(Movements::View.own_one(stored))
        end

        app.get("/api/formats/workout.schema.json", access: :helper) do
          content_type "application/schema+json"
          SCHEMA
        end
      end
    end
  end
end
