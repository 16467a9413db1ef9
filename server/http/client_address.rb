# frozen_string_literal: true

require "ipaddr"

module Server
  module Http
    # Where a request came from, by which scheme and for which host: settled here
    # once. What a proxy says in X-Forwarded-* headers counts only where that
    # proxy is named by TRUSTED_PROXIES; everything behind this middleware sees
    # the settled values and no such header.
    class ClientAddress
      FORWARDED = %w[HTTP_X_FORWARDED_FOR HTTP_X_FORWARDED_PROTO HTTP_X_FORWARDED_SCHEME HTTP_X_FORWARDED_SSL HTTP_X_FORWARDED_HOST
        HTTP_X_FORWARDED_PORT HTTP_FORWARDED HTTP_X_REAL_IP HTTP_CLIENT_IP].freeze
      # Whether somebody asks from this machine itself, and not through a proxy on it.
      LOCAL = "sparrow.local"
      HERE = %w[127.0.0.1 ::1].freeze
      LOOPBACK = %w[localhost 127.0.0.1 [::1]].freeze
      HOST_FORM = /\A(?<name>\[[0-9a-f:.]+\]|[a-z0-9.-]+)(?::\d{1,5})?\z/i
      IP = /\A(\d{1,3}(\.\d{1,3}){3}|\[[0-9a-f:.]+\])\z/i

      # @param settings [Settings]
      def initialize(app, settings:)
        @app = app
        @proxies = settings.trusted_proxies
        @https = settings.https?
        @hosts = LOOPBACK + settings.allowed_hosts
      end

      def call(env)
        env[LOCAL] = HERE.include?(env["REMOTE_ADDR"]) && FORWARDED.none? { |name| env.key?(name) }
        trusted = proxy?(env["REMOTE_ADDR"])
        env["REMOTE_ADDR"] = client(env) if trusted
        env["rack.url_scheme"] = scheme(env, trusted)
        env["HTTPS"] = "on" if env["rack.url_scheme"] == "https"
        FORWARDED.each { |name| env.delete(name) }
        return @app.call(env) if known_host?(env)
        Http::Problems.response(400, Sparrow.say("server.http.unknown_host"), Sparrow.say("server.http.this_server_does_not_answer_for"),
          request_id: env[RequestLog::ID])
      end

      private

      # The public address decides: a proxy in front of it speaks HTTPS outside.
      def scheme(env, trusted)
        return "https" if @https
        return env["rack.url_scheme"] unless trusted
        (env["HTTP_X_FORWARDED_PROTO"].to_s.split(",").last.to_s.strip == "https") ? "https" : env["rack.url_scheme"]
      end

      # The last address that no proxy of ours stands behind.
      def client(env)
        chain = env["HTTP_X_FORWARDED_FOR"].to_s.split(",").map(&:strip).grep(/\A[0-9a-fA-F:.]{2,45}\z/)
        chain.reverse.find { |address| !proxy?(address) } || env["REMOTE_ADDR"]
      end

      def proxy?(address)
        return false if @proxies.empty?
        ip = IPAddr.new(address.to_s)
        @proxies.any? { |range| range.family == ip.family && range.include?(ip) }
      rescue IPAddr::Error
        false
      end

      # A name that is not ours would end up in the links that are made from it.
      def known_host?(env)
        name = HOST_FORM.match(env["HTTP_HOST"].to_s)&.[](:name)&.downcase
        !name.nil? && (IP.match?(name) || @hosts.include?(name))
      end
    end
  end
end
