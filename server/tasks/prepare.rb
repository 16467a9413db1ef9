# frozen_string_literal: true

# Checks the key, migrates, and loads the demo where it is wanted. What the start
# command prints of the first run goes to SETUP_FILE: the code with which a studio
# is set up, where none is yet, and whether the demo is there.
require_relative "../server"

begin
  settings = Server::Settings.current
  Server::Database.connect(settings, direct: true)
  Server::KeyCheck.new.verify
  migrations = Server::Database.migrate
  Server::KeyCheck.new.verify
rescue Server::Settings::Missing, Server::KeyCheck::Wrong => reason
  abort reason.message
end

demo = Server::Studios::Demo.wanted?(settings) && Server::Studios::Demo.load
there = Server::Records::Studio.open.exists?(demo: true)
installation = Server::Records::Installation.current
code = installation.new_setup_code unless installation.set_up?
File.write(ENV["SETUP_FILE"], "#{code}#{" demo" if there}") if ENV["SETUP_FILE"]
words = if demo then "demo loaded"
elsif there then "demo there already"
else "without the demo"
end
puts "#{migrations} migrations run, #{words}"
