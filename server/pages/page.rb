# frozen_string_literal: true

module Server
  module Pages
    # The interface's one HTML page, as the front end's build left it, with a
    # nonce put in for each response.
    module Page
      DIST = File.join(ROOT, "web", "dist")
      PLACEHOLDER = "__CSP_NONCE__"

      # @param nonce [String]
      # @param language [String] in which the interface's texts are to be
      # @return [String, nil] nil where nothing has been built
      def self.html(nonce, language)
        path = File.join(DIST, "index.html")
        return unless File.file?(path)
        built_at = File.mtime(path)
        @page = [built_at, File.read(path)] unless @page&.first == built_at
        @page.last.gsub(PLACEHOLDER, nonce).sub('<html lang="en"', %(<html lang="#{language}"))
      end

      # What a browser asks for by its own name, to keep the interface for later.
      # @return [String, nil] where it is
      def self.file(name)
        path = File.join(DIST, File.basename(name))
        path if File.file?(path)
      end

      # @return [String, nil] where a built file of this name is
      def self.asset(name)
        path = File.join(DIST, "assets", File.basename(name))
        path if File.file?(path)
      end
    end
  end
end
