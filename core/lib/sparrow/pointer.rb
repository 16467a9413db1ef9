# frozen_string_literal: true

module Sparrow
  # JSON Pointers (RFC 6901).
  module Pointer
    # @param keys [Array<String, Integer>]
    # @return [String] "" for the whole document
    def self.of(keys)
      keys.map { |key| "/#{key.to_s.gsub("~", "~0").gsub("/", "~1")}" }.join
    end
  end
end
