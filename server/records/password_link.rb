# frozen_string_literal: true

module Server
  module Records
    # A link with which a forgotten password is set anew: signed, for an hour, once.
    class PasswordLink < Base
      LASTS = 3600

      belongs_to :instructor, class_name: "Server::Records::Instructor", foreign_key: :instructor_id, primary_key: :id
      scope :standing, -> { where(used_at: nil).where("expires_at > now()") }
    end
  end
end
