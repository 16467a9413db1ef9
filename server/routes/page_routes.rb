# frozen_string_literal: true

module Server
  class Routes
    # The interface: one page for every address, never cached, and the built
    # files it asks for, which carry their content's hash in their names.
    module PageRoutes
      FOREVER = "public, max-age=31536000, immutable"

      def self.registered(app)
        app.get("/assets/:name") do |name|
          path = Page.asset(name)
          raise Problems.not_found unless path
          content_type File.extname(path)
          headers "cache-control" => FOREVER
          send_file path
        end

        app.get("/*") do
          raise Problems.not_found if params["splat"].first.to_s.start_with?("api/", "assets/")
          html = Page.html(env[Security::NONCE])
          raise Problems::Error.new(503, "Not built", "The interface has not been built: run bin/start.") unless html
          content_type :html
          html
        end
      end
    end
  end
end
