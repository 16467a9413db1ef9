# frozen_string_literal: true

module Server
  module Places
    # A place with its kit; null where nobody has counted it.
    class View
      include Alba::Resource

      attributes :id, :name, :address, :defibrillator, :first_aid, :space, :surface, :kit, :version
      attribute(:archived) { |place| !place.archived_at.nil? }
    end
  end
end
