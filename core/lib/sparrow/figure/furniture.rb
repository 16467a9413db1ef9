# frozen_string_literal: true

module Sparrow
  module Figure
    # The pieces of a scene as lines in the room; what is held or worn as points of the body.
    module Furniture
      WALL = 205.0

      module_function

      # @param piece [Scene::Piece]
      # @return [Array<Array<Array<Float>>>] open lines, each of points
      def lines(piece)
        return [] if piece.held
        case piece.kind
        when "wall" then piece.z.zero? ? [[[piece.x, 0, 0], [piece.x, WALL, 0]]] : [[[0, 0, piece.z], [0, WALL, piece.z]]]
        when "post" then [[[piece.x, 0, piece.z], [piece.x, piece.h, piece.z]]]
        when "bar" then [[[piece.x, piece.h, -60], [piece.x, piece.h, 60]]]
        when "rail" then Body::SIDES.map { |side| Skeleton.sign(side) * 24 }.flat_map { |z| [[[piece.x - 30, 0, z], [piece.x - 30, piece.h, z], [piece.x + 30, piece.h, z], [piece.x + 30, 0, z]]] }
        when "mat" then [[[piece.x - piece.half, 0.4, 0], [piece.x + piece.half, 0.4, 0]]]
        when "line" then [[[piece.x, 0, piece.z - 3], [piece.x, 3, piece.z]]]
        when "chair" then chair(piece)
        else box(piece)
        end
      end

      def chair(piece)
        back = piece.turned ? piece.x + piece.half : piece.x - piece.half
        front = piece.turned ? piece.x - piece.half : piece.x + piece.half
        [-20, 20].flat_map do |across|
          z = piece.z + across
          [[[back, 0, z], [back, 88, z]], [[back, piece.h, z], [front, piece.h, z], [front, 0, z]]]
        end + [piece.h, 70, 88].map { |height| [[back, height, piece.z - 20], [back, height, piece.z + 20]] } + [[[front, piece.h, piece.z - 20], [front, piece.h, piece.z + 20]]]
      end

      # A bench, a step, a table: its top and two ends.
      def box(piece)
        wide = (piece.kind == "table") ? 60 : 34
        [-wide, wide].map do |across|
          z = piece.z + across
          [[piece.x - piece.half, 0, z], [piece.x - piece.half, piece.h, z], [piece.x + piece.half, piece.h, z], [piece.x + piece.half, 0, z]]
        end + [-1, 1].map { |end_| [[piece.x + end_ * piece.half, piece.h, piece.z - wide], [piece.x + end_ * piece.half, piece.h, piece.z + wide]] }
      end

      # What goes with the body, by points of it; a number pair is a place in the room.
      HELD = {
        "bottle" => {"hands" => [%w[hand_l], %w[hand_r]], "r" => [%w[hand_r]], "l" => [%w[hand_l]], "both" => [%w[hand_l hand_r]]},
        "band" => {"hands" => [%w[hand_l hand_r]], "knees" => [%w[knee_l knee_r]], "ankles" => [%w[ankle_l ankle_r]], "feet_hands" => [%w[hand_l toe_l], %w[hand_r toe_r]], "foot_r" => [%w[hand_l toe_r], %w[hand_r toe_r]], "back" => [%w[hand_l shoulder_l shoulder_r hand_r]],
                   "post_hands" => [%w[hand_l post], %w[hand_r post]], "post_r" => [%w[hand_r post]], "post_l" => [%w[hand_l post]], "chair_ankle_r" => [%w[ankle_r leg]], "hips_hands" => [%w[hand_l hip_l hip_r hand_r]], "feet" => [%w[toe_l toe_r]]},
        "mat" => {}
      }.freeze

      # @return [Array<Array<String, Array<Float>>>]
      def held(piece)
        return [] unless piece.held
        HELD.fetch(piece.kind).fetch(piece.held).map do |points|
          points.map do |point|
            case point
            when "post" then [piece.x, piece.h.zero? ? 115.0 : piece.h, piece.z]
            when "leg" then [piece.x, 8.0, piece.z]
            else point
            end
          end
        end
      end
    end
  end
end
