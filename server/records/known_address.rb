# frozen_string_literal: true

module Server
  module Records
    # An address from which somebody has signed in before, as a digest.
    class KnownAddress < Base
      belongs_to :instructor, class_name: "Server::Records::Instructor", foreign_key: :instructor_id, primary_key: :id
    end
  end
end
