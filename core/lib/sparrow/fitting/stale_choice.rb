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
        return Sparrow.say("fitting.the_station_is_not_in_the") unless station
        now = station.movement&.id
        return Sparrow.say("fitting.the_station_is_n_now_and", n: station.movement&.name || Sparrow.say("fitting.a_set_of_parts")) if now != movement
        return Sparrow.say("fitting.it_names_no_version_and_the") if now && variation.nil? && station.levels.each_value.all?(&:variation)
        return Sparrow.say("fitting.the_station_is_a_set_of") if now.nil? && variation && station.levels.each_value.none?(&:variation)
        found = variation && catalogue.variation(variation)
        return Sparrow.say("fitting.that_version_is_not_in_the") if variation && found.nil?
        limit = found && limits.find { |held| held.rules_out?(found) }
        Sparrow.say("fitting.it_goes_against_a_limit_limit", limit: limit.words) if limit
      end
    end
  end
end
