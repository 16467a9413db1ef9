# frozen_string_literal: true

module Server
  module Records
    # One person at one run.
    class Attendance < Base
      include OfStudio

      # Names of before, which the version before still writes (20261127000011).
      self.ignored_columns = %w[lane given]

      belongs_to :run, class_name: "Server::Records::Run"
      belongs_to :person, class_name: "Server::Records::Person"
      encrypts :pain, :pain_action, :note
      has_many :results, class_name: "Server::Records::Result"

      # @param cells [Hash{Array(String, String) => Sparrow::Logging::PlannedTarget}]
      # @return [Array<Hash>] as it is stored
      def self.targets_as_stored(cells)
        cells.map { |(block, station), target| {"block" => block, "station" => station, **target.to_h} }
      end

      # @return [Hash{Array(String, String) => Sparrow::Logging::PlannedTarget}]
      def targets
        planned_targets.to_h { |cell| [cell.values_at("block", "station"), Sparrow::Logging::PlannedTarget.read(cell.except("block", "station"))] }
      end
    end
  end
end
