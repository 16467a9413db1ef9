# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # The class stops at its hardest.
      class CoolDownMissing < OrderRule
        TOPIC = "opening"
        SOURCE = "safety"
        LENGTHS_S = [240, 120].freeze

        def findings
          return [] if @timeline.total_s.zero? || @workout.each_station.none? || @workout.blocks.any? { |block| block.role == "cool_down" }
          [finding("note", Place.workout, Sparrow.say("review.there_is_no_cool_down"),
            why: Sparrow.say("review.a_few_quiet_minutes_let_the"),
            fix: -> { fixes })]
        end

        private

        def fixes
          LENGTHS_S.map do |seconds|
            block = Planning::Suggest::CoolDown.new(@timeline, catalogue: @catalogue).call(seconds)["block"]
            Fix.set(Sparrow.say("review.add_a_cool_down_of", of: ClockText.of(seconds)), ["/blocks/-", block])
          end
        end
      end
    end
  end
end
