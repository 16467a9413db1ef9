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
    # @param before [Time, nil] what came then or later is left out: a class is not fitted by its own log
    # @return [Array<Sparrow::Capacity::Estimate::Evidence>]
    def self.of(person, catalogue, before: nil)
      tests(person, catalogue, before) + results(person, catalogue, before)
    end

    def self.tests(person, catalogue, before)
      person.benchmarks.filter_map do |taken|
        next if before && taken.taken_on > before.to_date
        test = Sparrow::Capacity::Benchmarks.find(taken.test)
        rung = catalogue.variation(taken.variation)
        next unless test && rung
        FOUND.new(pattern: test.pattern, rung: rung, yields: (test.yields == "reps") ? "reps" : "hold",
          amount: Sparrow::Capacity::Benchmarks.stands_for(test, taken.amount), on: taken.taken_on, source: "measured")
      end
    end

    def self.results(person, catalogue, before)
      person.attendances.flat_map do |attendance|
        at = attendance.run.started_at || attendance.run.created_at
        next [] if before && at >= before
        attendance.results.filter_map { |result| told_by(result, catalogue.variation(result.variation), at.to_date) }
      end
    end

    # What was left, or the target that was not met. A target met with nothing
    # noted says only that it was not too much.
    def self.told_by(result, rung, on)
      return if rung.nil? || result.skipped
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
