# frozen_string_literal: true

module Sparrow
  module Plan
    class Format
      # One key of a block: its shape, what it is called, and how it is offered.
      # +kind+ says how it is typed: "seconds", "count", "flag", "choice", "by_level".
      # +place+ is where the board has it: "clock", the numbers that are always there,
      # "more", what is asked for less often, or nil. +hint+ says what an empty one means,
      # +opening+ what a new block has there, +default+ what counts where it is left out.
      # +options+ are pairs of a value and its label.
      class Field < Value.of(:key, :shape, :kind, :label, :place, :needed, :opening, :default, :hint, :options)
        # @return [Array<String>, nil] the values that may be chosen
        def choices
          options&.map(&:first)
        end

        # @return [Hash] as GET /api/formats answers
        def to_h
          {"key" => key, "kind" => kind, "label" => label, "place" => place, "needed" => needed || false,
           **{"opening" => opening, "default" => default, "hint" => hint}.compact,
           **(options ? {"options" => options.map { |value, text| {"value" => value, "label" => text} }} : {})}
        end
      end
    end
  end
end
