# frozen_string_literal: true

module Sparrow
  module Fitting
    # The class laid out once for everybody in it: its cells, each lane's visits
    # in order, and at each station the variations that may be given, the hardest first.
    class ClassLayout
      Place = Value.row(:index, :block, :station)
      # One set of one lane. +time+ is a Capacity::FatigueSimulation::Turn; +part+ is the
      # share of the number that is done in this set; sets of one +kind+ ask the same.
      Visit = Value.row(:place, :round, :time, :work_s, :part, :kind)

      attr_reader :places, :catalogue, :reserve, :timeline

      # @param timeline [Plan::Timeline]
      def initialize(timeline, catalogue: Catalogue.house)
        @timeline = timeline
        @catalogue = catalogue
        @house = timeline.workout.house
        @reserve = @house.reserve
        @places = timeline.workout.each_station.with_index.map { |(block, station), index| Place.new(index, block, station) }.freeze
        @at = @places.to_h { |place| [[place.block.id, place.station.id], place] }
        @visits = {}
        @options = {}
        @loads = {}.compare_by_identity
        @recovery = Hash.new { |hash, seconds| hash[seconds] = Capacity::FatigueSimulation.recovery(seconds) }
      end

      # @return [Place, nil]
      def place(block, station)
        @at[[block, station]]
      end

      # @param lane [String] a level
      # @param order [Integer] somebody's place in the roster, from 0: where groups rotate it says which group
      # @return [Array<Visit>] in order of time
      def visits(lane, order)
        groups = @timeline.blocks.filter_map { |line| line.groups && order % line.groups.size }
        @visits[[lane, groups]] ||= lay_out(lane, order)
      end

      # @return [Array<Option>] the hardest first; of one variation the higher number first
      def options(index)
        @options[index] ||= Options.new(@places[index].station, @house).all
      end

      # What a level is asked at a place.
      # @return [Option]
      def standard(index, level)
        (@standards ||= {})[[index, level]] ||= begin
          own = @places[index].station.at(level)
          options(index).find { |option| option.level == level && option.variation == own.variation } || option(index, own.variation, level)
        end
      end

      # @return [Option] a variation of any ladder, with the number that suits the level's
      def option(index, variation, level)
        Options.new(@places[index].station, @house).of(variation, level)
      end

      # Versions of other ladders that may stand in here: of the place's pattern, and those that work most of the same muscles.
      # @return [Hash{Symbol => Array<Catalogue::Variation>}] +:alike+ and +:others+, of either the hardest first
      def stand_ins(index)
        movement = @places[index].station.movement
        (@stand_ins ||= {})[movement.id] ||= begin
          alike, others = People::WaysRound.candidates(movement, @catalogue).partition { |way| way.kind == "pattern" }
          {alike: alike.map(&:variation).freeze, others: others.map(&:variation).freeze}.freeze
        end
      end

      # A variation of another ladder, with the number that suits the level.
      # @return [Option, nil] nil where it would be kept up for a time, and no window ends it
      def elsewhere(index, variation, level)
        (@elsewhere ||= {}).fetch([index, variation.id, level]) do |key|
          found = option(index, variation, level)
          @elsewhere[key] = (found.number || found.prescription.stop_s) ? found : nil
        end
      end

      # What one set asks, the same for everybody who is given it.
      # @return [Array<Capacity::Load>]
      def loads(option, visit)
        (@loads[option] ||= {})[[visit.round, visit.work_s, visit.part]] ||= work(option, visit)
      end

      # @return [Capacity::FatigueSimulation::Recovery] over so many seconds
      def recovery(seconds)
        @recovery[seconds]
      end

      private

      def work(option, visit)
        prescription = option.prescription
        counted = counted(option, visit)
        seconds = (option.unit == "work" && option.number) ? [option.number, visit.work_s].min : visit.work_s
        found = Capacity::Load.of(prescription, counted, seconds)
        (visit.part == 1) ? found : found.map { |load| Capacity::Load.new(load.pattern, load.demand, load.amount * visit.part, load.by_time) }
      end

      def counted(option, visit)
        prescription = option.prescription
        return prescription.counting.counted((visit.work_s / prescription.seconds_per_move).floor) if option.unit == "open"
        return 0 unless option.unit == "reps"
        counts = @places[visit.place].station.counts&.fetch(option.level)
        counts ? [counts[visit.round] || counts.values.last || 0, option.number].min : option.number
      end

      def lay_out(lane, order)
        now_s = 0
        kinds = {}
        raw(lane, order).map do |place, round, start_s, work_s, part|
          kind = kinds[[place.index, (round if place.station.counts), work_s, part]] ||= kinds.size
          time = Capacity::FatigueSimulation::Turn.of(recovery(start_s - now_s), recovery(work_s))
          now_s = start_s + work_s
          Visit.new(place.index, round, time, work_s, part, kind)
        end
      end

      def raw(lane, order)
        @timeline.blocks.flat_map do |line|
          visits = line.visits.fetch(lane, [])
          next rotated(line, visits, order) if line.groups
          visits.flat_map { |visit| sets(line.block, visit) }
        end
      end

      # A group meets its stations in its own order, on the lane's own clock.
      def rotated(line, visits, order)
        stops = line.groups[order % line.groups.size].stops
        visits.zip(stops).map do |visit, stop|
          [place(line.block.id, stop.station.id), visit.round, visit.start_s, stop.station.at(visit.prescription.level).stop_s, 1]
        end
      end

      def sets(block, visit)
        place = place(block.id, visit.station.id)
        return [[place, visit.round, visit.start_s, visit.work_s, 1]] unless visit.sets
        start_s = visit.start_s
        visit.sets.map do |count|
          seconds = visit.prescription.set_s(count)
          set = [place, visit.round, start_s, seconds, Rational(count, visit.sets.sum)]
          start_s += seconds + block.set_rest_s
          set
        end
      end
    end
  end
end
