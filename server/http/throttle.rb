# frozen_string_literal: true

require "active_support/cache"
require "rack/attack"

module Server
  module Http
    # How much one person, or one address, may ask for in a while. It protects a
    # process from being kept busy, so it is counted in each process by itself;
    # guessing at the door is counted in the database (SignInGuard).
    module Throttle
      PERIOD_S = 60
      MINE = ->(request) { request.env.dig("rack.session", "person") || request.ip }
      FROM = ->(request) { request.ip }
      # What is limited: its name, who is counted, how often in a minute, and which requests.
      Rule = Struct.new(:name, :who, :limit, :applies)
      RULES = [
        Rule.new("everything", FROM, 3000, ->(_) { true }),
        Rule.new("sign-in", FROM, 120, ->(request) { request.post? && request.path.match?(%r{\A/api/session(/second-factor)?\z}) }),
        Rule.new("links", FROM, 20, ->(request) { request.path.match?(%r{\A/api/(password-links|invitations|setup)(/|\z)}) && !request.get? }),
        Rule.new("pulse", FROM, 240, ->(request) { request.path == "/api/pulse" }),
        Rule.new("hall", FROM, 600, ->(request) { request.path.start_with?("/api/hall/") }),
        Rule.new("cards", FROM, 240, ->(request) { request.path.start_with?("/api/cards/") }),
        Rule.new("preview", MINE, 400, ->(request) { request.path == "/api/preview" }),
        Rule.new("planning", MINE, 120, ->(request) { request.path.start_with?("/api/planning/") }),
        Rule.new("paper", MINE, 20, ->(request) { request.path.end_with?(".pdf") }),
        Rule.new("import", MINE, 20, ->(request) { request.path == "/api/people/import" }),
        Rule.new("export", MINE, 10, ->(request) { request.path == "/api/studio/export" })
      ].freeze

      # @return [Class] the middleware, configured
      def self.middleware
        Rack::Attack.cache.store = ActiveSupport::Cache::MemoryStore.new(size: 8 * 1024 * 1024)
        RULES.each do |rule|
          Rack::Attack.throttle(rule.name, limit: rule.limit, period: PERIOD_S) { |request| rule.who.call(request) if rule.applies.call(request) }
        end
        Rack::Attack.throttled_responder = method(:answer)
        Rack::Attack
      end

      def self.answer(request)
        Http::Problems.response(429, Sparrow.say("server.http.too_many_requests"), Sparrow.say("server.http.that_was_asked_for_too_often"),
          headers: {"retry-after" => PERIOD_S.to_s}, request_id: request.env[Http::RequestLog::ID])
      end
    end
  end
end
