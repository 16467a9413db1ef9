# frozen_string_literal: true

require "open3"
require "timeout"

module Server
  module Speech
    # Calls said aloud by the machine's own voice, for browsers that have none: Debian's espeak-ng. What was said once is kept by its
    # digest. Where that package is missing tones serve.
    module Voice
      PROGRAM = "espeak-ng"
      WORDS_A_MINUTE = "165"
      LONGEST_S = 5
      # Kept in a folder of this account's own, until the machine clears it.
      FOLDER = File.join(Dir.tmpdir, "willing-sparrow-speech-#{Process.uid}")

      # Nothing can be said here.
      class Missing < StandardError; end

      class << self
        # @return [Boolean]
        def there?
          return @there if defined?(@there)
          @there = ENV.fetch("PATH", "").split(File::PATH_SEPARATOR).any? { |folder| File.executable?(File.join(folder, PROGRAM)) }
        end

        # @param text [String]
        # @param language [String] such as "en-gb"
        # @return [String] a WAV file
        # @raise [Missing]
        def say(text, language: "en-gb")
          raise Missing unless there?
          kept = File.join(folder, "#{digest(text, language)}.wav")
          return File.binread(kept) if File.exist?(kept)
          render(text, language).tap { |wave| keep(kept, wave) }
        end

        # @return [String] by which what was said is known
        def digest(text, language)
          Digest::SHA256.hexdigest([PROGRAM, WORDS_A_MINUTE, language, text].join("\n"))
        end

        private

        # What is said goes in by the standard input: nothing of it is read as an option.
        def render(text, language)
          wave, status = Timeout.timeout(LONGEST_S) { Open3.capture2(PROGRAM, "-v", language, "-s", WORDS_A_MINUTE, "--stdin", "--stdout", stdin_data: text, binmode: true, err: File::NULL) }
          raise Missing unless status.success? && wave.start_with?("RIFF")
          wave
        rescue Timeout::Error, SystemCallError
          raise Missing
        end

        def folder
          FileUtils.mkdir_p(FOLDER, mode: 0o700)
          FOLDER
        end

        # Whole or not at all: another process may be reading it.
        def keep(path, wave)
          part = "#{path}.#{Process.pid}.#{Thread.current.object_id}"
          File.binwrite(part, wave)
          File.rename(part, path)
        end
      end
    end
  end
end
