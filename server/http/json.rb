# frozen_string_literal: true

module Server
  module Http
    # How records are shown as JSON: one resource a file.
    module Json
      # Instants travel as ISO 8601 in UTC, to the millisecond.
      # @return [String, nil]
      def self.instant(time)
        time&.utc&.iso8601(3)
      end
    end
  end
end
