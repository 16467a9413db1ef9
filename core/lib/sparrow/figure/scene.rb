# frozen_string_literal: true

module Sparrow
  module Figure
    # What stands in the room beside the figure: fixed pieces with their place, and what is held or worn.
    # Written as “bench 45 @30”, “wall @60”, “bottle hands”, “band post_hands”.
    class Scene
      # +x+ is the middle of a piece, a wall's or a post's face; +h+ the height of its top, cm.
      Piece = Value.of(:kind, :x, :z, :h, :half, :turned, :held)
      HEIGHTS = {"chair" => 45.0, "bench" => 45.0, "step" => 20.0, "table" => 75.0, "bar" => 215.0, "wall" => 0.0, "post" => 210.0, "mat" => 0.0, "line" => 0.0, "bottle" => 0.0, "band" => 0.0, "rail" => 100.0}.freeze
      HALVES = {"chair" => 20.0, "bench" => 20.0, "step" => 18.0, "table" => 40.0, "mat" => 85.0}.freeze

      attr_reader :pieces

      # @param written [Array<String>, String, nil]
      def initialize(written)
        @pieces = Array(written).flat_map { |line| line.split(/\s*,\s+/) }.map { |line| Scene.piece(line) }.freeze
        freeze
      end

      # @return [Piece]
      # @raise [ArgumentError]
      def self.piece(line)
        kind, *rest = line.split
        raise ArgumentError, "#{kind} is no piece of a scene" unless HEIGHTS.key?(kind)
        place = rest.find { |word| word.start_with?("@") }&.delete_prefix("@")&.split(",")&.map(&:to_f) || []
        number = rest.find { |word| word.match?(/\A\d/) }
        words = rest.reject { |word| word.match?(/\A[@\d]/) }
        Piece.new(kind: kind, x: place[0] || 0.0, z: place[1] || 0.0, h: number ? number.to_f : HEIGHTS[kind], half: HALVES.fetch(kind, 0.0), turned: words.delete("turned") ? true : false, held: words.first)
      end

      # @return [Piece, nil] the first of a kind
      def find(kind)
        @pieces.find { |piece| piece.kind == kind }
      end

      # @return [Float] how high a named surface lies
      # @raise [ArgumentError]
      def height(surface)
        return 0.0 if surface.nil? || surface == "floor"
        return 88.0 if surface == "chair_back"
        (find(surface) || raise(ArgumentError, "there is no #{surface} in the scene")).h
      end

      # @return [Float, nil] where it stands, lengthways
      def place(surface)
        return if surface.nil? || surface == "floor"
        return chair_back if surface == "chair_back"
        find(surface)&.x
      end

      # @return [Boolean] whether hands meet it upright
      def upright?(surface)
        %w[wall post].include?(surface)
      end

      private

      def chair_back
        chair = find("chair") || raise(ArgumentError, "there is no chair in the scene")
        chair.turned ? chair.x + chair.half : chair.x - chair.half
      end
    end
  end
end
