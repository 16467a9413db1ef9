# frozen_string_literal: true

module Sparrow
  module Fitting
    # Whether an instructor's own choice still makes sense at its station. The
    # circuit may have changed since it was made, or the person's limits: then it
    # is told and set aside, and the fit goes by the rules there.
    module StaleChoice
      # @param station [Plan::Station, nil] as it is now; nil where it is gone
      # @param movement [String, nil] the station's movement when the choice was made
      # @param variation [String, nil] what was chosen
      # @param limits [Array<People::Limits::Limit>] that hold on the day
      # @return [String, nil] why it is set aside, as the end of a sentence; nil where it stands
      def self.reason(station, movement:, variation:, limits:, catalogue:)
        return "the station is not in the circuit any more" unless station
        now = station.movement&.id
        return "the station is #{station.movement&.name || "a set of parts"} now, and was something else when it was chosen" if now != movement
        return "it names no version, and the station has several" if now && variation.nil?
        return "the station is a set of parts, which has no version of its own" if now.nil? && variation
        rung = variation && catalogue.variation(variation)
        return "that version is not in the catalogue any more" if variation && rung.nil?
        limit = rung && limits.find { |held| held.rules_out?(rung) }
        "it goes against a limit (#{limit.words})" if limit
      end
    end
  end
end
