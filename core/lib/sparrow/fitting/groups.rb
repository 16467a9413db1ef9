# frozen_string_literal: true

module Sparrow
  module Fitting
    # Who goes with whom where groups rotate: everybody in turn, so that one group has one person more than another at most, and
    # levels are mixed as the roster is.
    module Groups
      module_function

      # @param line [Plan::BlockLine] of a block in which groups rotate
      # @param order [Integer] somebody's turn, from 0
      # @return [Integer] their group, from 0
      def of(line, order)
        order % line.groups.size
      end

      # @param line [Plan::BlockLine] of a block in which groups rotate
      # @param levels [Hash{Integer => String}] by their turn, the level that each follows
      # @return [Array<Hash{String => Integer}>] of each group, how many follow each level that is in it
      def levels(line, levels)
        by_group = levels.group_by { |order, _| of(line, order) }
        line.groups.each_index.map { |group| by_group.fetch(group, []).map(&:last).tally }
      end
    end
  end
end
