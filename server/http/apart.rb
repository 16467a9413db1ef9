# frozen_string_literal: true

module Server
  module Http
    # Computes in a process of its own, so that this one goes on answering others: a
    # thread of Ruby's that computes keeps the interpreter for a tenth of a second at
    # a time, and light answers would wait for several such tenths. Starting a process
    # costs some milliseconds, so only what is large goes that way. The block must
    # touch neither the database nor anything else that is shared.
    module Apart
      # Level windows from which a document is computed apart: about five times an ordinary class. What has more than may be is
      # refused at once.
      FROM_LEVEL_WINDOWS = 1000
      DEADLINE_S = 10
      # The operating system lets it wait behind who answers.
      NICE = 10
      FINE = "="
      REFUSED = "!"
      FAILED = "x"

      # It took too long.
      class TooSlow < StandardError; end

      # @param document [Object] what is to be computed with
      # @yieldreturn [String]
      # @return [String]
      # @raise [Sparrow::Refused, TooSlow] as the block does
      def self.where_large(document, &block)
        windows = Sparrow::Plan::Budget.new(document).level_windows
        (FROM_LEVEL_WINDOWS..Sparrow::Plan::Budget::MOST_LEVEL_WINDOWS).cover?(windows) ? call(&block) : yield
      end

      def self.call
        reader, writer = IO.pipe(binmode: true)
        pid = fork { answer(reader, writer) { yield } }
        writer.close
        told(read(reader, pid))
      ensure
        reader&.close
        Process.detach(pid) if pid
      end

      # In the child: nothing of the parent's is ended by its end. Its memory is never
      # tidied, because the parent's other threads may have stood in the middle of
      # changing what a finaliser would then free (a database connection's buffers).
      def self.answer(reader, writer)
        GC.disable
        reader.close
        Process.setpriority(Process::PRIO_PROCESS, 0, NICE)
        result = begin
          FINE + yield
        rescue Sparrow::Refused => refused
          REFUSED + JSON.generate(refused.problems.map { |problem| [problem.pointer, problem.message] })
        rescue => error
          "#{FAILED}#{error.class} at #{error.backtrace&.first.to_s.delete_prefix(ROOT)}"
        end
        writer.write(result)
        writer.close
      ensure
        exit!(0)
      end

      # @param text [String] what the child wrote: how it went in its first letter, and the rest
      def self.told(text)
        rest = text[1..].force_encoding(Encoding::UTF_8)
        case text[0]
        when REFUSED then raise Sparrow::Refused.new(JSON.parse(rest).map { |pointer, message| Sparrow::Problem.new(pointer: pointer, message: message) })
        when FAILED then raise rest
        else rest
        end
      end

      def self.read(reader, pid)
        text = +"".b
        until_s = Process.clock_gettime(Process::CLOCK_MONOTONIC) + DEADLINE_S
        loop do
          left = until_s - Process.clock_gettime(Process::CLOCK_MONOTONIC)
          raise TooSlow unless left.positive? && reader.wait_readable(left)
          part = reader.read_nonblock(1 << 16, exception: false)
          break if part.nil?
          text << part unless part == :wait_readable
        end
        text.empty? ? raise(TooSlow) : text
      rescue TooSlow
        Process.kill("KILL", pid)
        raise
      end
      private_class_method :answer, :told, :read
    end
  end
end
