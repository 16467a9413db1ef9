# frozen_string_literal: true

module Server
  module Events
    # The open streams of this process, and the one thread that listens for them.
    class Hub
      HEARTBEAT_S = 15
      # A stream ends after so long, and is asked for anew: who may not come in any more is out by then.
      LASTS_S = 600
      # Changes kept for a page that was away for a moment.
      KEPT = 500
      MOST = 500
      RETRY_S = 1

      # No more pages can be told.
      class Full < StandardError; end

      # @param url [String] of the database itself: a pooler keeps no session that could listen
      def initialize(url)
        @url = url
        @streams = []
        @kept = []
        @lock = Mutex.new
      end

      # @param io [IO] whose answer has begun; from now on it is written to and closed here
      # @param studio_id [String]
      # @param seen [Integer, nil] the last change that the page was told of
      # @param only [String, nil] the record of which alone it is told
      # @raise [Full]
      def add(io, studio_id, seen: nil, only: nil)
        @lock.synchronize do
          raise Full if @streams.size >= MOST
          stream = Stream.new(io, studio_id, now_s + LASTS_S, only: only)
          @streams << stream
          stream.greet
          catch_up(stream, seen) if seen
          listen
        end
      end

      # @return [Integer]
      def size
        @lock.synchronize { @streams.size }
      end

      # Ends every stream and stops listening.
      def close
        @lock.synchronize do
          @streams.each(&:close)
          @streams.clear
          @listener&.kill
          @listener = nil
        end
      end

      private

      # What came meanwhile; where that is not known any more, that everything may have changed.
      def catch_up(stream, seen)
        return stream.tell("reset" => true) if @kept.empty? || @kept.first.fetch("id") > seen
        @kept.each { |change| stream.tell(change) if change.fetch("id") > seen && stream.about?(change) }
      end

      def listen
        return if @listener&.alive?
        @listener = Thread.new { loop { listen_on } }.tap { |thread| thread.report_on_exception = false }
      end

      def listen_on
        connection = PG.connect(@url)
        connection.exec("LISTEN #{CHANNEL}")
        missed
        beat_at = now_s + HEARTBEAT_S
        # However much is said, streams hear that they are there, and end in time.
        loop do
          connection.wait_for_notify([beat_at - now_s, 0].max) { |_, _, payload| deliver(JSON.parse(payload)) }
          next if now_s < beat_at
          beat
          beat_at = now_s + HEARTBEAT_S
        end
      rescue PG::Error, SystemCallError, JSON::ParserError
        sleep RETRY_S
      ensure
        connection&.close
      end

      # Before one listens, and after the database was away, nobody knows what was said.
      def missed
        @lock.synchronize do
          @kept.clear
          @streams.each { |stream| stream.tell("reset" => true) }
          sweep
        end
      end

      def deliver(change)
        @lock.synchronize do
          @kept.push(change)
          @kept.shift if @kept.size > KEPT
          own = @streams.select { |stream| stream.about?(change) }
          own.each { |stream| stream.tell(change) }
          # Somebody's role or place in the team has changed: each page asks again whether it may listen.
          own.each(&:close) if change["kind"] == "team"
          sweep
        end
      end

      def beat
        now = now_s
        @lock.synchronize do
          @streams.each { |stream| (now > stream.ends_at) ? stream.close : stream.beat }
          sweep
        end
      end

      def now_s
        Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end

      def sweep
        @streams.reject!(&:closed?)
      end
    end
  end
end
