# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A version that the class's own conditions leave out: kit where there is none, a jump where nobody jumps.
      class BreaksConditions < StationRule
        TOPIC = "plan"
        SOURCE = "arithmetic"
        SAID = {
          "no_kit" => Sparrow.say("review.condition_no_kit"), "no_jumps" => Sparrow.say("review.condition_no_jumps"), "standing" => Sparrow.say("review.condition_standing"),
          "seated" => Sparrow.say("review.condition_seated"), "small_room" => Sparrow.say("review.condition_small_room")
        }.freeze

        def of_station(block, station)
          return [] unless @workout.conditions.any?
          broken = Level::ALL.to_h { |level| [level, broken_by(station.at(level))] }.reject { |_, conditions| conditions.empty? }
          return [] if broken.empty?
          conditions = broken.values.flatten.uniq
          [finding("warn", Place.station(block, station), Sparrow.say("review.does_not_keep_to_conditions", whom: whom(broken.keys), conditions: Planning::Suggest.list(conditions.map { |name| SAID.fetch(name) })),
            why: Sparrow.say("review.the_class_is_to_keep_to_it"), fix: fix(block, station, broken.keys))]
        end

        private

        def broken_by(prescription)
          Facts.variations_of(prescription).flat_map { |variation| @workout.conditions.broken_by(variation) }.uniq
        end

        # The nearest version of its own ladder for each level; else another movement of its pattern.
        def fix(block, station, levels)
          return unless station.movement
          -> { [own(block, station, levels), *others(block, station)].compact }
        end

        def own(block, station, levels)
          nearest = levels.to_h { |level| [level, nearest(station.at(level)) { |variation| @workout.conditions.keeps?(variation) }] }
          return unless nearest.values.all?
          Fix.set(Sparrow.say("review.take_versions_that_keep_to_it"), *nearest.map { |level, variation| [station.at(level).pointer, opened(variation, block, station, level: level)] })
        end

        def others(block, station)
          fresh = NewStation.new(@facts)
          alike = [->(movement) { movement.pattern == station.movement.pattern }, ->(movement) { Facts::GROUP_OF.key?(movement.pattern) && Facts::GROUP_OF[movement.pattern] == Facts::GROUP_OF[station.movement.pattern] }]
          alike.flat_map { |kind| fresh.movements(&kind) }.uniq(&:id).map { |movement| fresh.instead(movement, block, station) }
        end
      end
    end
  end
end
