# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A joint that is loaded too long in a row.
      class JointRow < OrderRule
        TOPIC = "order"
        SOURCE = "house"
        # So many stations in a row are too many, of so much work; a longer rest than this ends a row.
        MOST = {"wrist" => 5, "knee" => 5, "lower_back" => 5, "grip" => 4}.freeze
        LEAST_S = 120
        APART_S = 45

        def findings
          joints.filter_map do |joint, most|
            rows = Level::ALL.select { |level| stations_with(joint, level) >= most }.to_h { |level| [level, longest(level, joint)] }.select { |_, row| Facts.stations_of(row).size >= most && row.last.end_s - row.first.start_s >= LEAST_S }
            too_long(joint, rows) if rows.any?
          end
        end

        private

        # A class for the trunk loads the back from end to end, and is meant to.
        def joints
          @facts.one_thing? ? MOST.except("lower_back") : MOST
        end

        # Where fewer stations load it than make a row nobody looks for one.
        # @return [Integer]
        def stations_with(joint, level)
          (@stations_with ||= {})[level] ||= @facts.turns(level).each_with_object({}.compare_by_identity) { |turn, loads| loads[turn.station] ||= turn.loads }.values.flatten.tally
          @stations_with[level].fetch(joint, 0)
        end

        def longest(level, joint)
          @facts.rows(level, apart_s: APART_S) { |turn| turn.loads.include?(joint) || nil }.max_by { |row| Facts.stations_of(row).size } || []
        end

        def too_long(joint, rows)
          row = rows.values.max_by(&:size)
          stations = Facts.stations_of(row)
          block = row.first.block
          finding("note", Place.block(block), Sparrow.say("review.joint_is_loaded_in_a_row", joint: Sparrow.word(joint), count: stations.size, whom: whom(rows.keys)), about: joint,
            why: Sparrow.say("review.from_name_to_name", one: stations.first.name, other: stations.last.name), fix: -> { fixes(block, rows.keys, joint) })
        end

        # Other orders in which it has a rest between; else a longer rest, that ends the row.
        def fixes(block, levels, joint)
          swaps = Swaps.new(block, @workout).fixes { |order| levels.map { |level| row_in(order, level, joint, block: block) }.max }
          rest = Fix.set(Sparrow.say("review.rest_s_after_each_round", seconds: APART_S), ["#{block.pointer}/round_rest_s", APART_S]) if block.format.block_shapes.key?("round_rest_s") && block.round_count > 1
          [*swaps.first(4), rest, *others(block, levels, joint)].compact
        end

        # Something else in the middle of it.
        def others(block, levels, joint)
          loading = block.stations.select { |station| levels.any? { |level| in_station?(station, level, joint) } }
          middle = loading[loading.size / 2] or return []
          fresh = NewStation.new(@facts)
          fresh.movements { |movement| Level::ALL.none? { |level| Facts.loads_of(movement.variation_for(level)).include?(joint) } && Facts::GROUP_OF.key?(movement.pattern) }.first(3).map { |movement| fresh.instead(movement, block, middle) }
        end

        def in_station?(station, level, joint)
          Facts.variations_of(station.at(level)).any? { |variation| Facts.loads_of(variation).include?(joint) }
        end

        # The longest row in an order that is gone through again and again.
        def row_in(order, level, joint, block:)
          twice = (block.round_count > 1) ? order + order : order
          twice.slice_when { |one, other| in_station?(one, level, joint) != in_station?(other, level, joint) }.select { |row| in_station?(row.first, level, joint) }.map(&:size).max || 0
        end
      end
    end
  end
end
