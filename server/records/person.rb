# frozen_string_literal: true

module Server
  module Records
    # A participant. +lane+ is the level whose rounds and stops they usually follow.
    class Person < Base
      belongs_to :studio, class_name: "Server::Records::Studio"
      scope :training, -> { where(archived_at: nil).order(:name) }
    end
  end
end
