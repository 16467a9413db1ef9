# frozen_string_literal: true

module Sparrow
  module Review
    # Other orders of a block's stations: as little is moved as mends what was found.
    class Swaps
      MOST = 6

      # @param block [Plan::Block]
      # @param workout [Plan::Workout] in whose document its stations stand
      def initialize(block, workout)
        @block = block
        @stations = block.stations
        @inputs = workout.document.fetch("blocks")[block.position].fetch("stations")
      end

      # Two stations change places.
      # @yieldparam order [Array<Plan::Station>]
      # @yieldreturn [Numeric] how bad it is
      # @return [Array<Fix>] those that are best
      def fixes
        now = yield(@stations)
        pairs = (0...@stations.size).to_a.combination(2).to_a
        better = pairs.map { |one, other| [yield(swapped(one, other)), other - one, one, other] }.select { |bad, *| bad < now }
        better.sort.first(MOST).map { |_, _, one, other| fix(one, other) }
      end

      # @return [Fix] the stations in an order of their own
      def in_order(label, order)
        patch = order.each_with_index.reject { |station, index| @stations[index].equal?(station) }.map { |station, index| replace(index, station) }
        Fix.new(label: label, patch: patch)
      end

      private

      def swapped(one, other)
        @stations.dup.tap { |order| order[one], order[other] = order[other], order[one] }
      end

      def fix(one, other)
        Fix.new(label: Sparrow.say("review.swap_name_and_name", name: @stations[one].name, name_2: @stations[other].name),
          patch: [replace(one, @stations[other]), replace(other, @stations[one])])
      end

      def replace(index, station)
        {"op" => "replace", "path" => "#{@block.pointer}/stations/#{index}", "value" => @inputs[@stations.index(station)]}
      end
    end
  end
end
