# frozen_string_literal: true

module Server
  module People
    # What is known of what somebody can do: tests taken, and sets after which they
    # said how many were left.
    module Evidence
      FOUND = Sparrow::Capacity::Estimate::Evidence

      # What is looked through, fetched for all of them at once.
      # @param people [Array<Records::Person>]
      def self.load(people)
        ActiveRecord::Associations::Preloader.new(records: people, associations: [:benchmarks]).call
        told = Records::Result.telling_of(people).group_by(&:person_id)
        people.each { |person| person.telling_results = told.fetch(person.id, []) }
      end

      # @param person [Records::Person] best loaded first
      # @param for_class [Records::GroupClass, nil] what came after it began is left out: a class is not fitted by its own log
      # @return [Array<Sparrow::Capacity::Estimate::Evidence>]
      def self.of(person, catalogue, for_class: nil)
        tests(person, catalogue, for_class) + results(person, catalogue, for_class)
      end

      def self.tests(person, catalogue, for_class)
        person.benchmarks.filter_map do |taken|
          next if for_class && taken.taken_on > for_class.day
          test = Sparrow::Capacity::Benchmarks.find(taken.test)
          rung = catalogue.variation(taken.variation)
          next unless test && rung
          FOUND.new(pattern: test.pattern, rung: rung, yields: (test.yields == "reps") ? "reps" : "hold",
            amount: Sparrow::Capacity::Benchmarks.stands_for(test, taken.amount), on: taken.taken_on, source: "measured")
        end
      end

      def self.results(person, catalogue, for_class)
        person.telling_results.filter_map do |result|
          next if for_class && (result.done_at >= for_class.starts_at || result.group_class_id == for_class.id)
          told_by(result, catalogue.variation(result.variation), result.done_at.to_date)
        end
      end

      # What was left, or the target that was not met. A target met with nothing
      # noted says only that it was not too much.
      def self.told_by(result, rung, on)
        return unless rung
        yields, amount = held_short(result) || counted(result, rung)
        FOUND.new(pattern: rung.pattern, rung: rung, yields: yields, amount: amount, on: on, source: "results") if amount&.positive?
      end

      def self.held_short(result)
        ["hold", result.seconds] if result.seconds && result.least && result.seconds < result.least
      end

      def self.counted(result, rung)
        return unless rung.counted? && result.reps && !Sparrow::Capacity::BY_TIME.include?(rung.pattern)
        short = result.least && result.reps < result.least
        return if result.reps_left.nil? && !short
        ["reps", per_side(rung, result.reps) + result.reps_left.to_i]
      end

      # Reps as counted are for both sides together where sides alternate.
      def self.per_side(rung, reps)
        moves = Sparrow::Counting.of(rung.counting).moves(reps)
        (rung.sides == "two_sided") ? moves : moves / 2
      end
      private_class_method :tests, :results, :told_by, :held_short, :counted, :per_side
    end
  end
end
