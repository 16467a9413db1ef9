# frozen_string_literal: true

module Sparrow
  module Fitting
    # What other ladders may give one person in place of a station's, in the order in which it is thought of.
    class StandIns
      # @param course [ClassLayout]
      # @param limits [Array<People::Limits::Limit>]
      # @param free [#call] whether nothing rules an option out, of a place's index and an Option
      def initialize(course, limits, free:)
        @course = course
        @limits = limits
        @free = free
      end

      # What the catalogue names for what must be spared, whatever its pattern; then the pattern; where nothing of
      # the pattern is free, and only then, what works most of the same muscles.
      # @param level [String]
      # @param named [Boolean] whether something must be spared here
      # @param muscles [Boolean] whether another pattern comes into question
      # @return [Enumerator<Option>] each version once, that nothing rules out
      def each(index, level, named:, muscles:)
        alike, others = @course.stand_ins(index).values_at(:alike, :others)
        first = named ? People::WaysRound.named(@course.places[index].station.movement, @limits, @course.catalogue) : []
        Enumerator.new do |found|
          free(index, [*first, *alike].uniq(&:id), level).each { |option| found << option }
          free(index, others, level).each { |option| found << option } if muscles && free(index, alike, level).none?
        end
      end

      private

      def free(index, variations, level)
        variations.lazy.filter_map { |variation| @course.elsewhere(index, variation, level) }.select { |option| @free.call(index, option) }
      end
    end
  end
end
