# frozen_string_literal: true

# Encrypts what is private with the new secret (bin/rekey).
require_relative "../server"

begin
  Server::Database.connect(direct: true)
  done = Server::Rekey.new.call { |rows| print "\r#{rows} rows" if $stdout.tty? }
rescue Server::Settings::Missing, Server::KeyCheck::Wrong => reason
  abort reason.message
end
puts "\r#{done} rows are encrypted with the new secret. ENCRYPTION_SECRET_OLD is needed no more."
