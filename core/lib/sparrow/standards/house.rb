# frozen_string_literal: true

module Sparrow
  module Standards
    # House standards: the numbers that a studio may change. They change a
    # circuit's targets and totals, so they travel in its document.
    class House < Value.of(
      :pace, :transition_s, :position_change_s, :reserve, :fill, :set_rest_s, :fives_from, :shares, :hold_shares, :load_shares,
      :rest_shares, :round_shares, :lowering_s, :ranges, :hold_ranges
    )
      # House estimates, all of them editable. Shares are percentages of the
      # advanced number; "third" stands for exact thirds.
      DEFAULTS = {
        "pace" => {"beginner" => 1.25, "intermediate" => 1, "advanced" => 0.9},
        "transition_s" => 5, "position_change_s" => 10, "reserve" => 2,
        # The part of a window that a set should fill; the rest is for the last breath and the walk.
        "fill" => 90,
        "set_rest_s" => 20,
        # From this advanced number on, shares are rounded to fives (tens where sides alternate).
        "fives_from" => 30,
        "shares" => {"beginner" => 50, "intermediate" => 75, "advanced" => 100},
        "hold_shares" => {"beginner" => 33.34, "intermediate" => 66.67, "advanced" => 100},
        "load_shares" => {"beginner" => 50, "intermediate" => 75, "advanced" => 100},
        "rest_shares" => {"beginner" => 200, "intermediate" => 150, "advanced" => 100},
        "round_shares" => {"beginner" => 33.34, "intermediate" => 66.67, "advanced" => 100},
        "lowering_s" => {"beginner" => 0, "intermediate" => 1, "advanced" => 2},
        "ranges" => {"beginner" => {"min" => 6, "max" => 10}, "intermediate" => {"min" => 8, "max" => 12}, "advanced" => {"min" => 10, "max" => 16}},
        "hold_ranges" => {"beginner" => {"min" => 15, "max" => 30}, "intermediate" => {"min" => 30, "max" => 45}, "advanced" => {"min" => 45, "max" => 60}}
      }.freeze
      BY_LEVEL = %w[pace shares hold_shares load_shares rest_shares round_shares lowering_s].freeze
      BANDS = %w[ranges hold_ranges].freeze
      # 33.34 and 66.67 are how a third and two thirds are written in a field.
      THIRDS = {"33.34" => Rational(100, 3), "66.67" => Rational(200, 3)}.freeze

      # @param given [Hash, nil] the document's "house" object, any key left out
      def self.read(input)
        return plain if input.nil? || input.empty?
        new(**DEFAULTS.to_h do |key, default|
          [key.to_sym, settle(key, default, input[key])]
        end)
      end

      # @return [House] with nothing changed
      def self.plain
        @plain ||= new(**DEFAULTS.to_h { |key, default| [key.to_sym, settle(key, default, nil)] })
      end

      def self.settle(key, default, input)
        return input.nil? ? default : input unless default.is_a?(Hash)
        merged = default.merge(input || {})
        return merged.transform_values { |band| band["min"]..band["max"] }.freeze if BANDS.include?(key)
        return merged.freeze if key == "lowering_s"
        merged.transform_values { |number| exact(number) }.freeze
      end

      def self.exact(number)
        THIRDS.fetch(number.to_s) { Rational(number.to_s) }
      end
      private_class_method :settle, :exact

      # Standards that contradict themselves.
      # @param given [Hash] in the shape of a document's "house"
      # @return [Array<Problem>] with pointers into it
      def self.validation_errors(input, at: "/house")
        falling = (%w[shares hold_shares load_shares round_shares] & input.keys).reject do |key|
          numbers = Level::ALL.map { |level| input[key][level] || DEFAULTS[key][level] }
          numbers == numbers.sort
        end
        upside = BANDS.flat_map { |key| (input[key] || {}).filter_map { |level, band| "#{key}/#{level}/min" if band["min"] > band["max"] } }
        falling.map { |key| Problem.new(pointer: "#{at}/#{key}", message: Sparrow.say("common.must_not_fall_from_one_level")) } +
          upside.map { |key| Problem.new(pointer: "#{at}/#{key}", message: Sparrow.say("standards.is_above_the_maximum")) }
      end

      # @param key [Symbol] one of the shares
      # @return [Rational] a level's share, 1 for all of it
      def share(key, level)
        public_send(key).fetch(level) / 100
      end
    end
  end
end
