# frozen_string_literal: true

module Sparrow
  module Figure
    # How a part of the trunk lies in the room: which way is its front, its head end and its right.
    class Orientation
      V = Vector
      attr_reader :forward, :up, :right

      def initialize(forward, up, right)
        @forward = forward
        @up = up
        @right = right
        freeze
      end

      UPRIGHT = new(V::FORWARD, V::UP, V::RIGHT)

      # @param turn [Numeric] degrees to the right, about the upright
      # @param tilt [Numeric] forwards; 90 lies face down with the head ahead
      # @param roll [Numeric] to the right
      # @param spin [Numeric] to the right, about the body's own length
      # @return [Orientation]
      def self.of(turn: 0, tilt: 0, roll: 0, spin: 0)
        UPRIGHT.about(V::UP, -turn).then { |held| held.about(held.right, -tilt) }.then { |held| held.about(held.forward, roll) }.then { |held| held.about(held.up, -spin) }
      end

      # @return [Orientation] turned about an axis of the room
      def about(axis, degrees)
        return self if degrees.zero?
        Orientation.new(V.turn(@forward, axis, degrees), V.turn(@up, axis, degrees), V.turn(@right, axis, degrees))
      end

      # @param curl [Numeric] degrees forwards of what is above against what is below
      # @param bend [Numeric] to the right
      # @param twist [Numeric] to the right
      def bent(curl, bend, twist)
        about(@right, -curl).then { |held| held.about(held.forward, bend) }.then { |held| held.about(held.up, -twist) }
      end

      # @return [Array<Float>] a direction of the room from one of the part
      def direction(forward, up, right)
        V.add(V.add(V.scale(@forward, forward), V.scale(@up, up)), V.scale(@right, right))
      end
    end
  end
end
