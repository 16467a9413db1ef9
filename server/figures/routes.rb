# frozen_string_literal: true

module Server
  module Figures
    # The moving figure of a version, and of base poses put together.
    module Routes
      S = Sparrow::Schema
      COMPOSE = S::Record.new(Sparrow::Catalogue::Form::FIGURE_KEYS.slice("poses", "view"), required: %w[poses])

      def self.registered(app)
        app.get("/api/figures/:version", access: :helper) do |version|
          variation = studio.catalogue.variation(version)
          text = variation && Figures::View.text(variation)
          raise Http::Problems.not_found unless text
          cache_control :private, :no_cache
          etag Digest::SHA256.hexdigest(text).slice(0, 20)
          text
        end

        app.get("/api/figure-poses", access: :helper) { render_json({"poses" => Sparrow::Figure::Library.house.pose_names}) }

        app.post("/api/figure-poses", takes: COMPOSE, access: :helper) { render_json(Figures::View.composed(input["poses"], input["view"])) }
      end
    end
  end
end
