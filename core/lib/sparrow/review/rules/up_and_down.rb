# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Down to the floor and up again at each station.
      class UpAndDown < OrderRule
        TOPIC = "order"
        SOURCE = "house"
        LEAST = 5

        def findings
          @facts.working.filter_map do |line|
            next unless line.block.stations.size >= LEAST
            changes = changes_in(line.block.stations)
            up_and_down(line.block, changes) if changes >= line.block.stations.size - 1
          end
        end

        private

        # At the level that changes most.
        def changes_in(order)
          Level::ALL.map { |level| order.filter_map { |station| station.at(level) }.each_cons(2).count { |one, other| one.ends_up? != other.starts_up? } }.max
        end

        def up_and_down(block, changes)
          finding("note", Place.block(block), Sparrow.say("review.up_and_down_so_often", count: changes), why: Sparrow.say("review.each_way_costs_seconds_and_knees"), fix: -> { fixes(block) })
        end

        def fixes(block)
          swaps = Swaps.new(block, @workout)
          standing, floor = block.stations.partition { |station| (station.at("intermediate") || station.levels.values.last).starts_up? }
          [*swaps.fixes { |order| changes_in(order) }, swaps.in_order(Sparrow.say("review.first_what_stands"), standing + floor)]
        end
      end
    end
  end
end
