# frozen_string_literal: true

module Sparrow
  module Review
    # What all rules share: the plan they look at, and a finding in their name. Each says what it is about
    # (TOPIC) and where it comes from (SOURCE): "arithmetic" follows from the plan's own numbers, "standard" from
    # the movement's standard, "model" from the estimate of what a level can do, "safety" from common cautions, and "house" is a
    # house heuristic: what a coach would look at again, and may leave as it is.
    class Rule
      TOPICS = %w[plan numbers time levels balance order opening kit].freeze
      SOURCES = %w[arithmetic standard model safety house].freeze

      # @param facts [Facts]
      def initialize(facts)
        @facts = facts
        @kept = facts.kept
        @capacity = facts.capacity
        @timeline = facts.timeline
        @workout = facts.workout
        @catalogue = facts.catalogue
      end

      # @return [Array<Finding>]
      def findings
        raise NotImplementedError, "#{self.class} looks for nothing"
      end

      # @return [String] the rule's name, "odd_count_on_alternating"
      def self.slug
        @slug ||= name.split("::").last.gsub(/(?<!\A)[A-Z]/) { |letter| "_#{letter}" }.downcase
      end

      private

      # @param fix [Fix, Array<Fix>, Proc, nil] what may mend it, the best first; a proc is called when somebody wants it
      # @param about [String, nil] what tells it from others of its rule at the same place
      def finding(severity, place, what, why:, fix: nil, about: nil)
        Finding.new(rule: self.class.slug, topic: self.class::TOPIC, source: self.class::SOURCE, severity: severity, place: place, what: what, why: why,
          fixes: fix.is_a?(Proc) ? fix : [fix].flatten.compact.freeze, about: about)
      end

      # @yield [Plan::Block, Plan::Station, Plan::Prescription] every cell of the plan in which somebody works
      def each_cell
        return to_enum(:each_cell) unless block_given?
        @workout.each_station { |block, station| station.levels.each_value { |prescription| yield block, station, prescription } }
      end

      # @return [Boolean] whether a block is a main part or a finisher
      def working?(block)
        Facts::WORKING.include?(block.role)
      end

      # A number that was typed as a range stays one.
      # @param most [Integer] its highest from now on
      # @return [Integer, Hash]
      def number(prescription, most)
        given = prescription.reps || prescription.hold
        (given.min == given.max) ? most : {"min" => [given.min, most].min, "max" => most}
      end

      # Another number for a level, and no more than it for the levels below it that do the same.
      # @return [Array<Array(String, Object)>] what to put where
      def lowered(station, prescription, most)
        below = station.levels.each_value.take_while { |other| !other.equal?(prescription) }
        above = below.select { |other| other.reps && other.variation == prescription.variation && other.reps.max > most }
        [prescription, *above].map { |cell| ["#{cell.pointer}/reps", number(cell, most)] }
      end

      # @return [Hash] a level with another version, and the number with which it opens, as far as its window has time for it
      def opened(variation, block, station, level:)
        target = variation.target.slice("reps", "hold_s")
        stretches = block.timed? ? block.format.stretches(block, station, level) : nil
        return {"variation" => variation.id, **target} unless stretches && variation.counted?
        moves = stretches.sum { |seconds| (seconds / (variation.tempo.seconds * @workout.house.pace.fetch(level))).floor }
        fits = Counting.of(variation.counting).counted(moves)
        fits -= fits % 2 if variation.alternating?
        {"variation" => variation.id, "reps" => [target.fetch("reps"), fits].min.clamp(1, nil)}
      end

      # @yieldparam variation [Catalogue::Variation]
      # @return [Catalogue::Variation, nil] of its own ladder the nearest in demand that is right, of the same measure
      def nearest(prescription, &right)
        prescription.movement&.ladder.to_a.select { |variation| variation.measure == prescription.variation.measure }.select(&right)
          .min_by { |variation| (variation.demand_value - prescription.variation.demand_value).abs }
      end

      # @return [Sentence] “the beginner and intermediate levels”
      def whom(levels)
        return Sparrow.say("review.everybody") if levels.size == Level::ALL.size
        Sparrow.say("review.the_levels", count: levels.size, levels: Planning::Suggest.list(levels))
      end
    end
  end
end
