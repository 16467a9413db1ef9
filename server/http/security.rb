# frozen_string_literal: true

require "securerandom"

module Server
  module Http
    # Every security header and the content policy, in this one place.
    #
    # Requests that change something are held against forgery by three things that
    # a foreign page cannot fake together: the cookie is SameSite=Lax, the body must
    # be JSON (which a form cannot send), and a browser's own Sec-Fetch-Site or
    # Origin header must name this site (docs/decisions/0004).
    class Security
      NONCE = "sparrow.csp_nonce"
      CHANGING = %w[POST PUT PATCH DELETE].freeze
      HEADERS = {
        "x-content-type-options" => "nosniff",
        "x-frame-options" => "DENY",
        "referrer-policy" => "same-origin",
        "cross-origin-opener-policy" => "same-origin",
        "cross-origin-resource-policy" => "same-origin",
        "permissions-policy" => "camera=(), microphone=(), geolocation=(), payment=(), screen-wake-lock=(self), fullscreen=(self)"
      }.freeze

      # @param settings [Settings]
      def initialize(app, settings: Settings.current)
        @app = app
        @https = settings.https?
        @public_origin = settings.public_url && URI(settings.public_url).then { |uri| "#{uri.scheme}://#{uri.host}#{":#{uri.port}" unless uri.port == uri.default_port}" }
      end

      def call(env)
        nonce = env[NONCE] = SecureRandom.base64(16)
        status, headers, body = forged?(env) ? refuse(env) : @app.call(env)
        HEADERS.each { |name, value| headers[name] ||= value }
        headers["content-security-policy"] ||= policy(nonce)
        headers["strict-transport-security"] = "max-age=31536000" if @https
        headers["cache-control"] ||= "no-store"
        [status, headers, body]
      end

      private

      def policy(nonce)
        [
          "default-src 'none'", "script-src 'self' 'nonce-#{nonce}'", "style-src 'self' 'nonce-#{nonce}'",
          "img-src 'self' data:", "font-src 'self'", "connect-src 'self'", "media-src 'self'", "manifest-src 'self'",
          "base-uri 'none'", "form-action 'self'", "frame-ancestors 'none'"
        ].join("; ")
      end

      def forged?(env)
        return false unless CHANGING.include?(env["REQUEST_METHOD"])
        site = env["HTTP_SEC_FETCH_SITE"]
        return !%w[same-origin none].include?(site) if site
        origin = env["HTTP_ORIGIN"]
        !origin.nil? && origin != (@public_origin || "#{env["rack.url_scheme"]}://#{env["HTTP_HOST"]}")
      end

      def refuse(env)
        Http::Problems.response(403, "Forbidden", "This request came from another site.", request_id: env[Http::RequestLog::ID])
      end
    end
  end
end
