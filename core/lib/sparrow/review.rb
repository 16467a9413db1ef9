# frozen_string_literal: true

module Sparrow
  # The review of a plan: one rule a file, each looking for one thing.
  module Review
    # In the order in which findings of equal weight are shown.
    RULES = [
      Rules::NothingToDo, Rules::EmptyBlock, Rules::RepsOverrunWindow, Rules::SetOverrunsMinute, Rules::BreaksInLastRound,
      Rules::ImplausiblePace, Rules::CapCutsOff, Rules::OneSideOnly, Rules::LevelsOutOfOrder, Rules::NoNoImpactVersion,
      Rules::OverSlot, Rules::UnderSlot, Rules::WarmUpMissing, Rules::CoolDownMissing, Rules::OddCountOnAlternating
    ].freeze

    # @param timeline [Plan::Timeline]
    # @param catalogue [Catalogue]
    # @param capacity [Capacity::Lanes]
    # @param kept [Plan::KeptBlocks] where what was found at the same stations before is found
    # @return [Array<Finding>] the gravest first
    def self.of(timeline, catalogue: Catalogue.house, capacity: Capacity::Lanes.new(timeline), kept: Plan::KeptBlocks::NONE)
      findings = RULES.flat_map { |rule| rule.new(timeline, catalogue, capacity, kept: kept).findings }
      findings.sort_by.with_index { |finding, index| [Finding::SEVERITIES.index(finding.severity), index] }
    end
  end
end
