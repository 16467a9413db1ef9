# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # One kind of work at one station after the other: the last of them are done badly.
      class PatternRow < OrderRule
        TOPIC = "order"
        SOURCE = "house"
        # So many different stations in a row are too many. The trunk holds out longer.
        MOST = Hash.new(3).merge("trunk" => 4, "legs" => 4).freeze

        def findings
          return [] if @facts.one_thing?
          rows = Level::ALL.flat_map { |level| @facts.rows(level, &:kind) }.map { |row| [row.first.kind, Facts.stations_of(row), row.first.block] }
          rows.select { |kind, stations, _| stations.size >= MOST[kind] }.group_by { |kind, _, block| [kind, block.id] }
            .map { |(kind, _), found| in_a_row(kind, found.map { |_, stations, _| stations }.max_by(&:size), found.first.last) }
        end

        private

        def in_a_row(kind, stations, block)
          finding("note", Place.block(block), Sparrow.say("review.stations_of_kind_in_a_row", count: stations.size, kind: Facts::KINDS.fetch(kind)), about: kind,
            why: Sparrow.say("review.from_name_to_name", one: stations.first.name, other: stations.last.name), fix: -> { fixes(kind, stations, block) })
        end

        def fixes(kind, stations, block)
          swaps = Swaps.new(block, @workout).fixes { |order| longest(order, kind) }
          fresh = NewStation.new(@facts)
          middle = stations[stations.size / 2]
          others = block.stations.include?(middle) ? fresh.movements { |movement| Facts::GROUP_OF.key?(movement.pattern) && Facts::GROUP_OF[movement.pattern] != kind }.first(3).map { |movement| fresh.instead(movement, block, middle) } : []
          [*swaps.first(5), *others]
        end

        def longest(order, kind)
          order.slice_when { |one, other| of?(one, kind) != of?(other, kind) }.select { |row| of?(row.first, kind) }.map(&:size).max || 0
        end

        def of?(station, kind)
          @facts.groups_of(station) == [kind]
        end
      end
    end
  end
end
