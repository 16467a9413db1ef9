# frozen_string_literal: true

$LOAD_PATH.unshift File.expand_path("../core/lib", __dir__)

require "active_record"
require "active_support/security_utils"
require "active_support/time"
require "bcrypt"
require "json"
require "pg"
require "rack/timeout/base"
require "sinatra/base"
require "sparrow"
require "strong_migrations"
require "zeitwerk"

# The web server: thin routes over the core, Active Record records, JSON views.
module Server
  ROOT = File.expand_path("..", __dir__)

  LOADER = Zeitwerk::Loader.new.tap do |loader|
    loader.tag = "server"
    loader.push_dir(__dir__, namespace: Server)
    loader.ignore(File.join(__dir__, "db"), File.join(__dir__, "spec"), File.join(__dir__, "server.rb"), File.join(__dir__, "puma.rb"),
      File.join(__dir__, "tasks"))
    loader.setup
  end
  private_constant :LOADER

  Sparrow.add_texts(File.join(__dir__, "texts.en.yml"))
  I18n.available_locales = Http::Language::ALL
  PseudoLanguage.add

  # Loads every file at once, before threads start; of Active Record too, where two threads that met the same constant
  # for the first time could each find it half there.
  def self.eager_load
    [ActiveSupport, ActiveModel, ActiveRecord].each(&:eager_load!)
    Sparrow.eager_load
    LOADER.eager_load
    Sparrow::Catalogue.house
  end
end
