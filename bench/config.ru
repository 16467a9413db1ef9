# frozen_string_literal: true

# The application with two routes more, behind the same session check: a bare
# one, and one that only reads the same JSON and writes the same answer.
require_relative "../server/server"
require_relative "sixty_minutes"

Server::Database.connect
Server.eager_load
ANSWER = Sparrow::Preview.new(SixtyMinutes.document).to_h

Server::Http::Routes.post("/api/bench/bare") { render_json({"one" => ActiveRecord::Base.connection.select_value("SELECT 1")}) }
Server::Http::Routes.post("/api/bench/json", heavy: true) do
  body_hash
  render_json(ANSWER)
end

run Server::Application.build(log: nil, throttled: false)
