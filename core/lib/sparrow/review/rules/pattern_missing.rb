# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A whole class without a push, a pull, the legs or the trunk.
      class PatternMissing < OrderRule
        TOPIC = "balance"
        SOURCE = "house"
        # Fewer stations than this need not have everything.
        LEAST_STATIONS = 5

        def findings
          return [] if @facts.stations.size < LEAST_STATIONS || @facts.one_thing?
          missing = Facts::GROUPS.keys - @facts.groups
          return [] if missing.empty?
          [finding("note", Place.workout, Sparrow.say("review.there_is_nothing_for", kinds: Planning::Suggest.list(missing.map { |kind| Facts::KINDS.fetch(kind) })),
            why: Sparrow.say("review.over_weeks_what_is_left_out_falls_behind"), fix: -> { fixes(missing) })]
        end

        private

        # One movement for one of them; more would be another class.
        def fixes(missing)
          return [] unless missing.size == 1
          fresh = NewStation.new(@facts)
          fresh.fixes(fresh.movements { |movement| Facts::GROUP_OF[movement.pattern] == missing.first }, surplus)
        end

        # What is there more than once.
        def surplus
          counts = @facts.stations.flat_map { |_, station| @facts.groups_of(station) }.tally
          @facts.stations.select { |_, station| @facts.groups_of(station).size == 1 && counts[@facts.groups_of(station).first] > 1 }.sort_by { |_, station| -counts[@facts.groups_of(station).first] }
        end
      end
    end
  end
end
