# frozen_string_literal: true

module Server
  module Http
    # Answers that need a lot of computing take turns, few at a time in a process,
    # so that light ones are not kept waiting behind them; whoever finds the waiting
    # room full is told to come back instead of holding a server thread.
    class HeavyWork
      # The waiting room is full.
      class Busy < StandardError; end

      AT_ONCE = 2
      # Threads that never wait for heavy work, so that light answers find one.
      LEFT_FREE = 4

      # @return [Http::HeavyWork] for a process with so many threads
      def self.for_threads(threads)
        new(waiting: [threads - AT_ONCE - LEFT_FREE, 1].max)
      end

      # @param at_once [Integer] how many compute
      # @param waiting [Integer] how many may wait
      # @param wait_s [Numeric] for how long
      def initialize(at_once: AT_ONCE, waiting: 18, wait_s: 8)
        @at_once = at_once
        @most_waiting = waiting
        @wait_s = wait_s
        @lock = Mutex.new
        @free = ConditionVariable.new
        @running = 0
        @waiting = 0
      end

      # @return [Integer] how many wait now
      attr_reader :waiting

      # @yield the computing
      # @raise [Busy]
      def turn
        enter
        begin
          yield
        ensure
          leave
        end
      end

      private

      def enter
        @lock.synchronize do
          raise Busy if @running >= @at_once && @waiting >= @most_waiting
          @waiting += 1
          until_s = clock + @wait_s
          begin
            while @running >= @at_once
              left = until_s - clock
              raise Busy unless left.positive?
              @free.wait(@lock, left)
            end
          ensure
            @waiting -= 1
          end
          @running += 1
        end
      end

      def leave
        @lock.synchronize do
          @running -= 1
          @free.signal
        end
      end

      def clock
        Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end
    end
  end
end
