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

      # @return [Hash] "limits" in words; "ladders" that are used in the main part, each with the "usual" version
      #   of their level, whether that "changes", and "instead": what is given, nil where they sit out
      def to_h
        {"limits" => @limits.map(&:words), "ladders" => @catalogue.select { |movement| movement.role == "main" }.map { |movement| ladder(movement) }}
      end

      private

      def ladder(movement)
        level = @person.levels.fetch(movement.pattern, @person.level)
        usual = movement.variation_for(level)
        way = Sparrow::People::WaysRound.first(movement, @limits, level: level, catalogue: @catalogue)
        {"movement" => movement.id, "name" => movement.name, "pattern" => movement.pattern, "level" => level, "usual" => version(usual),
         "changes" => way&.variation != usual, "instead" => way && version(way.variation).merge("kind" => way.kind)}
      end

      def version(variation)
        {"variation" => variation.id, "name" => variation.name}
      end
    end
  end
end
