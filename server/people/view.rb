# frozen_string_literal: true

module Server
  module People
    # Everything that the studio keeps of one person, for its instructors.
    class View
      # @param person [Records::Person]
      # @param today [Date]
      def initialize(person, today: person.studio.today)
        People::Evidence.load([person])
        @person = person
        @today = today
        @catalogue = person.studio.catalogue
      end

      # @return [Hash]
      def to_h
        People::Row.new(@person).to_h.merge(
          "version" => @person.version, "health_version" => @person.health_version, "birth_year" => @person.birth_year, "levels" => @person.levels, "contact" => @person.contact || {},
          "consent_at" => Http::Json.instant(@person.health_consent_at), "health" => @person.health || {"limits" => []},
          "ruled_out" => People::RuledOut.of(@person.limits_on(@today), @catalogue), "benchmarks" => benchmarks, "capacity" => capacity,
          "attended" => @person.attendances.count(&:present)
        )
      end

      private

      def benchmarks
        @person.benchmarks.sort_by(&:taken_on).reverse.map do |taken|
          {"id" => taken.id, "test" => taken.test, "variation" => taken.variation, "amount" => taken.amount, "taken_on" => taken.taken_on.iso8601}
        end
      end

      def capacity
        estimates = @person.estimates(@today, catalogue: @catalogue)
        profile = estimates.profile
        estimates.all.map do |estimate|
          best = estimate.best
          {
            "pattern" => estimate.pattern, "level" => estimate.level, "source" => best.source, "known_on" => best.on&.iso8601, "stale" => best.stale,
            "factor" => best.factor.to_f, "rough" => best.rough, "strength" => estimate.reps&.value&.to_f&.round(4), "words" => estimate.words(@today),
            "history" => Sparrow::Capacity::History.new(estimate, @catalogue).measures.map { |measure| measure.merge("changes" => measure["changes"].to_s.then { |text| "#{text[0].upcase}#{text[1..]}." }) },
            "ladders" => Sparrow::Capacity::Prediction.of(estimate.pattern, profile, @catalogue)
          }
        end
      end
    end
  end
end
