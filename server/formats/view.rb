# frozen_string_literal: true

module Server
  module Formats
    # The formats as JSON, in the language of who asks. They do not change while the
    # process lives, so the text and its tag are made once a language.
    module View
      # @return [String] JSON
      def self.text
        (@texts ||= {})[I18n.locale] ||= JSON.generate({"formats" => Sparrow::Plan::Format.all.map(&:to_h)}).freeze
      end

      # @return [String] an entity tag
      def self.tag
        (@tags ||= {})[I18n.locale] ||= Digest::SHA256.hexdigest(text).slice(0, 20).freeze
      end
    end
  end
end
