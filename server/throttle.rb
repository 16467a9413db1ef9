# frozen_string_literal: true

require "rack/attack"

module Server
  # Slows down guessing at the door: counted in the database, so that every
  # process counts together.
  module Throttle
    TRIES_PER_ADDRESS = 20
    TRIES_PER_EMAIL = 8
    PERIOD_S = 300

    # @return [Class] the middleware, configured
    def self.middleware
      Rack::Attack.cache.store = Store.new
      Rack::Attack.throttle("sign-in/address", limit: TRIES_PER_ADDRESS, period: PERIOD_S) { |request| request.ip if sign_in?(request) }
      Rack::Attack.throttle("sign-in/email", limit: TRIES_PER_EMAIL, period: PERIOD_S) { |request| email(request) if sign_in?(request) }
      Rack::Attack.throttled_responder = method(:answer)
      Rack::Attack
    end

    def self.sign_in?(request)
      request.post? && request.path == "/api/session"
    end

    # A digest of it: addresses are not kept in the counter.
    def self.email(request)
      body = request.body.read.to_s
      request.body.rewind if request.body.respond_to?(:rewind)
      given = JSON.parse(body)
      Digest::SHA256.hexdigest(given["email"].to_s.scrub.strip.downcase) if given.is_a?(Hash)
    rescue JSON::ParserError
      nil
    end

    def self.answer(request)
      status, headers, body = Problems.response(429, "Too many tries",
        "Too many tries to sign in. Wait five minutes and try again.", request_id: request.env[Middleware::RequestLog::ID])
      [status, headers.merge("retry-after" => PERIOD_S.to_s), body]
    end
    private_class_method :sign_in?, :email
  end
end
