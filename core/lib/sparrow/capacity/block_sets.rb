# frozen_string_literal: true

module Sparrow
  module Capacity
    # One level's sets of one block, in order of time: where each stands, how long it
    # takes, and what it asks. +first_s+ and +end_s+, in seconds of the class, are where
    # the first begins and the last ends: what it waits for before that lies in other blocks.
    class BlockSets < Value.of(:places, :turns, :seconds, :loads, :first_s, :end_s)
      # Where and when a set is.
      Place = Value.row(:block, :visit)

      # @param line [Plan::BlockLine]
      # @param lane [String] a level
      # @param profile [Profile]
      # @return [BlockSets]
      def self.of(line, lane, profile)
        Writer.new(line.block, profile).write(line.visits.fetch(lane, []))
      end

      # @param line [Plan::BlockLine] in which the level does the same at the same times
      # @return [BlockSets, nil] the same sets there; nil where one visit is done in several
      def on(line, lane)
        visits = line.visits.fetch(lane, [])
        with(places: visits.map { |visit| Place.new(line.block, visit) }.freeze) if visits.size == places.size
      end

      # Of a range its lower end: whoever does that has done what was asked.
      # @param visit [Plan::Visit]
      # @return [Integer] reps as counted
      def self.asked(visit)
        reps = visit.prescription.reps
        (reps && reps.min < reps.max && visit.counted == reps.max) ? reps.min : visit.counted
      end

      # @return [Boolean]
      def empty?
        places.empty?
      end

      # Goes through the visits of a block.
      class Writer
        def initialize(block, profile)
          @block = block
          @profile = profile
          @recovery = Hash.new { |hash, seconds| hash[seconds] = FatigueSimulation.recovery(seconds) }
          @known = {}.compare_by_identity
          @places = []
          @turns = []
          @seconds = []
          @loads = []
        end

        # @param visits [Array<Plan::Visit>]
        # @return [BlockSets]
        def write(visits)
          first_s = now_s = visits.first&.start_s
          visits.each do |visit|
            sets(visit, visit.start_s - now_s)
            now_s = visit.start_s + visit.work_s
          end
          BlockSets.new(places: @places.freeze, turns: @turns.freeze, seconds: @seconds.freeze, loads: @loads.freeze, first_s: first_s, end_s: now_s)
        end

        private

        def sets(visit, wait_s)
          return set(visit, BlockSets.asked(visit), work_s: visit.work_s, wait_s: wait_s) unless visit.sets
          visit.sets.each_with_index do |count, index|
            set(visit, count, work_s: visit.prescription.set_s(count), wait_s: index.zero? ? wait_s : @block.set_rest_s)
          end
        end

        # A station's set is the same set in every round.
        def set(visit, counted, work_s:, wait_s:)
          @places << Place.new(@block, visit)
          @turns << FatigueSimulation::Turn.of(@recovery[wait_s], @recovery[work_s])
          @seconds << [wait_s, work_s].freeze
          @loads << ((@known[visit.prescription] ||= {})[counted * 10_000 + work_s] ||= asked(visit.prescription, counted, work_s))
        end

        def asked(prescription, counted, work_s)
          open = counted.zero? && prescription.hold.nil? && prescription.variation&.counted?
          counted = prescription.counting.counted((work_s / prescription.seconds_per_move).floor) if open
          found = Load.of(prescription, counted, work_s)
          found.map { |load| FatigueSimulation::SetLoad.of(load, @profile.most(load), @recovery[work_s / found.size.to_f], open: open) }.freeze
        end
      end
      private_constant :Writer
    end
  end
end
