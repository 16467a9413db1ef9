# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A window in halves for what works both sides at once.
      class HalvedForNothing < StationRule
        TOPIC = "numbers"
        SOURCE = "standard"

        def of_station(block, station)
          cells = station.levels.values
          return [] unless block.timed? && cells.any? { |cell| %w[split each].include?(cell.sides) } && cells.all? { |cell| cell.variation&.sides == "two_sided" }
          [finding("note", Place.station(block, station), Sparrow.say("review.both_sides_work_at_once"), why: Sparrow.say("review.nobody_needs_to_change_sides"), fix: fix(block, station))]
        end

        private

        def fix(block, station)
          input = @workout.document.dig("blocks", block.position, "stations", block.stations.index(station))
          keys = ["#{station.pointer}/sides", *Level::ALL.map { |level| "#{station.pointer}/levels/#{level}/sides" }]
          held = [input["sides"], *Level::ALL.map { |level| input.dig("levels", level, "sides") }]
          Fix.new(label: Sparrow.say("review.the_whole_window_for_both"), patch: keys.zip(held).filter_map { |path, sides| {"op" => "remove", "path" => path} if sides })
        end
      end
    end
  end
end
