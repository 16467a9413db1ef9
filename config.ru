# frozen_string_literal: true

require_relative "server/server"

begin
  settings = Server::Settings.current
  settings.session_secret
  settings.trusted_proxies
  Server::Http::Metrics::Registry.store_in(settings.metrics_folder)
  Server::Database.connect
  Server::KeyCheck.new.verify
  Server::Database.check_schema
rescue Server::Settings::Missing, Server::KeyCheck::Wrong, Server::Database::WrongSchema => reason
  abort "Willing Sparrow does not start: #{reason.message}"
rescue ActiveRecord::ActiveRecordError, PG::Error => error
  abort "Willing Sparrow does not start: the database cannot be used (#{error.class})."
end

Server.eager_load
run Server::Application.build
