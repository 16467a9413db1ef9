# frozen_string_literal: true

module Server
  module Http
    # Whatever can be edited carries a version. A save names the version that the
    # writer has seen; where another save came first, it is answered with what
    # stands there now, and nothing is written.
    module Versions
      # @param record [Records::Base]
      # @param seen [Integer] the version that the writer has seen
      # @param what [String] such as "This person was"
      # @param theirs [#call] what stands there now, to be shown beside what was typed
      # @param column [Symbol] where the version is kept
      # @yield the change, under a lock
      # @raise [Http::Problems::Error] 409
      def self.change(record, seen, what, theirs:, column: :version)
        record.with_lock do
          unless record.public_send(column) == seen
            raise Http::Problems.conflict(Sparrow.say("server.http.what_changed_from_another_place_after", what: what), theirs: theirs.call)
          end
          yield
          record.update!(column => seen + 1)
        end
      end
    end
  end
end
