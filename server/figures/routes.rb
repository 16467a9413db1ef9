# frozen_string_literal: true

module Server
  module Figures
    # The moving figure of a version, and of base poses put together.
    module Routes
      S = Sparrow::Schema
      # How long a browser need not ask again for a figure of the house.
      HOUSE_KEPT_S = 3600
      COMPOSE = S::Record.new(Sparrow::Catalogue::Form::FIGURE_KEYS.slice("poses", "view"), required: %w[poses])

      def self.registered(app)
        app.get("/api/figures/:version", access: :helper) do |version|
          answer = Figures::View.house(version)
          own = studio.catalogue.variation(version) unless answer
          answer ||= own && Figures::View.of(own)
          raise Http::Problems.not_found unless answer
          # The house's change with the application alone; a studio's own at any time.
          own ? cache_control(:private, :no_cache) : cache_control(:private, max_age: HOUSE_KEPT_S)
          etag answer.tag
          answer.text
        end

        app.get("/api/figure-poses", access: :helper) { render_json({"poses" => Sparrow::Figure::Library.house.pose_names}) }

        app.post("/api/figure-poses", takes: COMPOSE, access: :helper) { render_json(Figures::View.composed(input["poses"], input["view"])) }
      end
    end
  end
end
