# frozen_string_literal: true

module Sparrow
  module Fitting
    # One person taken through all rounds of the whole class, with what they are
    # given at each place, by the model of fatigue that the levels go through too.
    class PersonForecast
      # One set: what is there before it and what it asks, moves per working side or seconds.
      SetOutlook = Value.row(:round, :available, :asked, :by_time, :open) do
        # @return [Float] left undone
        def left
          available - asked
        end
      end

      # @param course [ClassLayout]
      # @param visits [Array<ClassLayout::Visit>] the person's, in order of time
      # @param profile [Capacity::Profile]
      def initialize(course, visits, profile)
        @course = course
        @turns = visits.map(&:time)
        @at = visits.each_index.with_object([]) { |at, places| (places[visits[at].place] ||= []) << at }
        @visits = visits
        @profile = profile
        @loads = Array.new(visits.size)
        @asked = {}
        @watched = {}
        @moments = {}
      end

      # @param option [Option, nil] nil for nothing
      def give(index, option)
        put(index, option && asked(index, option).loads)
        first = at(index).first
        @moments.each_value { |known| known.pop while known.last.at > first } if first
      end

      # @return [Boolean] whether the person comes to this place at all
      def meets?(index)
        at(index).any?
      end

      # @return [Boolean] whether the model knows anything of what is asked here
      def known?(index, option)
        asked(index, option).sets.any?
      end

      # @param reserve [Reserve]
      # @return [Float] the least that any set here leaves beyond what it must; infinite where nothing is known
      def slack(index, option, reserve)
        least = Float::INFINITY
        each_pattern(index, asked(index, option)) do |sets, there|
          at = -1
          while (set = sets[at += 1])
            left = there[at] - (set.open ? reserve.needs_open : reserve.needs(set.amount, set.by_time))
            least = left if left < least
          end
        end
        least
      end

      # @param reserve [Reserve]
      # @return [Boolean] whether every set here leaves so much
      def leaves?(index, option, reserve)
        slack(index, option, reserve) >= -Capacity::Forecast::TOLERANCE
      end

      # @return [Array<SetOutlook>] every set here of which something is known, in order
      def outlooks(index, option)
        asked = asked(index, option)
        there = {}
        each_pattern(index, asked) { |sets, available| there[sets.first.pattern] = available.each }
        at(index).zip(asked.loads).flat_map do |at, sets|
          sets.select(&:most).map { |set| SetOutlook.new(@visits[at].round, there.fetch(set.pattern).next.clamp(0.0, nil), set.amount, set.by_time, set.open) }
        end
      end

      private

      # What an option asks at a place: +loads+ of each visit to it, and +sets+, those of
      # them of which something is known, by pattern and in order.
      Asked = Value.row(:loads, :sets)
      NEVER = [].freeze
      private_constant :Asked, :NEVER

      def at(index)
        @at[index] || NEVER
      end

      def put(index, loads)
        turn = -1
        visits = at(index)
        while (at = visits[turn += 1])
          @loads[at] = loads && loads[turn]
        end
      end

      # What is there before each set here, were this given; nothing stays changed.
      # @yieldparam sets [Array<SetLoad>] of one pattern
      # @yieldparam there [Array<Float>] before each of them
      def each_pattern(index, asked)
        return if asked.sets.empty?
        visits = at(index)
        before = visits.map { |at| @loads[at] }
        put(index, asked.loads)
        asked.sets.each do |pattern, sets|
          yield sets, Capacity::FatigueSimulation.left(@turns, @loads, pattern, from: moment(pattern, visits.first), upto: visits.last + 1, watched: watched(index))
        end
        put(index, before)
      end

      # How full a pattern's stores are before a turn: what comes earlier is gone through once, until it changes.
      # @param turn [Integer]
      # @return [Capacity::FatigueSimulation::Moment]
      def moment(pattern, turn)
        known = @moments[pattern] ||= [Capacity::FatigueSimulation::START]
        later = known.bsearch_index { |moment| moment.at > turn } || known.size
        before = known[later - 1]
        return before if before.at == turn
        Capacity::FatigueSimulation.moment(@turns, @loads, pattern, from: before, upto: turn).tap { |moment| known.insert(later, moment) }
      end

      def watched(index)
        @watched[index] ||= Array.new(@turns.size, false).tap { |all| at(index).each { |at| all[at] = true } }.freeze
      end

      # @return [Asked]
      def asked(index, option)
        (@asked[index] ||= {}.compare_by_identity)[option] ||= begin
          kept = {}
          loads = at(index).map { |at| kept[@visits[at].kind] ||= loads(option, @visits[at]) }
          Asked.new(loads, by_pattern(loads))
        end
      end

      # Gone through for every version and number that is thought of.
      def by_pattern(loads)
        loads.each_with_object({}) do |sets, found|
          sets.each { |set| (found[set.pattern] ||= []) << set if set.most }
        end
      end

      def loads(option, visit)
        found = @course.loads(option, visit)
        recovery = @course.recovery(visit.work_s / found.size.to_f)
        found.map { |load| Capacity::FatigueSimulation::SetLoad.of(load, @profile.most(load), recovery, open: option.unit == "open") }
      end
    end
  end
end
