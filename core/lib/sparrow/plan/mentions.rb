# frozen_string_literal: true

module Sparrow
  module Plan
    # The movements and versions that a document names, before it is read: to send a studio's own along with a
    # circuit, to call them otherwise where another studio has that name, and to say what kit a circuit needs.
    module Mentions
      MOVEMENT = "movement"
      VARIATION = "variation"

      # @param document [Object] a workout document, sound or not
      # @return [Array<String>] ids of movements, each once
      def self.movements(document)
        found = []
        each(document) { |key, value| found << value.split(".").first if [MOVEMENT, VARIATION].include?(key) && !value.empty? }
        found.uniq
      end

      # @param held [Object] a workout document, or a movement's
      # @return [Object] the same with a movement called otherwise, and its versions with it
      def self.renamed(held, from, to)
        case held
        when Hash then held.to_h { |key, value| [key, renamed(value, from, to)] }
        when Array then held.map { |value| renamed(value, from, to) }
        when from then to
        when String then held.start_with?("#{from}.") ? held.sub(from, to) : held
        else held
        end
      end

      # @param document [Hash] a sound workout document
      # @return [Array<String>] pieces of kit that somebody needs there, walls left out
      def self.kit(document, catalogue)
        variations = document.fetch("blocks", []).flat_map { |block| block["stations"] || [] }.flat_map { |station| of_station(station, catalogue) }
        (variations.compact.flat_map(&:pieces).uniq - Kit::SHARED).sort
      end

      def self.of_station(station, catalogue)
        station.fetch("levels", {}).reject { |_, held| held["sits_out"] }.flat_map do |level, held|
          next [catalogue.variation(held["variation"])] if held["variation"]
          (held["parts"] || station["parts"] || []).map { |part| catalogue.movement(part["movement"])&.variation_for(level) }
        end
      end

      # @yieldparam key [String]
      # @yieldparam value [String]
      def self.each(held, &block)
        case held
        when Hash then held.each { |key, value| value.is_a?(String) ? yield(key, value) : each(value, &block) }
        when Array then held.each { |value| each(value, &block) }
        end
      end
      private_class_method :of_station, :each
    end
  end
end
