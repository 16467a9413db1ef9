# frozen_string_literal: true

# Writes a backup, or puts one back (bin/backup, bin/restore).
require_relative "../server"

command, path = ARGV
begin
  Server::Database.connect(direct: true)
  Server::KeyCheck.new.verify if command == "write"
  manifest = Server::Backup.new.public_send({"write" => :write, "restore" => :restore}.fetch(command), File.expand_path(path))
rescue Server::Settings::Missing, Server::KeyCheck::Wrong, Server::Backup::Failed => reason
  abort reason.message
end
rows = manifest["rows"].values.sum
puts (command == "write") ? "#{rows} rows written to #{path}. The key is not in it: keep it with care, and apart." : "#{rows} rows are back, and everything that is encrypted can be read."
