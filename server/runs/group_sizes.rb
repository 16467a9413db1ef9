# frozen_string_literal: true

module Server
  module Runs
    # How large the groups of a class are where they rotate: the Floor and the hall say so, without a name.
    module GroupSizes
      # @param run [Records::Run]
      # @return [Hash{String => Array<Hash{String => Integer}>}] by block, of each group how many follow each level; empty
      #   where groups do not rotate, or the run is of no class
      def self.of(run)
        lines = run.timeline.blocks.select(&:groups)
        return {} if lines.empty? || run.group_class.nil?
        turns = run.group_class.turns
        levels = run.group_class.coming.to_h { |entry| [turns.fetch(entry.person_id), entry.level] }
        lines.to_h { |line| [line.block.id, Sparrow::Fitting::Groups.levels(line, levels)] }
      end
    end
  end
end
