# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A cool-down with work after it.
      class CoolDownEarly < Rule
        TOPIC = "opening"
        SOURCE = "house"

        def findings
          last_work = @workout.blocks.rindex { |block| working?(block) && block.stations.any? } or return []
          @workout.blocks.first(last_work).select { |block| block.role == "cool_down" }.map do |block|
            finding("warn", Place.block(block), Sparrow.say("review.work_follows_the_cool_down"), why: Sparrow.say("review.people_cool_down_and_start_again"), fix: fix(block))
          end
        end

        private

        def fix(block)
          value = @workout.document.fetch("blocks")[block.position]
          Fix.new(label: Sparrow.say("review.move_it_to_the_end"), patch: [{"op" => "remove", "path" => block.pointer}, {"op" => "add", "path" => "/blocks/-", "value" => value}])
        end
      end
    end
  end
end
