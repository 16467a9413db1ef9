# frozen_string_literal: true

module Server
  # What is known of what somebody can do: tests taken, and sets after which they
  # said how many were left.
  module Evidence
    FOUND = Sparrow::Capacity::Estimate::Evidence

    # What is looked through, fetched for all of them at once.
    # @param people [Array<Records::Person>]
    def self.load(people)
      ActiveRecord::Associations::Preloader.new(records: people, associations: [:benchmarks, {attendances: [:run, :results]}]).call
    end

    # @param person [Records::Person] best loaded first
    # @return [Array<Sparrow::Capacity::Estimate::Evidence>]
    def self.of(person, catalogue)
      tests(person, catalogue) + results(person, catalogue)
    end

    def self.tests(person, catalogue)
      person.benchmarks.filter_map do |taken|
        test = Sparrow::Capacity::Benchmarks.find(taken.test)
        rung = catalogue.variation(taken.variation)
        next unless test && rung
        FOUND.new(pattern: test.pattern, rung: rung, yields: (test.yields == "reps") ? "reps" : "hold",
          amount: Sparrow::Capacity::Benchmarks.stands_for(test, taken.amount), on: taken.taken_on, source: "measured")
      end
    end

    # A target met with nothing noted says only that it was not too much.
    def self.results(person, catalogue)
      person.attendances.flat_map do |attendance|
        on = (attendance.run.started_at || attendance.run.created_at).to_date
        attendance.results.filter_map do |result|
          rung = catalogue.variation(result.variation)
          next unless rung&.counted? && result.reps && result.reps_left && !result.skipped && !Sparrow::Capacity::BY_TIME.include?(rung.pattern)
          FOUND.new(pattern: rung.pattern, rung: rung, yields: "reps", amount: per_side(rung, result.reps) + result.reps_left, on: on, source: "results")
        end
      end
    end

    # Reps as counted are for both sides together where sides alternate.
    def self.per_side(rung, reps)
      moves = Sparrow::Counting.of(rung.counting).moves(reps)
      (rung.sides == "two_sided") ? moves : moves / 2
    end
    private_class_method :tests, :results, :per_side
  end
end
