# frozen_string_literal: true

module Sparrow
  module Review
    # A change that one key applies: a label, and a JSON Patch (RFC 6902) on the
    # workout document.
    class Fix < Value.of(:label, :patch)
      # Sets a key, whether it was there or not.
      # @return [Fix]
      def self.set(label, *pairs)
        new(label: label, patch: pairs.map { |path, value| {"op" => "add", "path" => path, "value" => value} })
      end

      # @return [Fix]
      def self.remove(label, path)
        new(label: label, patch: [{"op" => "remove", "path" => path}])
      end
    end
  end
end
