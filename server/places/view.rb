# frozen_string_literal: true

module Server
  module Places
    # A place with its kit; null where nobody has counted it.
    class View
      # @param place [Records::Place]
      def initialize(place)
        @place = place
      end

      # @return [Hash]
      def to_h
        @place.attributes.slice("id", "name", "address", "defibrillator", "first_aid", "space", "surface", "kit", "width_m", "depth_m", "version").merge("archived" => !@place.archived_at.nil?)
      end
    end
  end
end
