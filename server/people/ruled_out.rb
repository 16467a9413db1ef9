# frozen_string_literal: true

module Server
  module People
    # What limits rule out on the catalogue.
    module RuledOut
      # @param limits [Array<Sparrow::People::Limits::Limit>]
      # @return [Hash{String => String}] variation to the limit that rules it out
      def self.of(limits, catalogue)
        return {} if limits.empty?
        catalogue.flat_map(&:ladder).filter_map { |variation| (limit = limits.find { |held| held.rules_out?(variation) }) && [variation.id, limit.words] }.to_h
      end
    end
  end
end
