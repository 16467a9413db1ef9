# frozen_string_literal: true

module Server
  class Routes
    # The catalogue, and the open format's schema.
    module MovementRoutes
      SCHEMA = File.read(File.join(Sparrow::DATA, "formats", "workout.schema.json")).freeze

      def self.registered(app)
        app.get("/api/movements") do
          cache_control :private, :no_cache
          etag Views::Movements.tag
          Views::Movements.text
        end

        app.get("/api/movements/:id") do |id|
          movement = Sparrow::Catalogue.house.movement(id)
          raise Problems.not_found unless movement
          render_json(Views::Movements.movement(movement))
        end

        app.get("/api/formats/workout.schema.json") do
          content_type "application/schema+json"
          SCHEMA
        end
      end
    end
  end
end
