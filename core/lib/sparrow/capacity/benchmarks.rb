# frozen_string_literal: true

module Sparrow
  module Capacity
    # The tests of core/data/house/benchmarks.yml.
    module Benchmarks
      Test = Value.of(:id, :name, :pattern, :yields, :unit, :cap_s, :most, :variations, :how, :table, :times)

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
      # @return [Numeric] the clean maximum, or the longest hold, that it stands for
      def self.stands_for(test, typed)
        return seconds(test, typed) if test.yields == "rate"
        typed * Rational((test.times || 1).to_s)
      end

      # A step rate in seconds, between the points of the table.
      # @return [Float]
      def self.seconds(test, rate)
        low, high = test.table.each_cons(2).find { |(from, _), (to, _)| rate.between?(from, to) }
        low.last + (high.last - low.last) * (rate - low.first) / (high.first - low.first).to_f
      end

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
