# frozen_string_literal: true

require "digest"
require "i18n"
require "json"
require "yaml"
require "zeitwerk"

# The rules of the job: catalogue, circuit, timeline, calls, review and log.
# Plain Ruby. It knows no database, no HTTP and no clock: seconds come in as
# numbers and go out as numbers, and every value is frozen.
module Sparrow
  ROOT = File.expand_path("..", __dir__)
  DATA = File.join(ROOT, "data")

  LOADER = Zeitwerk::Loader.new.tap do |loader|
    loader.tag = "sparrow"
    loader.push_dir(__dir__)
    # What everything else is made of is named without its folder: Sparrow::Level.
    loader.collapse(File.join(__dir__, "sparrow", "values"))
    loader.setup
  end
  private_constant :LOADER

  # @param path [String] a file of texts, as I18n reads it
  def self.add_texts(path)
    I18n.load_path << path
    I18n.reload!
    Sentence.forget_texts
  end
  add_texts(File.join(DATA, "texts.en.yml"))

  # @param code [String] of a text in core/data/texts.en.yml
  # @param values [Hash{Symbol => Object}] what stands in its places; +count+ chooses its plural form
  # @return [Sentence]
  def self.say(code, **values)
    Sentence.new(code, values)
  end

  # A key of the catalogue as a person reads it: “lower_back” is “lower back”.
  # @param key [String]
  # @return [Sentence] as core/data/texts.en.yml has it, else the key itself
  def self.word(key)
    say("words.#{key}", default: key.tr("_", " "))
  end

  Formats.register

  # Loads every file at once, for a server that serves many threads.
  def self.eager_load
    LOADER.eager_load
  end
end
