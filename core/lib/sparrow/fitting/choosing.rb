# frozen_string_literal: true

module Sparrow
  module Fitting
    # What one person is given at one place by the rules, all other places as they are: the level's own version with the
    # highest number from its target down to half of it that leaves the reserve; else the next easier version; else the
    # easiest with fewer; else something that stands in; else nothing.
    #
    # A limit never makes it harder. What would be given with one limit fewer is a ceiling in its pattern, and so it
    # is worked out first, for each limit on which something here hangs.
    class Choosing
      # Beyond so many limits at one place the ceilings are those of each limit by itself.
      MOST_LIMITS = 5

      # @param course [ClassLayout]
      # @param allowed [Allowed]
      # @param highest [#call] of a pattern's level, a Highest
      # @param level [#call] of a place, the person's level there
      # @param used [#call] of a place's index, the ids of the versions given at other places
      def initialize(course, allowed, level:, highest:, used:)
        @course = course
        @allowed = allowed
        @level = level
        @highest = highest
        @used = used
        @stand_ins = StandIns.new(course, ->(index, option) { house(index, option).nil? })
        @down = {}
      end

      # @param limits [Array<People::Limits::Limit>]
      # @return [Assignment::Assigned]
      def best(index, limits)
        limits.empty? ? pick(index, limits, NONE) : decide(index, limits, {}).first
      end

      # @return [Array<Option>] the level's own and what is easier, that nothing rules out
      def free(index)
        down(index).select { |option| @allowed.limit(option).nil? }
      end

      # What may stand in here, one after the other: one that stands nowhere else in the class first.
      # @param without [Array<String>] pieces that it must not need
      # @return [Enumerator<Option>]
      def stand_ins(index, limits, without: [])
        return to_enum(:stand_ins, index, limits, without: without) unless block_given?
        candidates(index, limits, without) { |option| yield option if free_of?(option, limits) && (without.empty? || (option.equipment & without).empty?) }
      end

      # What stands in here without some pieces of kit.
      # @param without [Array<String>]
      # @return [Option, nil] with a number that holds
      def standing_in(index, limits, without:)
        stand_ins(index, limits, without: without) do |option|
          found = @highest.call(index).best(index, option, to: option.least)
          return found if found
        end
        nil
      end

      private

      # No ceiling in any pattern.
      NONE = {}.freeze
      private_constant :NONE

      def level(index)
        @level.call(@course.places[index])
      end

      def movement(index)
        @course.movement(index, level(index))
      end

      def house(index, option)
        @allowed.house(option, @course.standard(index, level(index)))
      end

      def down(index)
        @down[index] ||= @course.options(index, level(index)).select { |option| house(index, option).nil? }
      end

      def free_of?(option, limits)
        limits.empty? || (@allowed.ruling(option) & limits).empty?
      end

      # @return [Array(Assignment::Assigned, Hash{String => Numeric})] what is given, and by pattern the least that is given
      #   with these limits or with fewer
      def decide(index, limits, known)
        known[limits] ||= begin
          hangs_on = limits.select { |limit| matters?(index, limit) }
          fewer = hangs_on.map { |limit| decide(index, (hangs_on.size > MOST_LIMITS) ? [limit] : limits - [limit], known) }
          ceilings = fewer.map(&:last).reduce({}) { |least, other| least.merge(other) { |_, one, two| [one, two].min } }
          assigned = fewer.map(&:first).find { |less| less.kind == "sit_out" } || pick(index, limits, ceilings)
          [assigned, with(ceilings, assigned.option)]
        end
      end

      def with(ceilings, option)
        return ceilings unless option
        ceilings.merge(option.pattern => [ceilings[option.pattern], option.demand].compact.min)
      end

      def matters?(index, limit)
        station = @course.places[index].station
        movement(index)&.spares&.key?(limit.kind) || station.alternatives.each_value.any? { |variation| limit.rules_out?(variation) } || @course.options(index, level(index)).any? { |option| @allowed.ruling(option).include?(limit) }
      end

      def pick(index, limits, ceilings)
        highest = @highest.call(index)
        planned = alternative(index, limits, ceilings)
        return Assignment::Assigned.new(planned, "substitute") if planned
        easiest = nil
        down(index).each do |option|
          next unless free_of?(option, limits) && under?(option, ceilings)
          fits = highest.best(index, easiest = option)
          return assigned(index, fits, "fits") if fits
        end
        less = easiest && highest.best(index, easiest, to: easiest.least)
        return assigned(index, less, "lowered") if less
        instead = stand_in(index, limits, ceilings)
        instead ? Assignment::Assigned.new(instead, "substitute") : Assignment::Assigned.new(nil, "sit_out")
      end

      # What the station itself says for a joint that must be spared here.
      # @return [Option, nil]
      def alternative(index, limits, ceilings)
        place = @course.places[index]
        return if limits.empty? || place.station.alternatives.empty?
        against = @allowed.ruling(@course.standard(index, level(index))) & limits
        against.filter_map { |limit| place.station.alternatives[limit.kind] }.each do |variation|
          option = @course.option(index, variation, level(index))
          next unless free_of?(option, limits) && house(index, option).nil? && under?(option, ceilings)
          found = @highest.call(index).best(index, option, to: option.least)
          return found if found
        end
        nil
      end

      def assigned(index, option, kind)
        known = @highest.call(index).says?(index, option)
        Assignment::Assigned.new(option, known ? kind : "unknown")
      end

      # What is no easier than something that was too much is too much. What a limit rules out, and would have held, is a
      # ceiling too: with that limit fewer it would be given.
      def stand_in(index, limits, ceilings)
        too_much = too_much(index)
        candidates(index, limits, []) do |option|
          next unless under?(option, ceilings) && option.demand < too_much[option.pattern]
          found = @highest.call(index).best(index, option, to: option.least)
          return found if found && free_of?(option, limits)
          found ? ceilings = with(ceilings, found) : too_much[option.pattern] = option.demand
        end
        nil
      end

      def candidates(index, limits, without)
        return unless movement(index)
        used = @used.call(index)
        seen, later = {}, []
        look = lambda do |option|
          id = option.variation.id
          next if seen[id]
          seen[id] = true
          used.include?(id) ? later << option : yield(option)
        end
        @stand_ins.named(index, limits, level(index)).each(&look)
        @stand_ins.each_other(index, level(index), without: without, &look)
        later.each { |option| yield option }
      end

      # @return [Hash{String => Numeric}] of the place's pattern the demand of the easiest version, where that is too much
      def too_much(index)
        found = Hash.new(Float::INFINITY)
        easiest = down(index).last
        found[easiest.pattern] = easiest.demand if easiest && @highest.call(index).best(index, easiest, to: easiest.least).nil?
        found
      end

      def under?(option, ceilings)
        ceiling = ceilings[option.pattern]
        ceiling.nil? || option.demand <= ceiling
      end
    end
  end
end
