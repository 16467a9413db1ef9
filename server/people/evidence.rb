# frozen_string_literal: true

module Server
  module People
    # What is known of what somebody can do: tests taken, and what was logged.
    module Evidence
      # What is looked through, fetched for all of them at once.
      # @param people [Array<Records::Person>]
      def self.load(people)
        ActiveRecord::Associations::Preloader.new(records: people, associations: [:benchmarks]).call
        told = Records::Result.telling_of(people).group_by(&:person_id)
        people.each { |person| person.telling_results = told.fetch(person.id, []) }
      end

      # @param person [Records::Person] best loaded first
      # @param for_class [Records::GroupClass, nil] what came after it began is left out: a class is not fitted by its own log
      # @return [Array<Sparrow::Capacity::Evidence>]
      def self.of(person, catalogue, for_class: nil)
        tests(person, catalogue, for_class) + results(person, catalogue, for_class)
      end

      def self.tests(person, catalogue, for_class)
        person.benchmarks.reject { |taken| for_class && taken.taken_on > for_class.day }
          .filter_map { |taken| Sparrow::Capacity::Evidence.of_test(taken.test, catalogue.variation(taken.variation), taken.amount, on: taken.taken_on) }
      end

      def self.results(person, catalogue, for_class)
        person.telling_results.reject { |result| for_class && (result.done_at >= for_class.starts_at || result.group_class_id == for_class.id) }
          .filter_map { |result| Sparrow::Capacity::Evidence.of_result(catalogue.variation(result.variation), result, on: result.done_at.to_date, hurt: result.hurt) }
      end
      private_class_method :tests, :results
    end
  end
end
