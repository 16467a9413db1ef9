# frozen_string_literal: true

# Migrates, dumps the schema, and fails where server/db/schema.rb said otherwise.
require_relative "../server"

Server::Database.connect
Server::Database.migrate
before = File.exist?(Server::Database::SCHEMA) ? File.read(Server::Database::SCHEMA) : ""
Server::Database.dump_schema
abort "server/db/schema.rb was out of date; it has been written anew: commit it." unless File.read(Server::Database::SCHEMA) == before
puts "server/db/schema.rb is what the migrations make"
