# frozen_string_literal: true

module Sparrow
  module People
    module Limits
      # One limit of one person. +severity+ is "avoid": no variation that asks for it; or
      # "gently": such variations only from the beginner's band, and never with impact.
      # +starts_on+ and +ends_on+ are Dates, both of them within; nil is open.
      class Limit < Value.of(:kind, :side, :severity, :starts_on, :ends_on)
        # @param date [Date]
        def on?(date)
          (starts_on.nil? || starts_on <= date) && (ends_on.nil? || date <= ends_on)
        end

        # @param variation [Catalogue::Variation]
        def rules_out?(variation)
          return false unless Limits.asks?(variation, kind)
          severity == "avoid" || variation.impact != "none" || !variation.levels.include?("beginner")
        end

        # @return [String] "left knee: avoid"
        def words
          named = [(Sparrow.word(side) unless side.nil? || side == "both"), Limits.words(kind)].compact.join(" ")
          (severity == "avoid") ? named : Sparrow.say("people.named_gently", named: named)
        end
      end
    end
  end
end
