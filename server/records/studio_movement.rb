# frozen_string_literal: true

module Server
  module Records
    # A studio's own movement, as a document of the catalogue's form. A retired
    # one is no longer offered, and stays in the circuits that have it.
    class StudioMovement < Base
      include OfStudio

      belongs_to :studio, class_name: "Server::Records::Studio"

      # @return [Hash] in the form of today, in whichever it was kept
      def document
        Sparrow::Catalogue::CustomMovement.current(super)
      end

      # @param document [Hash]
      # @raise [Sparrow::Refused]
      def self.add(studio, document)
        check(document, studio)
        transaction do
          if studio.studio_movements.exists?(movement_id: document["id"])
            raise Sparrow::Refused.at("/id", Sparrow.say("server.records.is_taken_by_another_of_your"))
          end
          studio.studio_movements.create!(movement_id: document["id"], document: document).tap { studio.increment!(:movements_version) }
        end
      end

      # @raise [Sparrow::Refused]
      def self.check(document, studio)
        Sparrow::Catalogue::CustomMovement.read(document, catalogue: studio.catalogue)
        Sparrow::Figure::Chosen.check(document)
      end

      # @return [String] an id that the studio has not used
      def self.free_id(studio, base)
        stem = "#{Sparrow::Catalogue::CustomMovement::PREFIX}#{base.delete_prefix(Sparrow::Catalogue::CustomMovement::PREFIX)}".slice(0, 34)
        taken = studio.studio_movements.pluck(:movement_id)
        [stem, *(2..).lazy.map { |number| "#{stem}_#{number}" }.first(taken.size + 1)].find { |id| !taken.include?(id) }
      end

      # Its id stays, and so do its variations.
      # @raise [Sparrow::Refused]
      def rewrite(document)
        gone = self.document["ladder"].map { |variation| variation["id"] } - Array(document["ladder"]).filter_map { |variation| variation["id"] if variation.is_a?(Hash) }
        if gone.any?
          raise Sparrow::Refused.at("/ladder", Sparrow.say("server.records.must_keep_gone_circuits_may_stand", gone: gone.join(", ")))
        end
        self.class.check(document, studio)
        change(document: document.merge("id" => movement_id))
      end

      def change(**fields)
        transaction do
          update!(**fields)
          studio.increment!(:movements_version)
        end
      end

      # @return [Sparrow::Catalogue::Movement]
      def movement
        Sparrow::Catalogue::CustomMovement.movement(document)
      end
    end
  end
end
