# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A warm-up of a minute before half an hour of work.
      class WarmUpShort < OrderRule
        TOPIC = "opening"
        SOURCE = "house"
        LEAST_S = 180
        # Shorter classes than this may begin as they like.
        OF_S = 900
        GOOD_S = 300
        MOST_ROUNDS = 4

        def findings
          lines = @timeline.blocks.select { |line| line.block.role == "warm_up" }
          total_s = lines.sum(&:total_s)
          return [] if lines.empty? || total_s >= LEAST_S || @timeline.total_s < OF_S
          [finding("warn", Place.block(lines.first.block), Sparrow.say("review.the_warm_up_takes_only", of: ClockText.of(total_s)),
            why: Sparrow.say("review.joints_need_some_minutes"), fix: fix(lines.first, LEAST_S - total_s))]
        end

        private

        # Once more around, or one that is made for what follows.
        def fix(line, missing_s)
          block = line.block
          rounds = line.windows.to_a.any? ? ((line.total_s + missing_s) / line.total_s.to_f).ceil * block.rounds : MOST_ROUNDS + 1
          again = Fix.set(Sparrow.say("review.rounds_of_block", rounds: Sparrow.say("common.rounds", count: rounds), block: block.name, total: ClockText.of(line.total_s * rounds / block.rounds)), ["#{block.pointer}/rounds", rounds])
          made = lambda do
            fresh = Planning::Suggest::WarmUp.new(@timeline, catalogue: @catalogue).call(GOOD_S)["block"].merge("id" => block.id)
            Fix.new(label: Sparrow.say("review.a_warm_up_of_five_minutes_instead"), patch: [{"op" => "replace", "path" => block.pointer, "value" => fresh}])
          end
          -> { [(again if rounds <= MOST_ROUNDS), made.call].compact }
        end
      end
    end
  end
end
