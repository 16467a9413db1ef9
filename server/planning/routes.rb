# frozen_string_literal: true

module Server
  module Planning
    # What is offered while a circuit is planned. Nothing is stored: each answer
    # is a patch or a block that the board takes or leaves.
    module Routes
      S = Sparrow::Schema
      ID = S::Text.new(length: 1..40)
      SOLVE = S::Record.new({"workout" => S::AnyType.new("WorkoutDocument"), "block" => ID, "station" => ID, "window_s" => S::IntegerType.new(5..7200, "seconds"),
                             "choose" => S::OneOf.new(*Sparrow::Planning::Solve::CHOICES)}, required: %w[workout])
      SLOT = S::Record.new({"workout" => S::AnyType.new("WorkoutDocument"), "minutes" => S::IntegerType.new(5..240, "minutes")}, required: %w[workout minutes])
      PLAN = S::Record.new({"workout" => S::AnyType.new("WorkoutDocument")}, required: %w[workout])
      CONDITIONS = S::Record.new({"conditions" => Sparrow::Plan::Form::CONDITIONS}, required: %w[conditions])
      SUGGEST = S::Record.new({"workout" => S::AnyType.new("WorkoutDocument"), "kind" => S::OneOf.new("warm_up", "cool_down"), "minutes" => S::IntegerType.new(1..30, "minutes")},
        required: %w[workout kind minutes])
      FORMAT = S::OneOf.new(*Sparrow::Plan::Format.with_stations.map(&:id))
      REFORMAT = S::Record.new({"block" => S::AnyType.new("Block"), "format" => FORMAT}, required: %w[block format])
      KINDS = {"warm_up" => Sparrow::Planning::Suggest::WarmUp, "cool_down" => Sparrow::Planning::Suggest::CoolDown}.freeze

      # What these routes share.
      module Helpers
        # Refusals of the workout point into the body; others stand as they are.
        def of_workout(document)
          raise Sparrow::Refused.at("", Sparrow.say("server.planning.must_be_an_object")) unless document.is_a?(Hash)
          Sparrow::Plan.read(document, catalogue: studio.catalogue)
        rescue Sparrow::Refused => refused
          raise Http::Problems.unprocessable(refused, under: "/workout")
        end
      end

      # Four weeks, and no more classes than a busy studio has in them.
      LATELY_DAYS = 28
      MOST_RUNS = 40

      def self.registered(app)
        app.helpers Helpers

        app.post("/api/planning/targets", takes: SOLVE, heavy: true) do
          catalogue = studio.catalogue
          workout = of_workout(input["workout"])
          large_json(input["workout"], under: "") do
            Sparrow::Planning::Solve.new(workout, block: input["block"], station: input["station"], window_s: input["window_s"],
              choose: input.fetch("choose", "numbers"), catalogue: catalogue).call
          end
        end

        app.post("/api/planning/slot", takes: SLOT, heavy: true) do
          catalogue = studio.catalogue
          workout = of_workout(input["workout"])
          large_json(input["workout"], under: "") { Sparrow::Planning::FitToSlot.new(workout, minutes: input["minutes"], catalogue: catalogue).call }
        end

        app.post("/api/planning/fixes", takes: PLAN, heavy: true) do
          catalogue = studio.catalogue
          off = studio.rules_off
          workout = of_workout(input["workout"])
          large_json(input["workout"], under: "") do
            {"fixes" => Sparrow::Review.fixes(workout, catalogue: catalogue, off: off).map { |key, fix| {"finding" => key, "label" => fix.label, "patch" => fix.patch} }}
          end
        end

        app.post("/api/planning/loads", takes: PLAN, heavy: true) do
          workout = of_workout(input["workout"])
          large_json(input["workout"], under: "") do
            loads = Sparrow::Planning::Suggest::Loads.new(Sparrow::Plan::Timeline.compile(workout))
            Sparrow::Level::ALL.to_h { |level| [level, {"muscles" => loads.muscles[level], "joints" => loads.joints[level]}] }
          end
        end

        # Of the classes that were run lately; those called off or thrown away are not among them.
        app.get("/api/planning/worked") do
          since = studio.today - LATELY_DAYS
          runs = studio.runs.kept.where.not(started_at: nil).where("started_at >= ?", since.in_time_zone(studio.time_zone)).newest_first.limit(MOST_RUNS).includes(:events).to_a
          render_json({"classes" => runs.size, "since" => since.iso8601, "levels" => Sparrow::Planning::Worked.of(runs.map { |run| run.reached&.timeline || run.timeline })})
        end

        app.post("/api/planning/conditions", takes: CONDITIONS, heavy: true) do
          opens = Sparrow::Planning::WithinConditions.new(Sparrow::Plan::Conditions.read(input["conditions"]), catalogue: studio.catalogue).opens
          render_json({"movements" => opens.map { |id, levels| {"id" => id, "opens" => levels} }})
        end

        app.post("/api/planning/suggestion", takes: SUGGEST, heavy: true) do
          catalogue = studio.catalogue
          workout = of_workout(input["workout"])
          large_json(input["workout"], under: "") { KINDS.fetch(input["kind"]).new(Sparrow::Plan::Timeline.compile(workout), catalogue: catalogue).call(input["minutes"] * 60) }
        end

        app.post("/api/planning/format", takes: REFORMAT, heavy: true) do
          block = input["block"]
          changed = Sparrow::Plan::Reformat.call(block, input["format"])
          render_json({"block" => changed, **Sparrow::Plan::Reformat.fates(block["format"], input["format"])})
        end
      end
    end
  end
end
