# frozen_string_literal: true

module Sparrow
  # JSON Pointers (RFC 6901).
  module Pointer
    # @param keys [Array<String, Integer>]
    # @return [String] "" for the whole document
    def self.of(keys)
      keys.map { |key| "/#{key.to_s.gsub("~", "~0").gsub("/", "~1")}" }.join
    end

    # @param pointer [String]
    # @return [Array<String>]
    def self.keys(pointer)
      pointer.split("/", -1).drop(1).map { |key| key.gsub("~1", "/").gsub("~0", "~") }
    end

    # A deep copy of a document with values put at places; nil takes a key away.
    # @param pairs [Array<Array(String, Object)>] pointer and value
    # @return [Hash]
    def self.put(document, pairs)
      copy = Marshal.load(Marshal.dump(document))
      pairs.each do |pointer, value|
        *path, last = keys(pointer)
        holder = path.reduce(copy) { |held, key| held.is_a?(Array) ? held.fetch(Integer(key)) : held.fetch(key) }
        if value.nil?
          holder.delete(last)
        else
          holder[holder.is_a?(Array) ? Integer(last) : last] = Marshal.load(Marshal.dump(value))
        end
      end
      copy
    end
  end
end
