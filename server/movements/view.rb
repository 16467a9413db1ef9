# frozen_string_literal: true

module Server
  module Movements
    # The catalogue as JSON. It does not change while the process lives, so the
    # text and its tag are made once.
    module View
      # @param studio [Records::Studio]
      # @return [String] JSON
      def self.text(studio)
        return house if studio.movements_version.zero?
        JSON.generate({"movements" => Sparrow::Catalogue.house.map { |movement| movement(movement) } + own(studio)})
      end

      # @return [String] an entity tag
      def self.tag(studio)
        return @tag ||= Digest::SHA256.hexdigest(house).slice(0, 20) if studio.movements_version.zero?
        Digest::SHA256.hexdigest("#{tag_of_house}#{studio.id}#{studio.movements_version}").slice(0, 20)
      end

      def self.house
        @house ||= JSON.generate({"movements" => Sparrow::Catalogue.house.map { |movement| movement(movement) }})
      end

      def self.tag_of_house
        @tag_of_house ||= Digest::SHA256.hexdigest(house)
      end

      # @return [Array<Hash>] the studio's own, retired ones marked
      def self.own(studio)
        studio.studio_movements.order(:movement_id).map { |stored| own_one(stored) }
      end

      # @param stored [Records::StudioMovement]
      # @return [Hash]
      def self.own_one(stored)
        movement(stored.movement).merge("own" => true, "retired" => !stored.retired_at.nil?)
      end

      # @param movement [Sparrow::Catalogue::Movement]
      # @return [Hash]
      def self.movement(movement)
        movement.to_h.except(:opens, :ladder).transform_keys(&:to_s).merge(
          "opens" => movement.opening_prescriptions, "ladder" => movement.ladder.map { |variation| variation(variation) }
        )
      end

      def self.variation(variation)
        variation.to_h.except(:movement_id, :target, :pattern, :unflagged, :through).transform_keys(&:to_s).merge("tempo" => variation.tempo&.to_s, "positions" => variation.positions, "figure" => variation.figure,
          "kit" => variation.kit.map { |piece| piece.to_h.compact }, "faults" => variation.faults.map(&:to_h))
      end
      private_class_method :variation, :house, :tag_of_house, :own
    end
  end
end
