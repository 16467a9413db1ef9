# frozen_string_literal: true

module Sparrow
  module Plan
    # What a class must keep to: no kit, no jumps, standing or seated only, a small room; and the pieces
    # of kit that are there, where somebody said so.
    class Conditions < Value.of(:no_kit, :no_jumps, :position, :small_room, :kit)
      # What every room has, or the floor does as well.
      FREE = %w[wall mat].freeze

      # @param input [Hash, nil] the document's "conditions"
      # @return [Conditions]
      def self.read(input)
        return NONE if input.nil? || input.empty?
        new(no_kit: input.fetch("no_kit", false), no_jumps: input.fetch("no_jumps", false), position: input["position"],
          small_room: input.fetch("small_room", false), kit: input["kit"])
      end

      NONE = new(no_kit: false, no_jumps: false, small_room: false)

      # @return [Boolean]
      def any?
        no_kit || no_jumps || small_room || !position.nil?
      end

      # @param variation [Catalogue::Variation]
      # @return [Array<String>] which of the conditions it does not keep to: "no_kit", "no_jumps", "standing", "seated", "small_room"
      def broken_by(variation)
        broken = []
        broken << "no_kit" if no_kit && (variation.pieces - free).any?
        broken << "no_jumps" if no_jumps && (variation.impact == "high" || (variation.pattern == "jump" && !variation.no_impact?))
        broken << position if position && !in_position?(variation)
        broken << "small_room" if small_room && variation.space == "travelling"
        broken
      end

      # @return [Boolean]
      def keeps?(variation)
        broken_by(variation).empty?
      end

      # Who sits has something to sit on.
      def free
        (position == "seated") ? [*FREE, "chair"] : FREE
      end

      private

      def in_position?(variation)
        return variation.position == "seated" && !variation.gets_down if position == "seated"
        variation.positions.all?("standing") && !variation.gets_down
      end
    end
  end
end
