# frozen_string_literal: true

module Sparrow
  module Running
    module Changes
      # A station is skipped by everybody from here on: its rounds that have begun stay.
      module LeaveOutStation
        KIND = "leave_out_station"
        NEEDS = %w[block station].freeze

        # @return [Hash] the block
        # @raise [Refused]
        def self.call(block, change, standing)
          stations = block.fetch("stations", [])
          station = stations.find { |held| held["id"] == change["station"] } or raise Refused.at("/changes/station", Sparrow.say("running.is_not_a_station_of_that_block"))
          begun = standing.begun(block["id"], station["id"])
          refuse if begun.positive? && !by_rounds?(block)
          left = begun.positive? ? Changes.until_round(station, block, begun) : nil
          refuse if left == station || block["flow"] == "rotate"
          kept = stations.filter_map { |held| held.equal?(station) ? left : held }
          refuse if kept.empty?
          block.merge("stations" => kept)
        end

        def self.by_rounds?(block)
          Plan::Format.named(block["format"]).station_fields.key?("in_rounds")
        end

        def self.refuse
          raise Refused.at("/changes/station", Sparrow.say("running.cannot_be_left_out_from_here"))
        end
        private_class_method :by_rounds?, :refuse

        # @return [Sentence]
        def self.words(change, names)
          Sparrow.say("running.skip_station", name: names.station(change["block"], change["station"]))
        end
      end
    end
  end
end
