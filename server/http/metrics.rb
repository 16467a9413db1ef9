# frozen_string_literal: true

require "prometheus/client"
require "prometheus/client/data_stores/direct_file_store"
require "prometheus/client/formats/text"

module Server
  module Http
    # Counts requests and the time they took, by route and status, and hands the
    # numbers out at /metrics to a scraper on this machine. Several processes write
    # to one folder (METRICS_FOLDER), so that any of them answers for all.
    class Metrics
      PATH = "/metrics"
      LOOPBACK = %w[127.0.0.1 ::1].freeze
      BUCKETS = [0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 15].freeze

      # One set of counters a process.
      module Registry
        module_function

        def requests
          @requests ||= counter(:sparrow_requests_total, "Requests answered.", %i[route method status])
        end

        def seconds
          @seconds ||= Prometheus::Client::Histogram.new(:sparrow_request_seconds, docstring: "Seconds until the answer.", labels: %i[route], buckets: BUCKETS)
            .tap { |metric| registry.register(metric) }
        end

        def errors
          @errors ||= counter(:sparrow_errors_total, "Answers that were our fault, or for want of the database.", %i[status])
        end

        def pool
          @pool ||= gauge(:sparrow_database_connections, "Database connections of a process.", %i[state])
        end

        def queue
          @queue ||= gauge(:sparrow_heavy_waiting, "Requests that wait for their turn to compute.", [])
        end

        def registry
          @registry ||= Prometheus::Client::Registry.new
        end

        # Before the first of them is made.
        def store_in(folder)
          Prometheus::Client.config.data_store = Prometheus::Client::DataStores::DirectFileStore.new(dir: folder) if folder
        end

        def counter(name, docstring, labels)
          Prometheus::Client::Counter.new(name, docstring: docstring, labels: labels).tap { |metric| registry.register(metric) }
        end

        def gauge(name, docstring, labels)
          options = Prometheus::Client.config.data_store.is_a?(Prometheus::Client::DataStores::DirectFileStore) ? {store_settings: {aggregation: :sum}} : {}
          Prometheus::Client::Gauge.new(name, docstring: docstring, labels: labels, **options).tap { |metric| registry.register(metric) }
        end
      end

      def initialize(app)
        @app = app
        Registry.requests
        Registry.errors
        Registry.seconds
      end

      def call(env)
        return scraped(env) if env["PATH_INFO"] == PATH
        started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
        status, headers, body = @app.call(env)
        note(env, status, Process.clock_gettime(Process::CLOCK_MONOTONIC) - started)
        [status, headers, body]
      end

      private

      def note(env, status, seconds)
        route = RequestLog.route(env)
        Registry.requests.increment(labels: {route: route, method: env["REQUEST_METHOD"].to_s[/\A[A-Z]{1,10}\z/] || "?", status: status})
        Registry.seconds.observe(seconds, labels: {route: route})
        Registry.errors.increment(labels: {status: status}) if status >= 500
      end

      # Only for who asks from this machine itself, and not through a proxy on it.
      def scraped(env)
        local = LOOPBACK.include?(env["REMOTE_ADDR"]) && ClientAddress::FORWARDED.none? { |name| env.key?(name) }
        return Http::Problems.rack(Http::Problems.not_found, request_id: env[RequestLog::ID]) unless local && env["REQUEST_METHOD"] == "GET"
        state
        [200, {"content-type" => "text/plain; version=0.0.4; charset=utf-8"}, [Prometheus::Client::Formats::Text.marshal(Registry.registry)]]
      end

      def state
        stat = ActiveRecord::Base.connection_pool.stat
        %i[size connections busy idle waiting].each { |name| Registry.pool.set(stat.fetch(name), labels: {state: name}) }
        Registry.queue.set(Http::Routes::HEAVY.waiting)
      end
    end
  end
end
