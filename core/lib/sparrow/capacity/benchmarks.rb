# frozen_string_literal: true

module Sparrow
  module Capacity
    # The tests of core/data/house/benchmarks.yml.
    module Benchmarks
      Test = Value.of(:id, :name, :pattern, :yields, :unit, :cap_s, :most, :variations, :how, :counts)

      # @return [Array<Test>] in the order of the sheet
      def self.all
        @all ||= YAML.safe_load_file(File.join(DATA, "house", "benchmarks.yml")).map { |given| Test.new(**given.transform_keys(&:to_sym)) }.freeze
      end

      # @return [Test, nil]
      def self.find(id)
        all.find { |test| test.id == id }
      end

      # @return [Array<Problem>] what is wrong with one entry of the sheet
      def self.validation_errors(id, variation, amount, at: "")
        test = find(id)
        return [Problem.new(pointer: "#{at}/test", message: Sparrow.say("capacity.is_not_a_test_that_is"))] unless test
        [
          (Problem.new(pointer: "#{at}/variation", message: Sparrow.say("capacity.is_not_a_version_of_this")) unless test.variations.include?(variation)),
          (Problem.new(pointer: "#{at}/amount", message: Sparrow.say("capacity.must_be_from_0_to_most", most: test.most, unit: test.unit)) unless amount.is_a?(Integer) && (0..test.most).cover?(amount))
        ].compact
      end

      # @param typed [Integer] as counted in the test
      # @return [Rational] the clean maximum in moves, or the longest hold in seconds, that it stands for; of a test
      #   that the clock ends it may be below 0, for who does less than the model's easiest
      def self.stands_for(test, typed)
        return typed.to_r unless test.counts
        points = points(test)
        low, high = points.each_cons(2).find { |_, (count, _)| typed <= count } || points.last(2)
        amount = low.last + (high.last - low.last) * (typed - low.first) / (high.first - low.first).to_r
        (test.yields == "hold") ? [amount, 0].max : amount
      end

      # Each level's count against the clock, and what the level can do unhurried: by the model, so beyond a hundred too.
      # @return [Array<Array(Integer, Rational)>]
      def self.points(test)
        (@points ||= {})[test.id] ||= begin
          demand = Catalogue.house.variation(test.counts.fetch("variation")).exact_demand
          Level::ALL.map { |level| [test.counts.fetch(level), unhurried(test, Profile.of_level(level), demand)] }.freeze
        end
      end

      def self.unhurried(test, profile, demand)
        return Capacity.seconds(profile.holds.fetch(test.pattern).seconds.to_r, profile.holds.fetch(test.pattern).demand, demand) if test.yields == "hold"
        Capacity.k(test.pattern) * (profile.strengths.fetch(test.pattern) / demand - 1)
      end
      private_class_method :points, :unhurried

      # The ten minutes as a circuit: a station a test, everybody at their own variation.
      # @return [Hash] a workout document
      def self.circuit
        stations = all.each_with_index.map do |test, index|
          movement = Catalogue.house.movement(test.variations.first.split(".").first)
          variations = test.variations.map { |id| Catalogue.house.variation(id) }.select { |variation| variation.movement_id == movement.id }
          {"id" => "s#{index + 1}", "movement" => movement.id, "work_s" => test.cap_s || 60, "note" => test.how.slice(0, 200),
           "levels" => Level::ALL.each_with_index.to_h { |level, place| [level, {"variation" => variations[(place * (variations.size - 1) / 2.0).round].id}] }}
        end
        {"format" => "willing-sparrow/workout", "version" => 1, "title" => Sparrow.say("capacity.benchmark_class").to_s, "slot_minutes" => 15,
         "blocks" => [{"id" => "b1", "title" => Sparrow.say("capacity.seven_tests_as_many_or_as").to_s, "role" => "main", "format" => "intervals", "get_ready_s" => 20,
                       "rounds" => 1, "work_s" => 60, "rest_s" => 30, "scaling" => "clean_reps", "stations" => stations}]}
      end
    end
  end
end
