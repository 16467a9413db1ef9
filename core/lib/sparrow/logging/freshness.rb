# frozen_string_literal: true

module Sparrow
  module Logging
    # How fresh somebody still was before the last set of each station, by the model and by what they did: what was there
    # late in a class is turned back by it to what is there fresh. It hangs on how strong they are, and that on it: so it is
    # worked out a few times, each time with the strength that the time before showed.
    class Freshness
      TURNS = 3
      # The model is not believed further.
      LEAST = 0.2

      # @param timeline [Plan::Timeline] of the run
      def initialize(timeline, catalogue: Catalogue.house)
        @course = Fitting::ClassLayout.new(timeline, catalogue: catalogue)
        @catalogue = catalogue
      end

      # @param results [Array<Result>] of one person
      # @param level [String] whose rounds and stops they followed
      # @param profile [Capacity::Profile] what was known of them before
      # @return [Array<Float, nil>] for each result, from LEAST to 1; nil where the model says nothing of it
      def of(results, level, profile)
        found = []
        TURNS.times do
          found = shares(results, level, profile)
          profile = shown(results.zip(found), profile)
        end
        found
      end

      private

      def shares(results, level, profile)
        forecast = Fitting::PersonForecast.new(@course, @course.visits(level, 0), profile)
        given = results.map { |result| done(result) }
        given.compact.each { |index, option| forecast.give(index, option) }
        given.zip(results).map { |(index, option), result| option && share(last_set(forecast.outlooks(index, option), result.rounds), option, profile) }
      end

      # @return [Array(Integer, Fitting::Option), nil] where, and what was done
      def done(result)
        place = @course.place(result.block, result.station) || @course.place(result.block, result.station, result.level)
        return if place.nil? || result.skipped
        variation = @catalogue.variation(result.variation)
        return unless variation || place.station.at(result.level)&.parts
        option = @course.option(place.index, variation, result.level)
        number = (option.unit == "reps") ? result.reps : result.seconds
        [place.index, (number&.positive? && option.unit != "open") ? @course.asking(option, number) : option]
      end

      # @param rounds [Integer, nil] how many rounds they did of it; nil for all
      # @return [Fitting::PersonForecast::SetOutlook, nil]
      def last_set(sets, rounds)
        round = rounds && sets.map(&:round).uniq[rounds - 1]
        (round ? sets.select { |set| set.round == round } : sets).last
      end

      # @param last [Fitting::PersonForecast::SetOutlook, nil]
      def share(last, option, profile)
        return unless last && option.variation
        most = last.by_time ? profile.seconds(option.pattern, option.demand) : profile.moves(option.pattern, option.demand)
        (last.available / most).clamp(LEAST, 1.0) if most&.positive?
      end

      # The profile that these results would show, each turned back by its share.
      def shown(pairs, profile)
        evidence = pairs.filter_map { |result, share| Capacity::Evidence.of_result(@catalogue.variation(result.variation), result.with(freshness: share), on: nil) if share && !result.skipped }
        counted, timed = evidence.partition { |item| item.yields == "reps" }
        profile.with(strengths: profile.strengths.merge(strongest(counted, profile.strengths)).freeze,
          holds: profile.holds.merge(strongest(timed, profile.holds.transform_values(&:reference)).transform_values { |value| Capacity::Profile::Hold.new(value, 1.0) }).freeze)
      end

      def strongest(evidence, known)
        evidence.group_by(&:pattern).to_h do |pattern, items|
          bounds, exact = items.partition(&:bound)
          least = [*bounds.map(&:value), (known[pattern] if exact.empty?)].compact.max
          [pattern, [(exact.sum(&:value) / exact.size unless exact.empty?), least].compact.max.to_f]
        end
      end
    end
  end
end
