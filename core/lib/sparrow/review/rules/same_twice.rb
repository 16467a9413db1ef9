# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # One movement at two stations that follow each other.
      class SameTwice < OrderRule
        TOPIC = "order"
        SOURCE = "house"

        def findings
          @facts.working.flat_map do |line|
            line.block.stations.each_cons(2).filter_map { |one, other| same(line.block, one, other) if same?(one, other) }
          end
        end

        private

        def same?(one, other)
          Level::ALL.all? { |level| variations(one, level) == variations(other, level) && variations(one, level).any? } && (one.in_rounds.nil? || other.in_rounds.nil? || (one.in_rounds & other.in_rounds).any?)
        end

        def variations(station, level)
          Facts.variations_of(station.at(level)).map(&:id)
        end

        def same(block, one, other)
          finding("note", Place.station(block, other), Sparrow.say("review.is_done_twice_running", name: other.name), why: Sparrow.say("review.the_second_time_it_is_only_tiring"), fix: -> { fixes(block, one, other) })
        end

        def fixes(block, _one, other)
          swaps = Swaps.new(block, @workout).fixes { |order| order.each_cons(2).count { |first, second| same?(first, second) } }
          group = @facts.groups_of(other).first
          fresh = NewStation.new(@facts)
          [*swaps.first(4), *fresh.movements { |movement| group && Facts::GROUP_OF[movement.pattern] == group }.first(2).map { |movement| fresh.instead(movement, block, other) }, Fix.remove(Sparrow.say("review.take_name_out", name: other.name), other.pointer)]
        end
      end
    end
  end
end
