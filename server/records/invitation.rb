# frozen_string_literal: true

module Server
  module Records
    # A colleague who was asked in: by a signed link, for a week, once.
    class Invitation < Base
      include OfStudio

      LASTS = 7 * 24 * 3600

      belongs_to :studio, class_name: "Server::Records::Studio"
      belongs_to :invited_by, class_name: "Server::Records::Instructor", optional: true
      scope :standing, -> { where(accepted_at: nil, withdrawn_at: nil).where("expires_at > now()") }
    end
  end
end
