# frozen_string_literal: true

module Server
  module Events
    # One page that is told. A page that does not read is let go: it asks again.
    class Stream
      RETRY_MS = 1000

      attr_reader :ends_at

      # @param only [String, nil] the record of which alone it is told
      def initialize(io, studio_id, ends_at, only: nil)
        @io = io
        @studio_id = studio_id
        @ends_at = ends_at
        @only = only
      end

      # @param change [Hash]
      # @return [Boolean]
      def about?(change)
        change["studio"] == @studio_id && (@only.nil? || change["record"] == @only)
      end

      def greet
        write("retry: #{RETRY_MS}\n: hello\n\n")
      end

      def beat
        write(": still here\n\n")
      end

      # @param change [Hash] "id", "kind", "record", "origin"; or "reset"
      def tell(change)
        id = change["id"]
        write("#{"id: #{id}\n" if id}data: #{JSON.generate(change.except("studio"))}\n\n")
      end

      def close
        @io.close
      rescue IOError, SystemCallError
        nil
      ensure
        @closed = true
      end

      def closed?
        @closed || false
      end

      private

      def write(text)
        return if closed?
        close unless @io.write_nonblock(text, exception: false) == text.bytesize
      rescue IOError, SystemCallError
        close
      end
    end
  end
end
