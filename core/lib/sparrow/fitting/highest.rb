# frozen_string_literal: true

module Sparrow
  module Fitting
    # The highest number of an option that leaves the reserve in every set of it, all other places as they are.
    class Highest
      # @param course [ClassLayout]
      # @param forecast [PersonForecast]
      # @param reserve [Reserve]
      def initialize(course, forecast, reserve)
        @course = course
        @forecast = forecast
        @reserve = reserve
      end

      # @return [Boolean] whether the model says how much of it is there, or nobody comes here in time
      def says?(index, option)
        !@forecast.meets?(index) || @forecast.known?(index, option)
      end

      # @param numbers [Array<Integer>] the highest first
      # @return [Integer, nil] nil where not the least does, or there are none
      def highest(index, option, numbers)
        return if numbers.empty?
        holds = ->(at) { holds?(index, @course.asking(option, numbers[at])) }
        return numbers.first if holds.call(0)
        found = (1...numbers.size).bsearch(&holds)
        found && numbers[found]
      end

      # @return [Boolean] whether every set of it leaves the reserve
      def holds?(index, option)
        @forecast.leaves?(index, option, @reserve)
      end

      # @param to [Integer] the lowest number that will do
      # @return [Option, nil] with the highest number from the top to that which holds; as many as one can where that holds
      def best(index, option, to: option.low)
        return option if holds?(index, option)
        return if option.unit == "open"
        number = highest(index, option, option.numbers(to: to).drop(1))
        number && @course.asking(option, number)
      end
    end
  end
end
