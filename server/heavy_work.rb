# frozen_string_literal: true

module Server
  # Answers that need a lot of computing take turns, few at a time in a process,
  # so that light ones are never kept waiting behind them. A thread that computes
  # gives way more often than one that answers (a negative priority shortens
  # Ruby's time slice), and whoever finds the waiting room full is told to come
  # back instead of holding a server thread.
  class HeavyWork
    # The waiting room is full.
    class Busy < StandardError; end

    AT_ONCE = 2
    PRIORITY = -3

    # @param at_once [Integer] how many compute
    # @param waiting [Integer] how many may wait
    # @param wait_s [Numeric] for how long
    def initialize(at_once: AT_ONCE, waiting: 6, wait_s: 8)
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
      held = Thread.current.priority
      begin
        Thread.current.priority = PRIORITY
        yield
      ensure
        Thread.current.priority = held
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
