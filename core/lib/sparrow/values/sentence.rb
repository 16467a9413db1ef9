# frozen_string_literal: true

require "forwardable"

module Sparrow
  # What is said to somebody: a code and its values. It stands wherever a text may stand,
  # and each time it is read it is in the language of who is asking (I18n.locale); the
  # words are in core/data/texts.en.yml and server/texts.en.yml. A value may be a sentence itself.
  # A text with a “one” and an “other” is chosen by its +count+.
  class Sentence
    extend Forwardable

    # Whatever can be asked of a text without changing it.
    def_delegators :to_s, *(String.public_instance_methods(false) - Object.public_instance_methods).grep_v(/!\z|\A(<<|concat|insert|replace|prepend|clear|force_encoding|setbyte|append_as_bytes|to_str)\z/),
      :=~, :<=>

    # By code, in the language of now. A class has hundreds of calls, and each is looked up here.
    # @return [Hash{String => String, Hash}]
    def self.texts
      (@texts ||= {})[I18n.locale] ||= flat(I18n.t("core", default: {})).merge(flat(I18n.t("server", default: {}), "server.")).freeze
    end

    # Where there are more of them by now.
    def self.forget_texts
      @texts = nil
    end

    def self.flat(parts, before = "")
      parts.flat_map { |part, texts| texts.map { |key, text| ["#{before}#{part}.#{key}", text] } }.to_h
    end
    private_class_method :flat

    attr_reader :code, :values

    # @param code [String] "review.last_round"
    # @param values [Hash{Symbol => Object}] what stands in its places
    def initialize(code, values)
      @code = code
      @values = values.freeze
      freeze
    end

    # @return [String] in the language of now
    def to_s
      text = Sentence.texts[@code]
      return text[(@values[:count] == 1) ? :one : :other].then { |form| format(form, @values) } if text.is_a?(Hash)
      return @values.fetch(:default) { raise KeyError, "no text “#{@code}” in #{I18n.locale}" } unless text
      @values.empty? ? text : format(text, @values)
    end
    alias_method :to_str, :to_s

    def as_json(*)
      to_s
    end

    def to_json(state = nil, *)
      to_s.to_json(state)
    end

    def ==(other)
      to_s == other
    end

    def eql?(other)
      to_s.eql?(other.to_s)
    end

    def hash
      to_s.hash
    end

    def inspect
      to_s.inspect
    end
  end
end
