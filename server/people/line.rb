# frozen_string_literal: true

module Server
  module People
    # A participant in a list: a name and the level they usually follow.
    class Line
      # @param person [Records::Person]
      def initialize(person)
        @person = person
      end

      # @return [Hash]
      def to_h
        @person.attributes.slice("id", "name", "level")
      end
    end
  end
end
