# frozen_string_literal: true

module Server
  module Formats
    # The formats, as they declare themselves: what the board offers comes from here.
    module Routes
      def self.registered(app)
        app.get("/api/formats", access: :helper) do
          cache_control :private, :no_cache
          etag Formats::View.tag
          Formats::View.text
        end
      end
    end
  end
end
