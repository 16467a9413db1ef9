# frozen_string_literal: true

module Server
  class Routes
    # The plan, measured and reviewed; nothing is stored.
    module PreviewRoutes
      FORM = Sparrow::Shape::Record.new({"workout" => Sparrow::Shape::Anything.new}, required: %w[workout])

      def self.registered(app)
        app.post("/api/preview") do
          render_json(preview_of(body_as(FORM)["workout"], under: "/workout").to_h)
        end
      end
    end
  end
end
