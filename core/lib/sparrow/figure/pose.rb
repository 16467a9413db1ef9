# frozen_string_literal: true

module Sparrow
  module Figure
    # A pose as it is written: angles in degrees, words for contacts. A bare key holds for both
    # sides, +_l+ and +_r+ for one. What is not written is upright, with the limbs down.
    class Pose
      TRUNK = %w[tilt roll turn spin curl bend twist nod look ear].freeze
      LEG = %w[hip out rot knee ankle].freeze
      ARM = %w[arm wide elbow inward].freeze
      CONTACTS = %w[feet hands].freeze
      # What a limb with a contact may add: the heel's height, the feet's turn, the knees' and the elbows' side.
      BESIDE = %w[heel toes knees flare elbows].freeze
      ROOT = %w[rest hips x z fit touch].freeze
      SIDED = [*LEG, *ARM, *CONTACTS, *BESIDE].freeze
      KEYS = [*TRUNK, *SIDED, *ROOT].freeze

      # @return [Hash{String => Object}] each sided key by side
      attr_reader :values

      # @param values [Hash]
      def initialize(values)
        @values = values.freeze
        freeze
      end

      STANDING = new({"arm_l" => 3, "arm_r" => 3, "wide_l" => 5, "wide_r" => 5, "elbow_l" => 8, "elbow_r" => 8, "feet_l" => "flat", "feet_r" => "flat"})
      LIMP = new({"arm_l" => 3, "arm_r" => 3, "wide_l" => 5, "wide_r" => 5, "elbow_l" => 8, "elbow_r" => 8})

      # @param written [Hash{String => Object}]
      # @return [Hash{String => Object}] bare sided keys given to both sides; a side's own wins
      # @raise [ArgumentError] for a key that there is not
      def self.sided(written)
        both, own = written.partition { |key, _| SIDED.include?(key) }
        unknown = own.map(&:first).reject { |key| KEYS.include?(key) || SIDED.include?(key.sub(/_[lr]\z/, "")) }
        raise ArgumentError, "#{unknown.join(", ")} is no key of a pose" if unknown.any?
        both.flat_map { |key, value| Body::SIDES.map { |side| ["#{key}_#{side}", value] } }.to_h.merge(own.to_h)
      end

      # @param written [Hash{String => Object}]
      # @return [Pose] with more said; angles of a limb take the place of its contact
      def with(written)
        said = Pose.sided(written)
        held = @values.dup
        Body::SIDES.each do |side|
          held.delete("feet_#{side}") if LEG.any? { |key| said.key?("#{key}_#{side}") && key != "rot" && key != "ankle" }
          held.delete("hands_#{side}") if ARM.any? { |key| said.key?("#{key}_#{side}") && key != "inward" }
          ARM.each { |key| held.delete("#{key}_#{side}") } if said["arm_#{side}"].is_a?(String)
        end
        %w[hips x z fit].each { |key| held.delete(key) } if said.key?("rest")
        held.delete("touch")
        Pose.new(held.merge(said).reject { |_, value| value.nil? || value == "free" })
      end

      # @return [Pose] left and right changed
      def mirrored
        Pose.new(@values.to_h do |key, value|
          both = Body::SIDES.map { |side| key.sub(/_[lr]\z/, "_#{side}") }
          next [key, value] if value.is_a?(String) && key.match?(/_[lr]\z/) && @values[both[0]] == @values[both[1]]
          swapped = key.sub(/_([lr])\z/) { (Regexp.last_match(1) == "l") ? "_r" : "_l" }
          [swapped, Pose.mirror(swapped, value)]
        end)
      end

      def self.mirror(key, value)
        return -value if %w[roll turn spin bend twist look ear z].include?(key)
        return value unless value.is_a?(String)
        value.gsub(/_[lr]\b/) { |side| (side == "_l") ? "_r" : "_l" }.gsub(/@(-?[\d.]+),(-?[\d.]+)/) { "@#{Regexp.last_match(1)},#{-Regexp.last_match(2).to_f}" }
      end

      def [](key)
        @values[key]
      end

      # @return [Numeric] an angle; 0 where none is written
      def angle(key)
        value = @values[key]
        value.is_a?(Numeric) ? value : 0
      end

      # @return [Boolean] whether a leg or an arm stands on something, or holds it
      def contact(limb, side)
        @values["#{limb}_#{side}"]
      end
    end
  end
end
