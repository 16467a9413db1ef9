# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A joint that is loaded much later, and that the warm-up leaves as it is.
      class WarmUpMisses < OrderRule
        TOPIC = "opening"
        SOURCE = "safety"
        JOINTS = %w[wrist shoulder hip knee ankle].freeze
        MUCH_S = Planning::Suggest::Loads::MUCH_S
        BLOCK_S = 300

        def findings
          warming = @workout.blocks.select { |block| block.role == "warm_up" && block.stations.any? }
          return [] if warming.empty?
          moved = warming.flat_map { |block| block.stations.flat_map { |station| @kept.made(station, :moved) { moved_by(station) } } }
          missed = JOINTS.select { |joint| !moved.include?(joint) && loads.most(loads.joints, joint) >= MUCH_S }
          return [] if missed.empty?
          [finding("note", Place.block(warming.last), Sparrow.say("review.the_warm_up_leaves_out", joints: Planning::Suggest.list(missed)),
            why: Sparrow.say("review.they_are_loaded_for_minutes_later"), fix: -> { fixes(warming, missed) })]
        end

        private

        def loads
          @loads ||= Planning::Suggest::Loads.new(@timeline)
        end

        def moved_by(station)
          station.levels.each_value.flat_map { |prescription| Facts.variations_of(prescription).flat_map { |variation| variation.joints + variation.moves } }.uniq.freeze
        end

        # The one move more that readies most of them; else a warm-up that is made for the class.
        def fixes(warming, missed)
          used = warming.flat_map { |block| block.stations.map { |station| station.movement&.id } }
          moves = @catalogue.select { |movement| movement.role == "warm_up" && !used.include?(movement.id) && @workout.conditions.keeps?(movement.variation_for("beginner")) }
          fresh = NewStation.new(@facts)
          one = moves.map { |movement| [movement, (missed & joints_of(movement)).size] }.reject { |_, count| count.zero? }.sort_by { |movement, count| [-count, movement.id] }
            .first(3).flat_map { |movement, _| [fresh.add(movement, warming.last), fresh.instead(movement, warming.last, warming.last.stations.last)] }
          made = Planning::Suggest::WarmUp.new(@timeline, catalogue: @catalogue).call([warming.last.seconds || BLOCK_S, BLOCK_S].max)["block"].merge("id" => warming.last.id)
          [*one, Fix.new(label: Sparrow.say("review.a_warm_up_of_five_minutes_instead"), patch: [{"op" => "replace", "path" => warming.last.pointer, "value" => made}])]
        end

        def joints_of(movement)
          Level::ALL.map { |level| movement.variation_for(level) }.map { |variation| variation.joints + variation.moves }.reduce(:&)
        end
      end
    end
  end
end
