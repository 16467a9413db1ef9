# frozen_string_literal: true

# The same for all processes of a test run: what one writes another reads.
ENV["ENCRYPTION_SECRET"] ||= "a test run's own " * 5

# Test processes that run side by side have a database each.
ENV["DATABASE_URL"] = "#{ENV.fetch("DATABASE_URL")}#{ENV["TEST_ENV_NUMBER"]}"

require "rack/test"
require_relative "../../core/spec/spec_helper"
require_relative "../server"
require_relative "../../demo/scenario"

ActiveModel::SecurePassword.min_cost = true # hashing is slow on purpose; not in every example

unless ActiveRecord::Base.connected?
  Server::Database.connect
  Server::Database.migrate
end
Dir[File.join(__dir__, "support", "*.rb")].sort.each { |file| require file }

RSpec.configure do |config|
  config.include Api, type: :server
  config.define_derived_metadata(file_path: %r{server/spec}) { |metadata| metadata[:type] ||= :server }
  config.before(:each, type: :server) { EmptyDatabase.now }
end
