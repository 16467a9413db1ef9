# frozen_string_literal: true

module Server
  module Throttle
    # The counter that rack-attack needs, as rows of a table.
    class Store
      INCREMENT = <<~SQL
        INSERT INTO throttle_counts (key, count, expires_at) VALUES ($1, $2, now() + make_interval(secs => $3))
        ON CONFLICT (key) DO UPDATE SET
          count = CASE WHEN throttle_counts.expires_at < now() THEN EXCLUDED.count ELSE throttle_counts.count + EXCLUDED.count END,
          expires_at = CASE WHEN throttle_counts.expires_at < now() THEN EXCLUDED.expires_at ELSE throttle_counts.expires_at END
        RETURNING count
      SQL

      # @return [Integer] the count after adding
      def increment(key, amount, expires_in:)
        ActiveRecord::Base.connection_pool.with_connection do |connection|
          connection.exec_query("DELETE FROM throttle_counts WHERE expires_at < now() - interval '1 day'") if rand(100).zero?
          connection.exec_query(INCREMENT, "throttle", [key, amount, expires_in.to_f]).rows.dig(0, 0)
        end
      end

      # @return [Integer, nil]
      def read(key)
        ActiveRecord::Base.connection_pool.with_connection do |connection|
          connection.exec_query("SELECT count FROM throttle_counts WHERE key = $1 AND expires_at >= now()", "throttle", [key]).rows.dig(0, 0)
        end
      end

      def write(key, count, expires_in:)
        delete(key)
        increment(key, count, expires_in: expires_in)
      end

      def delete(key)
        ActiveRecord::Base.connection_pool.with_connection do |connection|
          connection.exec_delete("DELETE FROM throttle_counts WHERE key = $1", "throttle", [key])
        end
      end
    end
  end
end
