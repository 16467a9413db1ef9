# frozen_string_literal: true

module Server
  module Planning
    # The plan, measured and reviewed; nothing is stored.
    module PreviewRoutes
      FORM = Sparrow::Schema::Record.new({"workout" => Sparrow::Schema::AnyType.new, "calls" => Sparrow::Schema::BooleanType.new,
        "seen" => Sparrow::Schema::AnyObject.new}, required: %w[workout])
      # Of all that is being typed in this process.
      KEPT = Sparrow::Plan::KeptBlocks.new

      def self.registered(app)
        app.post("/api/preview", heavy: true) do
          input = body_as(FORM)
          catalogue = studio.catalogue
          large_json(input["workout"], under: "/workout") do
            preview = Sparrow::Preview.new(input["workout"], catalogue: catalogue, kept: KEPT)
            (input["calls"] == false) ? preview.without_calls(seen: input["seen"]) : preview.to_h
          end
        end
      end
    end
  end
end
