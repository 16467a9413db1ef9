# frozen_string_literal: true

# Migrates, and loads the demo scenario where it is not there yet.
require_relative "../server"
require_relative "../../demo/scenario"

Server::Database.connect
migrations = Server::Database.migrate
demo = Demo::Scenario.load
puts "#{migrations} migrations run, demo #{demo ? "loaded" : "there already"}"
