# frozen_string_literal: true

module Server
  module Standards
    # House standards: the numbers a studio plans with, and the circuits that
    # change with them.
    module Routes
      S = Sparrow::Schema
      FORM = S::Record.new(Sparrow::Plan::Form::HOUSE_KEYS.merge("depth" => S::OneOf.new("parallel", "full")))
      CHANGE = S::Record.new({"house" => FORM, "bring" => S::List.new(S::Text.new(length: 1..64), size: 0..500, noun: "circuits"),
                              "version" => People::Contract::VERSION}, required: %w[house])

      RULE = S::Record.new({"rule" => S::OneOf.new(*Sparrow::Review::RULES.map(&:slug)), "off" => S::BooleanType.new}, required: %w[rule off])

      # What these routes share.
      module Helpers
        def house_view
          {"house" => studio.house, "version" => studio.house_version, "defaults" => Sparrow::Standards::House::DEFAULTS.merge("depth" => "parallel"),
           "rules_off" => studio.rules_off.map { |rule| {"rule" => rule, "name" => Sparrow.word(rule).to_s} }, "schools" => Sparrow::Standards.schools.map { |school| school.to_h.transform_keys(&:to_s) }}
        end

        # @return [Hash] without what is the default anyway
        # @raise [Sparrow::Refused]
        def house_given(input)
          problems = Sparrow::Standards::House.validation_errors(input)
          Sparrow::Refused.where(problems)
          input
        end

        def touched(house)
          studio.workouts.kept.order(:title).filter_map do |workout|
            impact = Sparrow::Planning::ChangeImpact.new(workout.document, house.except("depth"), catalogue: studio.catalogue).call
            depth = house["depth"] && house["depth"] != workout.document.fetch("depth", "parallel")
            next unless impact || depth
            {"id" => workout.id, "title" => workout.title, "depth" => depth || false,
             **(impact || {"total_before_s" => workout.total_s, "total_after_s" => workout.total_s, "targets" => 0})}
          end
        end

        def bring_along(ids, house)
          studio.workouts.kept.where(id: ids.grep(/\A\h{8}-/)).find_each do |workout|
            document = workout.document.merge("house" => house.except("depth"), "depth" => house.fetch("depth", workout.document.fetch("depth", "parallel")))
            workout.save_over(workout.lock_version, Sparrow::Preview.new(document, catalogue: studio.catalogue), by: instructor)
          end
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/house") { render_json(house_view) }

        app.post("/api/house/touches", takes: CHANGE, heavy: true) do
          render_json({"circuits" => touched(house_given(input["house"]))})
        end

        app.put("/api/house", takes: CHANGE, heavy: true) do
          house = house_given(input["house"])
          raise Sparrow::Refused.at("/version", Sparrow.say("server.common.is_missing")) unless input["version"]
          Http::Versions.change(studio, input["version"], Sparrow.say("server.standards.the_standards_were"), theirs: -> { house_view }, column: :house_version) do
            studio.update!(house: house)
            bring_along(input["bring"] || [], house)
          end
          render_json(house_view)
        end

        # Two who turn off a rule each at the same moment both do.
        app.put("/api/house/rules", takes: RULE) do
          studio.with_lock { studio.update!(rules_off: input["off"] ? studio.rules_off | [input["rule"]] : studio.rules_off - [input["rule"]]) }
          render_json(house_view)
        end
      end
    end
  end
end
