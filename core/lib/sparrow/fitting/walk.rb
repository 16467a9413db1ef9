# frozen_string_literal: true

module Sparrow
  module Fitting
    # One person taken through all rounds of the whole class, with what they are
    # given at each place. Only the pattern that is asked about is followed: every
    # other set tires it by its share, whatever its own state, so that a cell is
    # looked at in one pass over the class.
    class Walk
      PATTERNS = Catalogue::Movement::PATTERNS.each_with_index.to_h.freeze
      SHARES = Catalogue::Movement::PATTERNS.map { |one| Catalogue::Movement::PATTERNS.map { |other| Capacity::Fatigue.share(one, other) }.freeze }.freeze
      NEVER = [].freeze
      # One load of one set: +most+ fresh, nil where nothing is known; +added+ what
      # the set takes of it; +keep+ what others keep of their tiredness meanwhile.
      Entry = Value.row(:pattern, :most, :asked, :added, :keep, :by_time, :open)
      # One round at one place.
      Look = Value.row(:round, :available, :asked, :by_time, :open) do
        def left
          available - asked
        end
      end

      # @param course [Course]
      # @param profile [Capacity::Profile]
      # @param sore [Array<String>] joints; a rung that loads one is done with less
      def initialize(course, visits, profile, sore: [])
        @course = course
        @visits = visits
        @at = visits.group_by(&:place)
        @profile = profile
        @sore = sore
        @now = []
        @entries = {}
      end

      # @param option [Option, nil] nil for nothing
      def give(index, option)
        @now[index] = option && entries(index, option)
      end

      # @return [Boolean] whether the lane comes to this place at all
      def meets?(index)
        @at.key?(index)
      end

      # @return [Boolean] whether the model knows anything of what is asked here
      def known?(index, option)
        entries(index, option).any? { |turn| turn.any?(&:most) }
      end

      # @return [Float] the least that any set here leaves beyond what it must; infinite where nothing is known
      def slack(index, option, reserve)
        own = entries(index, option)
        patterns(own).map { |pattern| slack_in(pattern, index, own, reserve) }.min || Float::INFINITY
      end

      # @return [Boolean] whether every set here leaves so much
      def leaves?(index, option, reserve)
        slack(index, option, reserve) >= -Capacity::Forecast::TOLERANCE
      end

      # @return [Array<Look>] every set here, in order
      def looks(index, option)
        own = entries(index, option)
        found = []
        asked = patterns(own)
        asked.each do |pattern|
          follow(pattern, index, own) { |visit, available, entry| found << Look.new(visit.round, available, entry.asked, entry.by_time, entry.open) }
        end
        (asked.size > 1) ? found.sort_by.with_index { |look, at| [look.round, at] } : found
      end

      private

      def patterns(own)
        single = own.first if own.any? && own.first.size == 1
        return single.first.most ? [single.first.pattern] : [] if single
        own.flatten.select(&:most).map(&:pattern).uniq
      end

      # As follow does, but without a block: it is gone through for every rung that is thought of.
      def slack_in(pattern, index, own, reserve)
        least = Float::INFINITY
        tired = 0.0
        at = -1
        while (visit = @visits[at += 1])
          here = visit.place == index
          tired *= visit.rest_keep
          given = here ? own : @now[visit.place]
          next tired *= visit.work_keep unless given
          entries = given[visit.turn]
          part = -1
          while (entry = entries[part += 1])
            if entry.pattern == pattern
              left = here ? (1.0 - tired) * entry.most - must(entry, reserve) : least
              least = left if left < least
            else
              tired *= entry.keep
            end
            tired += SHARES[entry.pattern][pattern] * entry.added
            tired = 1.0 if tired > 1.0
          end
        end
        least
      end

      # @return [Numeric] what must be there for this set: what is asked, and the reserve
      def must(entry, reserve)
        entry.open ? LEAST + reserve : entry.asked + Capacity::Forecast.least(reserve, entry.asked, entry.by_time)
      end

      # Walks one pattern's tiredness; yields at the sets of this place.
      def follow(pattern, index, own)
        tired = 0.0
        @visits.each do |visit|
          here = visit.place == index
          tired *= visit.rest_keep
          given = here ? own : @now[visit.place]
          next tired *= visit.work_keep unless given
          given[visit.turn].each do |entry|
            same = entry.pattern == pattern
            yield visit, (1.0 - tired) * entry.most, entry if here && same
            tired *= entry.keep unless same
            tired += SHARES[entry.pattern][pattern] * entry.added
            tired = 1.0 if tired > 1.0
          end
        end
      end

      # @return [Array<Array<Entry>>] of each turn
      def entries(index, option)
        (@entries[index] ||= {}.compare_by_identity)[option] ||= begin
          kept = {}
          @at.fetch(index, NEVER).map { |visit| kept[visit.kind] ||= turn(option, visit) }
        end
      end

      def turn(option, visit)
        found = @course.loads(option, visit)
        weak = (@sore.any? && (option.joints & @sore).any?) ? Capacity::Estimate::SORE : 1
        keep = @course.keep(visit.work_s / found.size.to_f)
        found.map { |load| entry(load, weak, keep, option.unit == "open") }
      end

      def entry(load, weak, keep, open)
        most = load.by_time ? @profile.seconds(load.pattern, load.demand, part: weak) : @profile.moves(load.pattern, load.demand, part: weak)
        amount = load.amount.to_f
        asked = (open && most) ? [amount, most].min : amount
        Entry.new(PATTERNS.fetch(load.pattern), most, asked, added(asked, most), keep, load.by_time, open)
      end

      def added(asked, most)
        return 0.0 if most.nil?
        most.positive? ? asked / most : 1.0
      end
    end
  end
end
