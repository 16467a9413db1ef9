# frozen_string_literal: true

module Sparrow
  module Review
    # Movements that a plan lacks, as fixes: put in as a station of their own, or in the place of one.
    class NewStation
      # So many movements are thought of.
      MOST = 4
      FLOOR = %w[wall mat].freeze

      # @param facts [Facts]
      def initialize(facts)
        @facts = facts
        @workout = facts.workout
        @used = facts.stations.flat_map { |_, station| station.movements }.map(&:id)
        @conditions = facts.workout.conditions
        @kit = facts.stations.flat_map { |_, station| station.levels.each_value.flat_map(&:variations) }.flat_map(&:pieces).uniq | FLOOR | @conditions.free
      end

      # @yieldparam movement [Catalogue::Movement]
      # @yieldreturn [Boolean] whether it is of the kind that is wanted
      # @return [Array<Catalogue::Movement>] without kit that the class does not use, without jumps, the plainest first
      def movements
        @facts.catalogue.select { |movement| movement.role == "main" && !@used.include?(movement.id) && yield(movement) && plain?(movement) }
          .sort_by { |movement| [opened(movement).flat_map(&:pieces).uniq.size, (movement.opens.values.uniq.size < 3) ? 1 : 0, movement.id] }.first(MOST)
      end

      # @param block [Plan::Block]
      # @return [Fix] at its end
      def add(movement, block)
        Fix.new(label: Sparrow.say("review.add_name_to_block", name: movement.name, block: block.name),
          patch: [{"op" => "add", "path" => "#{block.pointer}/stations/-", "value" => station(movement, block, free(block))}])
      end

      # @return [Fix]
      def instead(movement, block, station)
        Fix.new(label: Sparrow.say("review.name_instead_of_station", name: movement.name, station: station.name),
          patch: [{"op" => "replace", "path" => station.pointer, "value" => station(movement, block, station.id)}])
      end

      # @param movements [Array<Catalogue::Movement>]
      # @param surplus [Array<Array(Plan::Block, Plan::Station)>] what is there more than once
      # @return [Array<Fix>] a station more in the first block that works; then in the place of what is there most
      def fixes(movements, surplus)
        first = @facts.working.map(&:block).find { |block| block.stations.any? }
        movements.map { |movement| add(movement, first) } + surplus.first(2).flat_map { |block, station| movements.first(2).map { |movement| instead(movement, block, station) } }
      end

      private

      # @return [Hash, nil] what a station of it opens with at each level, within the class's conditions; nil where nothing keeps to them
      def opens(movement)
        return movement.opening_prescriptions unless @conditions.any?
        (@within ||= Planning::WithinConditions.new(@conditions, catalogue: @facts.catalogue).opens)[movement.id]
      end

      def opened(movement)
        opens(movement).each_value.map { |cell| movement.variation(cell.fetch("variation")) }
      end

      def plain?(movement)
        !Catalogue::Alternatives.skill?(movement) && !opens(movement).nil? && opened(movement).all? { |variation| (variation.pieces - @kit).empty? && variation.impact != "high" }
      end

      def station(movement, block, id)
        levels = block.format.open_levels(opens(movement) || movement.opening_prescriptions)
        {"id" => id, "movement" => movement.id, **(block.timed? ? Planning::Suggest.sides(movement) : {}), "levels" => levels}
      end

      def free(block)
        Planning::Suggest.free("s#{block.stations.size + 1}", block.stations.map(&:id))
      end
    end
  end
end
