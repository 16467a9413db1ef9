# frozen_string_literal: true

module Server
  module Records
    # Where classes are: how to find it in an emergency, and what kit is there.
    class Place < Base
      include OfStudio

      belongs_to :studio, class_name: "Server::Records::Studio"
      scope :in_use, -> { where(archived_at: nil).order(:name) }
    end
  end
end
