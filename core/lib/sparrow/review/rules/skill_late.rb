# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A skill at the end, when everybody is tired.
      class SkillLate < OrderRule
        TOPIC = "order"
        SOURCE = "safety"
        # Behind so much of the work.
        PART = Rational(2, 3)
        LEAST_S = 600

        def findings
          Level::ALL.flat_map { |level| late(level) }.uniq { |_, station| station.pointer }.map do |block, station|
            finding("warn", Place.station(block, station), Sparrow.say("review.a_skill_comes_late", name: station.name), why: Sparrow.say("review.tired_people_fall"), fix: -> { fixes(block, station) })
          end
        end

        private

        def late(level)
          turns = @facts.turns(level)
          return [] if turns.empty? || turns.last.end_s - turns.first.start_s < LEAST_S
          from_s = turns.first.start_s + (turns.last.end_s - turns.first.start_s) * PART
          skills = turns.select { |turn| turn.movements.any? { |movement| Catalogue::Alternatives.skill?(movement) } }
          skills.group_by { |turn| turn.station.pointer }.values.reject { |all| all.first.start_s < from_s }.map { |all| [all.first.block, all.first.station] }
        end

        # First in the first block that works, where the two are of one format.
        def fixes(block, station)
          first = @facts.working.find { |line| line.block.stations.any? }.block
          value = @workout.document.dig("blocks", block.position, "stations", block.stations.index(station))
          return [] if first.equal?(block) && block.stations.first.equal?(station)
          id = first.equal?(block) ? station.id : Planning::Suggest.free(station.id, first.stations.map(&:id))
          put = {"op" => "add", "path" => "#{first.pointer}/stations/0", "value" => value.merge("id" => id)}
          gone = {"op" => "remove", "path" => (block.stations.size > 1 || first.equal?(block)) ? station.pointer : block.pointer}
          [Fix.new(label: Sparrow.say("review.begin_with_name", name: station.name), patch: [gone, put])]
        end
      end
    end
  end
end
