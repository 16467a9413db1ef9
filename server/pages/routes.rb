# frozen_string_literal: true

module Server
  module Pages
    # The interface: one page for every address, never cached, and the built
    # files it asks for, which carry their content's hash in their names.
    module Routes
      FOREVER = "public, max-age=31536000, immutable"
      FILES = {"sw.js" => "text/javascript", "manifest.webmanifest" => "application/manifest+json", "icon-192.png" => "image/png", "icon-512.png" => "image/png"}.freeze
      # The first words of the interface's addresses, as web/src/router.ts has them; a spec holds the two together.
      SCREENS = %w[sign-in setup forgotten new-password join account team studio dev circuits house movements runs logbook people classes card hall].freeze

      def self.registered(app)
        app.get("/assets/:name", access: :open) do |name|
          path = Pages::Page.asset(name)
          raise Http::Problems.not_found unless path
          content_type File.extname(path)
          headers "cache-control" => FOREVER
          send_file path
        end

        # Asked for again each time: a new build is seen at once.
        FILES.each do |name, type|
          app.get("/#{name}", access: :open) do
            path = Pages::Page.file(name)
            raise Http::Problems.not_found unless path
            content_type type
            headers "cache-control" => "no-cache"
            send_file path
          end
        end

        # Everything else that is asked for is a screen of the interface.
        app.get("/*", access: :open) do
          if api? || request.path_info.start_with?("/assets")
            env["sinatra.route"] = nil
            pass
          end
          html = Pages::Page.html(env[Http::Security::NONCE], Http::Language.of(request))
          raise Http::Problems::Error.new(503, Sparrow.say("server.pages.not_built"), Sparrow.say("server.pages.the_interface_has_not_been_built")) unless html
          content_type :html
          status 404 unless SCREENS.include?(request.path_info.split("/")[1] || SCREENS.first)
          html
        end
      end
    end
  end
end
