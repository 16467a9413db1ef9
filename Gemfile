# frozen_string_literal: true

source "https://rubygems.org"

ruby ">= 3.1"

# Core: the rules of the job. Plain Ruby, loadable without anything below its group.
gem "i18n", "~> 1.14"
gem "hana", "~> 1.3"
gem "json_schemer", "~> 2.5"
gem "zeitwerk", "~> 2.6"

# Server
gem "activerecord", "~> 7.2.0"
gem "bcrypt", "~> 3.1"
gem "csv", "~> 3.3"
gem "mail", "~> 2.8"
gem "pg", "~> 1.5"
gem "prawn", "~> 2.5"
gem "prometheus-client", "~> 4.2"
gem "puma", "~> 8.0"
gem "rack", "~> 3.2"
gem "rack-attack", "~> 6.7"
gem "rack-protection", "~> 4.2"
gem "rack-session", "~> 2.1"
gem "rack-timeout", "~> 0.7"
gem "rackup", "~> 2.2"
gem "rotp", "~> 6.3"
gem "rqrcode", "~> 2.2"
gem "rubyzip", "~> 2.4", require: "zip"
gem "sinatra", "~> 4.2"
gem "strong_migrations", "~> 2.0"

group :test do
  gem "axe-core-rspec", "~> 4.14"
  gem "capybara", "~> 3.40"
  gem "parallel_tests", "~> 4.10"
  gem "prop_check", "~> 1.0"
  gem "rack-test", "~> 2.2"
  gem "rspec", "~> 3.13"
  gem "selenium-webdriver", "~> 4.20"
  gem "simplecov", "~> 0.22", require: false
end

group :development, :test do
  gem "benchmark-ips", "~> 2.14"
  gem "rubocop", require: false
  gem "standard", "~> 1.40", require: false
end
