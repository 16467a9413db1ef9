# frozen_string_literal: true

module Server
  module Views
    # The catalogue as JSON. It does not change while the process lives, so the
    # text and its tag are made once.
    module Movements
      # @return [String] JSON
      def self.text
        @text ||= JSON.generate({"movements" => Sparrow::Catalogue.house.map { |movement| movement(movement) }})
      end

      # @return [String] an entity tag
      def self.tag
        @tag ||= Digest::SHA256.hexdigest(text).slice(0, 20)
      end

      # @param movement [Sparrow::Catalogue::Movement]
      # @return [Hash]
      def self.movement(movement)
        movement.to_h.except(:opens, :ladder).transform_keys(&:to_s).merge(
          "opens" => movement.opening_prescriptions, "ladder" => movement.ladder.map { |rung| rung(rung) }
        )
      end

      def self.rung(rung)
        rung.to_h.except(:movement_id, :target, :pattern).transform_keys(&:to_s).merge("tempo" => rung.tempo&.to_s)
      end
      private_class_method :rung
    end
  end
end
