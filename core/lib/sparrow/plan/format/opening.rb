# frozen_string_literal: true

module Sparrow
  module Plan
    class Format
      # With what a block of a format begins, and a new station in it.
      module Opening
        # @return [Hash] what a block opens with where nothing was typed yet
        def opening
          fields.reject { |field| field.opening.nil? }.to_h { |field| [field.key, field.opening] }
        end

        # Seconds to get ready, and between two rounds, with which any block begins that knows of them.
        BEGINS = {"get_ready_s" => 10, "round_rest_s" => 60}.freeze
        OPENED_ROLES = %w[warm_up main finisher cool_down].freeze

        # @return [Hash{String => Hash}] what a block opens with, by its role
        def openings
          return {} unless stations?
          OPENED_ROLES.to_h { |role| [role, {**opening, **BEGINS.slice(*@by_key.keys), **opening_for(role)}.compact] }
        end

        # @return [Hash] what a block of that role opens with in place of the rest; nil takes a key away
        def opening_for(_role)
          {}
        end

        # The total with which a level opens at a new station, made of so many of the number of one set.
        # @return [Hash, nil] "min", "max" and "set", the number where the version has none
        def day_sets
          nil
        end

        # The prescriptions with which a new station of a movement opens in it.
        # @param levels [Hash{String => Hash}] those of the movement
        def open_levels(levels)
          levels
        end
      end
    end
  end
end
