# frozen_string_literal: true

module Sparrow
  module Review
    # What rules look at: the plan, laid out, and who does what in which order in its main part.
    class Facts
      # A stay at one station in one round, as one level has it. +start_s+ and +end_s+ are seconds of the class; +loads+
      # are the joints that are loaded, and the grip; +kind+ is the group of GROUPS that all of it belongs to, or nil.
      Turn = Value.row(:block, :station, :round, :start_s, :end_s, :prescription, :movements, :variations, :loads, :kind)

      # What a class should have something of. Jumps work the legs.
      GROUPS = {
        "push" => %w[push], "pull" => %w[pull], "legs" => %w[squat lunge hinge jump], "trunk" => %w[trunk_flexion trunk_bracing rotation lateral_trunk]
      }.freeze
      KINDS = {
        "push" => Sparrow.say("review.kind_push"), "pull" => Sparrow.say("review.kind_pull"), "legs" => Sparrow.say("review.kind_legs"), "trunk" => Sparrow.say("review.kind_trunk")
      }.freeze
      GROUP_OF = GROUPS.flat_map { |group, patterns| patterns.map { |pattern| [pattern, group] } }.to_h.freeze
      WORKING = Plan::Balance::COUNTED

      attr_reader :timeline, :workout, :catalogue, :capacity, :kept

      # @param timeline [Plan::Timeline]
      # @param capacity [Capacity::Lanes] the levels' house profiles on this timeline
      # @param kept [Plan::KeptBlocks] where what was found before is found
      def initialize(timeline, catalogue:, capacity:, kept: Plan::KeptBlocks::NONE)
        @timeline = timeline
        @workout = timeline.workout
        @catalogue = catalogue
        @capacity = capacity
        @kept = kept
        @turns = {}
        @window_fits = {}.compare_by_identity
        @movements = {}.compare_by_identity
        @groups_of = {}.compare_by_identity
      end

      # @return [Array] what the order of the class hangs on: it is equal where nothing but numbers and notes of timed blocks differ
      def order
        [catalogue, I18n.locale, workout.document.except("blocks"), *timeline.blocks.map { |line| kept.made(line.block, :order, line.start_s) { Object.new } }]
      end

      # @return [Array<Plan::BlockLine>] main parts and finishers
      def working
        @working ||= timeline.blocks.select { |line| WORKING.include?(line.block.role) }
      end

      # @return [Array<Array(Plan::Block, Plan::Station)>] of the main part and finishers
      def stations
        @stations ||= working.flat_map { |line| line.block.stations.map { |station| [line.block, station] } }
      end

      # @return [Array<Turn>] of one level in the main part and finishers, in order of time
      def turns(level)
        @turns[level] ||= working.flat_map { |line| kept.made(line.block, [:turns, level], line.start_s) { turns_of(line, level) } }
      end

      # @param apart_s [Integer] a rest so long ends a row
      # @yieldparam turn [Turn]
      # @yieldreturn [Object] what it has in common with others; nil for nothing
      # @return [Array<Array<Turn>>] unbroken rows of turns that have it in common
      def rows(level, apart_s: nil)
        rows = []
        before = shared = row = nil
        turns(level).each do |turn|
          common = yield(turn)
          goes_on = before && common == shared && (apart_s.nil? || turn.start_s - before.end_s < apart_s)
          rows << (row = []) if common && !goes_on
          row << turn if common
          before = turn
          shared = common
        end
        rows
      end

      # @return [Planning::WindowFit] what several rules ask of a cell, worked out once
      def window_fit(block, station, level)
        @window_fits[station.at(level)] ||= Planning::WindowFit.of(block, station, level)
      end

      # @return [Array<String>] of what the main part is made, each once
      def groups
        @groups ||= stations.flat_map { |_, station| groups_of(station) }.uniq
      end

      # @return [Array<String>] of a station, over all its levels
      def groups_of(station)
        @groups_of[station] ||= movements_of(station).filter_map { |movement| GROUP_OF[movement.pattern] }.uniq.freeze
      end

      # @return [Array<Catalogue::Movement>] of a station, over all its levels
      def movements_of(station)
        @movements[station] ||= station.movements.freeze
      end

      # So much of the main part is for one thing where the class is.
      ONE_THING = Rational(7, 10)

      # @return [Boolean] whether the class is for one thing: trunk, or legs
      def one_thing?
        counts = stations.flat_map { |_, station| groups_of(station) }.tally
        counts.empty? || counts.values.max >= stations.size * ONE_THING
      end

      # @param prescription [Plan::Prescription, nil]
      # @return [Array<Catalogue::Variation>] of one level; none where it sits the station out
      def self.variations_of(prescription)
        prescription ? prescription.variations : []
      end

      # @return [Array<String>] joints that a version loads, and "grip" where one hangs by it
      def self.loads_of(variation)
        (variation.position == "hanging" || variation.weight_on.include?("grip")) ? [*variation.joints, "grip"] : variation.joints
      end

      # @param turns [Array<Turn>]
      # @return [Array<Plan::Station>] each once, in order
      def self.stations_of(turns)
        turns.map(&:station).uniq(&:pointer)
      end

      private

      # Sets of one stay are one turn.
      def turns_of(line, level)
        cells = {}.compare_by_identity
        stays(line.visits.fetch(level, [])).map do |visits|
          first = visits.first
          movements, variations, loads, kind = cells[first.prescription] ||= cell(first.prescription)
          Turn.new(line.block, first.station, first.round, first.start_s, visits.last.start_s + visits.last.work_s, first.prescription, movements, variations, loads, kind).freeze
        end.freeze
      end

      # @return [Array<Array<Plan::Visit>>]
      def stays(visits)
        visits.each_with_object([]) do |visit, stays|
          before = stays.last&.last
          stays << [] unless before && before.station.equal?(visit.station) && before.round == visit.round
          stays.last << visit
        end
      end

      def cell(prescription)
        movements, variations = prescription.movements, prescription.variations
        kinds = movements.map { |movement| GROUP_OF[movement.pattern] }.uniq
        [movements, variations, variations.flat_map { |variation| self.class.loads_of(variation) }.uniq, (kinds.first if kinds.size == 1)]
      end
    end
  end
end
