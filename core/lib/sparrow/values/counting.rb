# frozen_string_literal: true

module Sparrow
  # How the number called aloud turns into moves done: “12 counted, 24 moves”.
  class Counting < Value.of(:rule, :parts_sum)
    RULES = %w[each per_side pair one_side compound].freeze

    # @param rule [String] one of RULES
    # @param parts [Array<Integer>] moves of each part, for "compound" only
    # @raise [ArgumentError] for an unknown rule, or a compound without parts
    def self.of(rule, parts: [])
      raise ArgumentError, "unknown counting rule #{rule.inspect}" unless RULES.include?(rule)
      raise ArgumentError, "a compound count needs its parts" if rule == "compound" && parts.empty?
      new(rule: rule, parts_sum: parts.sum)
    end

    # @return [Integer] moves in one counted rep
    def moves_per_count
      case rule
      when "each" then 1
      when "compound" then parts_sum
      else 2
      end
    end

    # @param counted [Integer] the number as called
    # @return [Integer] moves done
    def moves(counted)
      counted * moves_per_count
    end

    # @param moves [Integer]
    # @return [Integer] whole counted reps in so many moves
    def counted(moves)
      moves / moves_per_count
    end
  end
end
