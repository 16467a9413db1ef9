# frozen_string_literal: true

require "axe-rspec"
require "capybara/rspec"
require "selenium-webdriver"
require_relative "../../server/spec/server_helper"

# The real interface in headless Chromium, on a server in this process whose
# every answer is held against the contract.
module Browser
  # A page lives for seconds here: it is not worth compiling its scripts for speed, nor keeping it to go back to.
  SHORT_LIVED = ["--js-flags=--no-maglev --no-opt --min-semi-space-size=16", "--disable-back-forward-cache"].freeze
  FLAGS = %w[--headless=new --no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking
    --disable-component-update --disable-sync --disable-dev-shm-usage --force-prefers-reduced-motion --window-size=1280,800].push(*SHORT_LIVED).freeze

  # Chromium without its own windows where it is there: an eighth less work than the whole browser in headless mode.
  # The program itself, because the script of that name in /usr/bin stays in between and leaves it behind at the end.
  CHROMIUM = %w[/usr/lib/chromium/chromium-headless-shell /usr/bin/chromium].find { |program| File.executable?(program) }

  def self.driver(app)
    options = Selenium::WebDriver::Chrome::Options.new(binary: CHROMIUM, args: FLAGS)
    options.add_option("goog:loggingPrefs", {browser: "ALL"})
    service = Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver")
    # Looking a whole screen over takes long where two browsers share two processors.
    options.timeouts = {script: 120_000}
    Capybara::Selenium::Driver.new(app, browser: :chrome, options: options, service: service,
      clear_local_storage: true, clear_session_storage: true)
  end
end

Capybara.register_driver(:chromium) { |app| Browser.driver(app) }
Capybara.default_driver = :chromium
Capybara.javascript_driver = :chromium
Capybara.server = :puma, {Silent: true, Threads: "0:8"}
Capybara.default_max_wait_time = 20
# Asking again at once would keep the browser from the very work that is waited for.
Capybara.default_retry_interval = 0.05
Capybara.enable_aria_label = true

# There are no frames to be walked: one run in the page itself takes a part of the time.
Axe::Configuration.instance.legacy_mode = true

Dir[File.join(__dir__, "*.rb")].sort.each { |file| require file unless file == __FILE__ }

# As where it is really run: threads that met the same constant for the first time could each find it half there.
Server.eager_load

Capybara.app = HeldAnswers.current = HeldAnswers.new(Trouble.new(Contract::Check.new(Server::Application.build(settings: Server::Settings.new({}), log: nil, throttled: false),
  except: %r{\A/api/(preview|movements|events|runs/[^/]+)\z})))

RSpec.configure do |config|
  config.define_derived_metadata(file_path: %r{spec/system}) { |metadata| metadata[:type] = :system }
  config.include Capybara::DSL, type: :system
  config.include Capybara::RSpecMatchers, type: :system
  config.include Steps, type: :system
  config.include ManualClock, type: :system
  config.include Network, type: :system
  config.include KeptInBrowser, type: :system
  config.include HeldAnswers::Steps, type: :system

  config.before(:each, type: :system) do
    EmptyDatabase.now
    DemoRows.load
    page.current_window.resize_to(1280, 800)
  end

  # Nothing that the content policy forbids was tried, and no script failed.
  config.after(:each, type: :system) do |example|
    example.reporter.message(Trouble.told) if example.exception
    Trouble.answers.clear
    logs = page.driver.browser.logs.get(:browser).map(&:message)
    expect(logs.grep(/Content Security Policy|Uncaught|TypeError: (?!Failed to fetch)/)).to eq([])
    page.driver.browser.switch_to.default_content
    release_clock
    release_answers
    sound_network
    leave_browser_empty
    Capybara.reset_sessions!
  end
end
