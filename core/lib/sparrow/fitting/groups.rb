# frozen_string_literal: true

module Sparrow
  module Fitting
    # Who goes with whom where groups rotate: everybody in turn, in the order of the roster, so that one group has
    # one person more than another at most, and levels are mixed as the roster is.
    module Groups
      module_function

      # @param line [Plan::BlockLine] of a block in which groups rotate
      # @param order [Integer] somebody's place in the roster, from 0
      # @return [Integer] their group, from 0
      def of(line, order)
        order % line.groups.size
      end

      # @param line [Plan::BlockLine] of a block in which groups rotate
      # @param levels [Array<String>] the level that each follows, in the order of the roster
      # @return [Array<Hash{String => Integer}>] of each group, how many follow each level that is in it
      def levels(line, levels)
        by_group = levels.each_with_index.group_by { |_, order| of(line, order) }
        line.groups.each_index.map { |group| by_group.fetch(group, []).map(&:first).tally }
      end
    end
  end
end
