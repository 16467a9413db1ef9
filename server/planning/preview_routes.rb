# frozen_string_literal: true

module Server
  module Planning
    # The plan, measured and reviewed; nothing is stored.
    module PreviewRoutes
      FORM = Sparrow::Schema::Record.new({"workout" => Sparrow::Schema::AnyType.new("WorkoutDocument"), "calls" => Sparrow::Schema::BooleanType.new,
        "seen" => Sparrow::Schema::AnyObject.new}, required: %w[workout], about: {
          "calls" => "Whether the calls are wanted, as where nothing is said; where not, `cues` is empty.",
          "seen" => "The tags of the blocks that an earlier answer brought, by the block's id; read where no calls are wanted. Of a block that is still " \
            "the same only the id is told, under `as_seen`; of one whose segments are, all else under `figures`."
        })
      # Of all that is being typed in this process.
      KEPT = Sparrow::Plan::KeptBlocks.new

      def self.registered(app)
        app.post("/api/preview", takes: FORM, heavy: true) do
          catalogue = studio.catalogue
          large_json(input["workout"], under: "/workout") do
            preview = Sparrow::Preview.new(input["workout"], catalogue: catalogue, kept: KEPT, rules_off: studio.rules_off)
            (input["calls"] == false) ? preview.without_calls(seen: input["seen"]) : preview.to_h
          end
        end
      end
    end
  end
end
