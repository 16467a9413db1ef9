# frozen_string_literal: true

module Server
  # Computes in a process of its own, so that this one goes on answering others: a
  # thread of Ruby's that computes keeps the interpreter for a tenth of a second at
  # a time, and light answers would wait for several such tenths. Starting a process
  # costs some milliseconds, so only what is large goes that way. The block must
  # touch neither the database nor anything else that is shared.
  module Apart
    # Level windows from which a document is computed apart: about five times an ordinary class.
    FROM_LEVEL_WINDOWS = 1000
    DEADLINE_S = 10
    # The operating system lets it wait behind who answers.
    NICE = 10

    # It took too long.
    class TooSlow < StandardError; end

    # @param document [Object] what is to be computed with
    # @yieldreturn [String]
    # @return [String]
    # @raise [Sparrow::Refused, TooSlow] as the block does
    def self.where_large(document, &block)
      budget = Sparrow::Circuit::Budget.new(document)
      raise Sparrow::Refused.new([budget.problem]) if budget.problem
      (budget.level_windows >= FROM_LEVEL_WINDOWS) ? call(&block) : yield
    end

    def self.call
      reader, writer = IO.pipe(binmode: true)
      pid = fork { answer(reader, writer) { yield } }
      writer.close
      kind, value = Marshal.load(read(reader, pid)) # written by ourselves, a moment ago
      raise Sparrow::Refused.new(value) if kind == :refused
      raise value if kind == :failed
      value
    ensure
      reader&.close
      Process.detach(pid) if pid
    end

    # In the child: nothing of the parent's is ended by its end.
    def self.answer(reader, writer)
      reader.close
      Process.setpriority(Process::PRIO_PROCESS, 0, NICE)
      result = begin
        [:fine, yield]
      rescue Sparrow::Refused => refused
        [:refused, refused.problems]
      rescue => error
        [:failed, "#{error.class} at #{error.backtrace&.first.to_s.delete_prefix(ROOT)}"]
      end
      writer.write(Marshal.dump(result))
      writer.close
    ensure
      exit!(0)
    end

    def self.read(reader, pid)
      text = +"".b
      until_s = Process.clock_gettime(Process::CLOCK_MONOTONIC) + DEADLINE_S
      loop do
        left = until_s - Process.clock_gettime(Process::CLOCK_MONOTONIC)
        raise TooSlow unless left.positive? && reader.wait_readable(left)
        text << reader.read_nonblock(1 << 16)
      end
    rescue EOFError
      text.empty? ? raise(TooSlow) : text
    rescue TooSlow
      Process.kill("KILL", pid)
      raise
    end
    private_class_method :answer, :read
  end
end
