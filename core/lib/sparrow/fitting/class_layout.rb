# frozen_string_literal: true

module Sparrow
  module Fitting
    # The class laid out once for everybody in it: its cells, each lane's visits
    # in order, and at each station the variations that may be given.
    class ClassLayout
      # +level+ is the level whose prescription is taken there, where rounds escalate from one to the next: then a
      # station has a place for each; else nil.
      Place = Value.row(:index, :block, :station, :level)
      # One set of one lane. +time+ is a Capacity::FatigueSimulation::Turn; +part+ is the
      # share of the number that is done in this set; sets of one +kind+ ask the same.
      Visit = Value.row(:place, :round, :time, :work_s, :part, :kind)

      attr_reader :places, :catalogue, :timeline

      # @param timeline [Plan::Timeline]
      def initialize(timeline, catalogue: Catalogue.house)
        @timeline = timeline
        @catalogue = catalogue
        @house = timeline.workout.house
        @places = timeline.workout.each_station.flat_map { |block, station| (block.escalate ? Level::ALL : [nil]).map { |level| [block, station, level] } }
          .each_with_index.map { |(block, station, level), index| Place.new(index, block, station, level).freeze }.freeze
        @at = @places.to_h { |place| [[place.block.id, place.station.id, place.level], place] }
        @visits = {}
        @options = {}
        @harder = {}
        @any = {}
        @stand_ins = {}
        @asking = {}.compare_by_identity
        @loads = {}.compare_by_identity
        @recovery = Hash.new { |hash, seconds| hash[seconds] = Capacity::FatigueSimulation.recovery(seconds) }
      end

      # @param level [String, nil] the level taken, where rounds escalate
      # @return [Place, nil]
      def place(block, station, level = nil)
        @at[[block, station, level]]
      end

      # @param level [String] somebody's
      # @return [Reserve]
      def reserve(level)
        (@reserves ||= {})[level] ||= Reserve.of(level, moves: @house.reserve).freeze
      end

      # @param lane [String] a level
      # @param order [Integer] somebody's place in the roster, from 0: where groups rotate it says which group
      # @return [Array<Visit>] in order of time
      def visits(lane, order)
        groups = @timeline.blocks.filter_map { |line| line.groups && Groups.of(line, order) }
        @visits[[lane, groups]] ||= lay_out(lane, order)
      end

      # @return [Array<Option>] the level's own first, then what is easier
      def options(index, level)
        (@options[level] ||= [])[index] ||= of(index).down_from(level)
      end

      # @return [Array<Option>] what is harder than the level's own, the next first
      def harder(index, level)
        (@harder[level] ||= [])[index] ||= of(index).up_from(level)
      end

      # @return [Catalogue::Movement, nil] of a level at a place; nil where it has a set of parts, or sits it out
      def movement(index, level)
        @places[index].station.at(level)&.movement
      end

      # @return [String, nil] the pattern in which all levels work at a place; nil where they work in different ones
      def pattern(index)
        (@patterns ||= @places.map { |place| pattern_of(place.station) })[index]
      end

      # What a level is asked at a place.
      # @return [Option, nil] nil where it sits the station out
      def standard(index, level)
        options(index, level).first
      end

      # @return [Option] a variation of any ladder, with the number that suits the level's; nil is a set of parts
      def option(index, variation, level)
        ((@any[level] ||= [])[index] ||= {})[variation&.id] ||= own(index, variation, level) || of(index).of(variation, level)
      end

      # @return [Option] the same variation asked for another number
      def asking(option, number)
        return option if number == option.number
        (@asking[option] ||= {})[number] ||= option.asking(number)
      end

      # What may stand in for a place's movement whatever is to be spared, in the order in which it is thought of: nothing
      # that asks more than the level's own version, or lands hard where that does not.
      # @param without [Array<String>] pieces that they must not need
      # @return [Array<Catalogue::Variation>]
      def stand_ins(index, level, without: [])
        ((@stand_ins[level] ||= [])[index] ||= {})[without] ||= begin
          standard = standard(index, level)
          @catalogue.alternatives(movement(index, level)).map(&:variation).select do |variation|
            People::WaysRound.within?(variation, level) && variation.demand_value <= standard.demand && (variation.impact != "high" || standard.hard_landing?) && (variation.pieces & without).empty?
          end.freeze
        end
      end

      # The most of an option that the house's profile of a level would do here, all else as its plan has it.
      # @param numbers [Array<Integer>] the highest first
      # @param pacing_level [String] whose rounds and stops are followed
      # @return [Integer, nil]
      def house_most(index, option, numbers, pacing_level:)
        (@house_most ||= {}).fetch([index, option.variation&.id, option.level, pacing_level]) { |key| @house_most[key] = house(option.level, pacing_level).highest(index, option, numbers) }
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

      def pattern_of(station)
        patterns = station.levels.each_value.map { |cell| cell.movement&.pattern }
        patterns.first if patterns.size == Level::ALL.size && patterns.uniq.size == 1
      end

      def own(index, variation, level)
        options(index, level).find { |option| option.variation == variation } || harder(index, level).find { |option| option.variation == variation }
      end

      def of(index)
        (@of ||= {})[index] ||= Options.new(@places[index].block, @places[index].station, @catalogue)
      end

      # @return [Highest] of the level's house profile, given what its plan says
      def house(level, pacing_level)
        (@houses ||= {})[[level, pacing_level]] ||= begin
          forecast = PersonForecast.new(self, visits(pacing_level, 0), Capacity::Profile.of_level(level))
          @places.each { |place| forecast.give(place.index, standard(place.index, place.level || level)) }
          Highest.new(self, forecast, reserve(level))
        end
      end

      def work(option, visit)
        prescription = option.prescription
        counted = counted(option, visit)
        seconds = (option.unit == "work") ? kept_up(option, visit) : visit.work_s
        found = Capacity::Load.of(prescription, counted, seconds)
        (visit.part == 1) ? found : found.map { |load| Capacity::Load.new(load.pattern, load.demand, load.amount * visit.part, load.by_time) }
      end

      # No window ends what people pace.
      def kept_up(option, visit)
        return option.number || option.top unless @places[visit.place].block.timed?
        option.number ? [option.number, visit.work_s].min : visit.work_s
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
          next rotated(line, lane, order) if line.groups
          visits.flat_map { |visit| sets(line.block, visit) }
        end
      end

      # A group meets its stations in its own order, on the lane's own clock.
      def rotated(line, lane, order)
        block = line.block
        line.groups[Groups.of(line, order)].stops.select { |stop| stop.round <= block.rounds_for(lane) }.filter_map do |stop|
          level = block.level_taken(lane, stop.round)
          prescription = stop.station.at(level) or next
          [place(block.id, stop.station.id, (level if block.escalate)), stop.round, stop.start_s, prescription.stop_s(stop.round), 1]
        end
      end

      def taken(block, visit)
        block.escalate ? visit.prescription.level : nil
      end

      def sets(block, visit)
        place = place(block.id, visit.station.id, taken(block, visit))
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
