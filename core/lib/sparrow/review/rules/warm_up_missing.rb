# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # Work begins cold.
      class WarmUpMissing < OrderRule
        TOPIC = "opening"
        SOURCE = "safety"
        LENGTHS_S = [300, 180].freeze

        def findings
          return [] if @timeline.total_s.zero? || @workout.each_station.none? || @workout.blocks.any? { |block| block.role == "warm_up" }
          [finding("warn", Place.workout, Sparrow.say("review.there_is_no_warm_up"),
            why: Sparrow.say("review.joints_and_pulse_go_from_nothing"),
            fix: -> { fixes })]
        end

        private

        # Of five minutes; of less where the slot has no more. Before it stands what is said, not what is done.
        def fixes
          at = @workout.blocks.index { |block| block.stations.any? } || 0
          LENGTHS_S.map do |seconds|
            block = Planning::Suggest::WarmUp.new(@timeline, catalogue: @catalogue).call(seconds)["block"]
            Fix.set(Sparrow.say("review.add_a_warm_up_of", of: ClockText.of(seconds)), ["/blocks/#{at}", block])
          end
        end
      end
    end
  end
end
