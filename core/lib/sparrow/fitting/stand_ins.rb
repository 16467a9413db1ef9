# frozen_string_literal: true

module Sparrow
  module Fitting
    # What other ladders may give one person in place of a station's own.
    class StandIns
      # @param course [ClassLayout]
      # @param allowed [#call] whether nothing but limits rules an option out here, of a place's index and an Option
      def initialize(course, allowed)
        @course = course
        @allowed = allowed
      end

      # What the catalogue names for what must be spared, whatever its pattern: that version and the harder ones of its
      # ladder, down from the level's own.
      # @param limits [Array<People::Limits::Limit>]
      # @param level [String]
      # @return [Array<Option>] of one pattern the easiest named alone: another limit must not make it harder
      def named(index, limits, level)
        movement = @course.movement(index, level)
        found = People::WaysRound.named(movement, limits, @course.catalogue).group_by(&:pattern).map { |_, alike| alike.min_by(&:demand_value) }
        found.flat_map { |variation| from(variation, level, movement) }.filter_map { |variation| option(index, variation, level) }
      end

      # What works most of the same muscles, first of the pattern itself; then the rest of the pattern. Nothing that asks
      # more than the level's own version, or lands hard where that does not; of one pattern each easier than the one before.
      # @param level [String]
      # @param without [Array<String>] pieces that it must not need
      # @yieldparam option [Option] one after the other, so that nobody works out more of them than are looked at
      def each_other(index, level, without: [])
        least = {}
        @course.stand_ins(index, level, without: without).each do |variation|
          option = @course.option(index, variation, level)
          next if (held = least[option.pattern]) && option.demand > held
          next unless @allowed.call(index, option)
          least[option.pattern] = option.demand
          yield option
        end
      end

      private

      def from(variation, level, movement)
        return [variation] if variation.movement_id == movement.id
        ladder = @course.catalogue.movement(variation.movement_id).ladder
        above = ladder.drop_while { |held| held != variation }.drop(1).select { |held| People::WaysRound.within?(held, level) && held.impact != "high" }
        [*above.reverse, variation]
      end

      def option(index, variation, level)
        found = @course.option(index, variation, level)
        found if @allowed.call(index, found)
      end
    end
  end
end
