# frozen_string_literal: true

require "ipaddr"
require "openssl"

module Server
  module Http
    module Throttle
      # Slows down guessing at the door, with pauses that grow: by address and
      # e-mail together first, then by either alone. Counted in the database, so that
      # every process counts together. A try is counted before the password is looked
      # at and taken back when it was right: many at once gain nothing, and signing
      # in costs nothing. An address that somebody signed in from before is never
      # kept from their right password.
      class SignInGuard
        # Wrong tries before the first pause.
        FREE = {pair: 5, address: 40, email: 60}.freeze
        FIRST_PAUSE_S = 5
        LONGEST_PAUSE_S = 900
        # Without a wrong try for so long, counting begins anew.
        FORGOTTEN_S = 3600

        # @param address [String] where the request came from
        # @param email [String] or whatever else is tried
        def initialize(address, email)
          @address = network(address)
          email = email.to_s.strip.downcase
          @keys = {pair: digest("pair", @address, email), address: digest("address", @address), email: digest("email", email)}
        end

        # Counts a try, unless it must wait.
        # @return [Integer] seconds to wait; 0 where it may be tried
        def enter
          table.transaction do
            now = Time.now.utc
            wait = standing(now).map { |kind, count, last_at| waiting(pause(kind, count), now - last_at) }.max
            next wait if wait.positive?
            @keys.each_value { |key| count(key, now) }
            0
          end
        end

        # The password was right: the try is taken back. The rows are taken in the same order
        # as in {#enter}: where this is part of a longer transaction, they stay locked until its end.
        def right
          in_order.each do |kind, key|
            execute((kind == :pair) ? "DELETE FROM sign_in_failures WHERE key = $1" : "UPDATE sign_in_failures SET count = greatest(count - 1, 0) WHERE key = $1", key)
          end
        end

        # @param instructor [Records::Instructor, nil]
        # @return [Boolean] whether they signed in from here before
        def known?(instructor)
          !instructor.nil? && instructor.known_addresses.exists?(address_digest: digest("known", @address))
        end

        # They have signed in from here.
        def remember(instructor)
          Records::KnownAddress.upsert({instructor_id: instructor.id, address_digest: digest("known", @address), seen_at: Time.now.utc}, unique_by: %i[instructor_id address_digest])
        end

        # @return [Array] a problem for who must wait
        def self.too_many(wait_s)
          Http::Problems::Error.new(429, Sparrow.say("server.http.too_many_tries"), Sparrow.say("server.http.too_many_wrong_tries_wait_n", wait: (wait_s < 90) ? Sparrow.say("server.http.seconds", count: wait_s) : Sparrow.say("server.http.minutes", count: (wait_s / 60.0).ceil)),
            headers: {"retry-after" => wait_s.to_s})
        end

        private

        # @return [Integer] what is left of a pause, in whole seconds
        def waiting(pause_s, since_s)
          pause_s.zero? ? 0 : [(pause_s - since_s).ceil, 0].max
        end

        def pause(kind, count)
          over = count - FREE.fetch(kind)
          over.negative? ? 0 : [FIRST_PAUSE_S * 2**[over, 12].min, LONGEST_PAUSE_S].min
        end

        # One order for all, so that no two requests wait for each other.
        def in_order
          @keys.sort_by(&:last)
        end

        # @return [Array<Array(Symbol, Integer, Time)>] under a lock
        def standing(now)
          in_order.map do |kind, key|
            count, last_at = execute(<<~SQL, key, now).rows.first
              INSERT INTO sign_in_failures (key, count, last_at) VALUES ($1, 0, $2)
              ON CONFLICT (key) DO UPDATE SET count = sign_in_failures.count RETURNING count, last_at
            SQL
            last_at = last_at.is_a?(Time) ? last_at : Time.parse("#{last_at} UTC")
            [kind, (now - last_at > FORGOTTEN_S) ? 0 : count, last_at]
          end
        end

        def count(key, now)
          execute("UPDATE sign_in_failures SET count = CASE WHEN last_at < $2 THEN 1 ELSE count + 1 END, last_at = $3 WHERE key = $1", key, now - FORGOTTEN_S, now)
          execute("DELETE FROM sign_in_failures WHERE key IN (SELECT key FROM sign_in_failures WHERE last_at < $1 FOR UPDATE SKIP LOCKED)", now - 86_400) if rand(100).zero?
        end

        def execute(sql, *binds)
          ActiveRecord::Base.connection.exec_query(sql, "throttle", binds)
        end

        def table
          ActiveRecord::Base
        end

        # Of IPv6 a household has 64 bits of addresses.
        def network(address)
          ip = IPAddr.new(address.to_s)
          ip.ipv6? ? ip.mask(64).to_s : ip.to_s
        rescue IPAddr::Error
          "unknown"
        end

        # Addresses and e-mails are not kept, only what tells them apart.
        def digest(*parts)
          OpenSSL::HMAC.hexdigest("SHA256", Settings.current.session_secret, "willing-sparrow/#{parts.join("/")}")
        end
      end
    end
  end
end
