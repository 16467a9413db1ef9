# frozen_string_literal: true

module Sparrow
  module Running
    module Changes
      # A block ends after fewer rounds, for every level.
      module FewerRounds
        KIND = "fewer_rounds"
        NEEDS = %w[block rounds].freeze

        # @return [Hash] the block
        # @raise [Refused]
        def self.call(block, change, standing)
          last = change["rounds"]
          now = block["rounds"]
          unless now && last < [now, *block.fetch("rounds_by_level", {}).values].max && last >= [standing.begun(block["id"]), 1].max
            raise Refused.at("/changes/rounds", Sparrow.say("running.is_not_fewer_or_has_begun"))
          end
          stations = block.fetch("stations").filter_map { |station| Changes.until_round(station, block, last) }
          raise Refused.at("/changes/rounds", Sparrow.say("running.leaves_no_station")) if stations.empty?
          fewer = block.merge("rounds" => [now, last].min, "stations" => stations.map { |station| plain(station, last) })
          block["rounds_by_level"] ? fewer.merge("rounds_by_level" => block["rounds_by_level"].transform_values { |rounds| [rounds, last].min }) : fewer
        end

        # In all of the rounds that there are is in every round.
        def self.plain(station, last)
          (station["in_rounds"] == (1..last).to_a) ? station.except("in_rounds") : station
        end
        private_class_method :plain

        # @return [Sentence]
        def self.words(change, names)
          Sparrow.say("running.name_ends_after_rounds", name: names.block(change["block"]), count: change["rounds"])
        end
      end
    end
  end
end
