# frozen_string_literal: true

module Server
  # What changed in a studio, told to every page of it that is open. Only ids travel: who is told
  # asks for what they may see. A change is announced through the database, so that it reaches
  # the pages of every process; each process listens once for all of its own.
  module Events
    CHANNEL = "sparrow_changes"
    # What a path of the API is about. Other paths change nothing that another page shows.
    KINDS = %w[workouts classes runs people places house movements studio team].freeze
    CHANGED = %r{\A/api/(#{KINDS.join("|")})(?:/([^/]+))?(?:/|\z)}
    # These are asked with POST and change nothing.
    ASKED = %r{\A/api/house/touches\z}
    WRITES = %w[POST PUT PATCH DELETE].freeze

    class << self
      # @param verb [String]
      # @param path [String] as the routes saw it
      # @return [Array(String, String), nil] what a request changes: its kind, and an id where one is named
      def change_of(verb, path)
        return unless WRITES.include?(verb) && !path.match?(ASKED)
        path.match(CHANGED)&.captures
      end

      # Tells every open page of a studio. The database counts the changes by its clock.
      # @param origin [String, nil] the tab that made the change, which knows of it
      def announce(studio_id, kind, id, origin:)
        connection = ActiveRecord::Base.connection
        told = {studio: studio_id, kind: kind, record: id, origin: origin}.compact.map { |key, value| "'#{key}', #{connection.quote(value)}" }.join(", ")
        connection.execute("SELECT pg_notify('#{CHANNEL}', json_build_object('id', (extract(epoch FROM clock_timestamp()) * 1000000)::bigint, #{told})::text)")
      rescue ActiveRecord::ActiveRecordError, PG::Error
        nil # What was asked is done. Who is not told of it sees it at the next look.
      end

      # @return [Hub] of this process: a forked one listens for itself
      def hub
        @lock ||= Mutex.new
        @lock.synchronize do
          @hub = Hub.new(Settings.current.direct_database_url) unless @hub && @pid == Process.pid
          @pid = Process.pid
          @hub
        end
      end
    end
  end
end
