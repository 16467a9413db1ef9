# frozen_string_literal: true

module Sparrow
  module Running
    module Changes
      # Another version at a station, for one level or for everybody. The number stays where both are counted or both are held;
      # else the version's own opening number stands.
      module OtherVersion
        KIND = "other_version"
        NEEDS = %w[block station variation levels].freeze
        # @return [Hash] the block
        # @raise [Refused]
        def self.call(block, change, standing)
          station = block.fetch("stations", []).find { |held| held["id"] == change["station"] } or raise Refused.at("/changes/station", Sparrow.say("running.is_not_a_station_of_that_block"))
          to = standing.catalogue.variation(change["variation"]) or raise Refused.at("/changes/variation", Sparrow.say("plan.is_not_a_version_in_the_catalogue"))
          levels = change["levels"].reduce(station.fetch("levels")) { |known, level| known.merge(level => asked(known.fetch(level, {}), to, block: block)) }
          block.merge("stations" => block["stations"].map { |held| held.equal?(station) ? held.merge("levels" => levels) : held })
        end

        # The tempo and the load were the other version's.
        def self.asked(level, to, block:)
          level = level.except("tempo", "load_kg", "parts", "sits_out").merge("variation" => to.id)
          return level if level["quota"] || !needs_number?(level, block)
          key = to.counted? ? "reps" : "hold_s"
          return level if level[key]
          opening = to.target["reps"] || to.target["hold_s"] || to.target.values.first
          level.except("reps", "hold_s", "splits", "counting").merge(key => opening.is_a?(Hash) ? opening["min"] : opening)
        end

        # In a timed window nothing need be asked; a number of the other kind would be wrong.
        def self.needs_number?(level, block)
          Plan::Format.named(block["format"]).clock_of(block) == "own_pace" || level["reps"] || level["hold_s"]
        end
        private_class_method :asked, :needs_number?

        # @return [Sentence]
        def self.words(change, names)
          who = (change["levels"].size == Level::ALL.size) ? Sparrow.say("running.everybody") : change["levels"].map { |level| Level.name_of(level) }.join(", ")
          Sparrow.say("running.version_for", version: names.variation(change["variation"]), who: who)
        end
      end
    end
  end
end
