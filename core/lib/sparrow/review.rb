# frozen_string_literal: true

module Sparrow
  # The review of a plan: one rule a file, each looking for one thing.
  module Review
    # In the order in which findings of equal weight are shown.
    RULES = [
      Rules::NothingToDo, Rules::BeyondRounds, Rules::EmptyBlock, Rules::BreaksConditions, Rules::NumberOfATimedVersion, Rules::RepsOverrunWindow, Rules::HoldOverrunsWindow, Rules::SetOverrunsMinute, Rules::BreaksInLastRound,
      Rules::ImplausiblePace, Rules::RushedTempo, Rules::CapCutsOff, Rules::OneSideOnly, Rules::LevelsOutOfOrder, Rules::ImpactForBeginners, Rules::NoNoImpactVersion,
      Rules::OverSlot, Rules::UnderSlot, Rules::WarmUpMissing, Rules::WarmUpHard, Rules::WarmUpShort, Rules::WarmUpMisses,
      Rules::CoolDownEarly, Rules::CoolDownHard, Rules::CoolDownMissing, Rules::TooFewPieces, Rules::TravelsInACrowd, Rules::CrowdedStation, Rules::TestedFirst,
      Rules::LongWithoutRest, Rules::TimeToMove, Rules::TimeToTurn, Rules::RestTooLong, Rules::TalkInTheMiddle, Rules::LevelWaits,
      Rules::SkillLate, Rules::JumpsLate, Rules::JointRow, Rules::SameTwice, Rules::PatternRow, Rules::UpAndDown,
      Rules::PatternMissing, Rules::PushesOverPulls, Rules::OnePlane, Rules::OnlyHolds,
      Rules::NoWayRound, Rules::HalvedForNothing, Rules::WindowMostlyEmpty, Rules::MinuteNearlyFull, Rules::OddSecond, Rules::OddCountOnAlternating
    ].freeze

    # @param timeline [Plan::Timeline]
    # @param catalogue [Catalogue]
    # @param capacity [Capacity::Lanes]
    # @param kept [Plan::KeptBlocks] where what was found at the same stations before is found
    # @param off [Array<String>] names of rules that the studio has no use for
    # @return [Array<Finding>] the gravest first
    def self.of(timeline, catalogue: Catalogue.house, capacity: Capacity::Lanes.new(timeline), kept: Plan::KeptBlocks::NONE, off: [])
      found(Facts.new(timeline, catalogue: catalogue, capacity: capacity, kept: kept), off)
    end

    # What mends what was found, tried out one by one: it takes its time, and is asked for when nobody types.
    # @param workout [Plan::Workout]
    # @param off [Array<String>] names of rules that the studio has no use for
    # @return [Hash{String => Fix}] by the finding's key; findings that nothing mends are left out
    def self.fixes(workout, catalogue: Catalogue.house, off: [])
      timeline = Plan::Timeline.compile(workout)
      facts = Facts.new(timeline, catalogue: catalogue, capacity: Capacity::Lanes.new(timeline))
      findings = found(facts, off)
      mending = Mending.new(facts, findings, off)
      findings.to_h { |finding| [finding.key, mending.of(finding)] }.compact
    end

    # What the circuit leaves as it is, or the studio, is not told again, unless it cannot be run so.
    # @param facts [Facts]
    # @param off [Array<String>]
    # @return [Array<Finding>] the gravest first
    def self.found(facts, off = [])
      left = facts.workout.document.fetch("left_as_is", [])
      findings = Search.new(facts).findings
      findings.reject! { |finding| off.include?(finding.rule) || (finding.severity != "stop" && left.include?(finding.key)) }
      findings.sort_by.with_index { |finding, index| [Finding::SEVERITIES.index(finding.severity), PLACES.fetch(finding.rule), index] }
    end

    # Of each rule, by its name, its place among findings of equal weight.
    PLACES = RULES.each_with_index.to_h { |rule, place| [rule.slug, place] }.freeze
    private_constant :PLACES
  end
end
