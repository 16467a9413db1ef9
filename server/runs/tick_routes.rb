# frozen_string_literal: true

module Server
  module Runs
    # Rounds and reps counted while a run goes on, a tap at a time. A tap that is
    # sent twice counts once.
    module TickRoutes
      S = Sparrow::Schema
      TICK = S::Record.new({
        "client_key" => S::Text.new(length: 8..64), "block" => Sparrow::Plan::Form::ID, "station" => Sparrow::Plan::Form::ID,
        "level" => S::OneOf.new(*Sparrow::Level::ALL), "person_id" => S::Text.new(length: 1..64), "amount" => S::IntegerType.new(1..1000)
      }, required: %w[client_key block level amount], formerly: Sparrow::Logging::Form::FORMERLY)

      # What these routes share.
      module Helpers
        def ticks_view(run)
          {"ticks" => run.ticks.standing.order(:at).map { |tick| Runs::TickLine.new(tick).to_h }}
        end

        # @raise [Sparrow::Refused] where the run has no such block or station, or nobody of that id
        def tick_place(run, input)
          block = run.document["blocks"].find { |candidate| candidate["id"] == input["block"] }
          station = input["station"].nil? || block&.fetch("stations", [])&.any? { |candidate| candidate["id"] == input["station"] }
          person = input["person_id"] && studio.people.where("id::text = ?", input["person_id"]).first
          problems = [(["/block", Sparrow.say("server.runs.is_not_a_block_of_this")] unless block), (["/station", Sparrow.say("server.runs.is_not_a_station_of_that")] unless station),
            (["/person_id", Sparrow.say("server.runs.is_nobody_of_this_studio")] if input["person_id"] && person.nil?)].compact
          Sparrow::Refused.where(problems.map { |pointer, message| Sparrow::Problem.new(pointer: pointer, message: message) })
          person
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/runs/:id/ticks", access: :helper) { |id| render_json(ticks_view(run(id))) }

        app.post("/api/runs/:id/ticks", takes: TICK, access: :helper) do |id|
          stored = run(id)
          person = tick_place(stored, input)
          stored.ticks.create_with(studio_id: studio.id, person: person, at: Time.now.utc, **input.slice("block", "station", "level", "amount").transform_keys(&:to_sym))
            .find_or_create_by!(client_key: input["client_key"])
          render_json(ticks_view(stored), status: 201)
        end

        app.delete("/api/runs/:id/ticks/:key", access: :helper) do |id, key|
          stored = run(id)
          stored.ticks.find_by!(client_key: key).update!(undone_at: Time.now.utc)
          render_json(ticks_view(stored))
        end
      end
    end
  end
end
