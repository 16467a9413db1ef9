# frozen_string_literal: true

module Server
  module People
    # What somebody's limits change, ladder by ladder, and what they get instead at their own level.
    class Reach
      # @param person [Records::Person]
      def initialize(person)
        @person = person
        @limits = person.limits_on(person.studio.today)
        @catalogue = person.studio.catalogue
      end

      # @return [Hash] "limits" in words; "ladders" that are used in the main part, each with how many of its versions
      #   are ruled out, and "instead": what is given at their level, nil where they sit out
      def to_h
        {"limits" => @limits.map(&:words), "ladders" => @catalogue.select { |movement| movement.role == "main" }.map { |movement| ladder(movement) }}
      end

      private

      def ladder(movement)
        out = movement.ladder.count { |variation| @limits.any? { |limit| limit.rules_out?(variation) } }
        level = @person.levels.fetch(movement.pattern, @person.level)
        way = Sparrow::People::WaysRound.first(movement, @limits, level: level, catalogue: @catalogue)
        {"movement" => movement.id, "name" => movement.name, "pattern" => movement.pattern, "level" => level, "ruled_out" => out, "of" => movement.ladder.size,
         "instead" => way && {"variation" => way.variation.id, "name" => way.variation.name, "kind" => way.kind}}
      end
    end
  end
end
