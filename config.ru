# frozen_string_literal: true

require_relative "server/server"

begin
  Server::Settings.current.session_secret
  Server::Settings.current.encryption_secret
  Server::Database.connect
rescue Server::Settings::Missing => missing
  abort "Willing Sparrow does not start: #{missing.message}"
end

Server.eager_load
run Server::Application.build
