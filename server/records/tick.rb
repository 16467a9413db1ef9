# frozen_string_literal: true

module Server
  module Records
    # One tap while a run goes on: a round done, or so many reps of a total. A
    # tap is never deleted, only undone.
    class Tick < Base
      include OfStudio

      # Names of before, which the version before still writes (20261127000011).
      self.ignored_columns = %w[lane]

      belongs_to :run, class_name: "Server::Records::Run"
      belongs_to :person, class_name: "Server::Records::Person", optional: true
      scope :standing, -> { where(undone_at: nil) }
    end
  end
end
