# frozen_string_literal: true

# A hundred keys on the board of a class of fifteen stations, in the page itself: how long from the key until the
# class's new total stands on the screen, and how long the page is busy with a key.
require "selenium-webdriver"
require_relative "../server/server"
require_relative "../demo/scenario"
require_relative "clients"
require_relative "sixty_minutes"

KEYS = 100
FLAGS = %w[--headless=new --no-sandbox --disable-gpu --disable-quic --no-first-run --disable-dev-shm-usage --disable-background-networking --window-size=1280,800].freeze
PROGRAM = %w[/usr/lib/chromium/chromium-headless-shell /usr/bin/chromium].find { |path| File.executable?(path) }
TYPE = <<~SCRIPT
  const [label, keys, done] = arguments;
  const total = document.querySelector('[data-testid=total]');
  const field = [...document.querySelectorAll('label')].filter((one) => one.textContent.trim() === label).map((one) => document.getElementById(one.htmlFor))[1];
  const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const took = [], busy = [];
  const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
  (async () => {
    for (let key = 0; key < keys; key++) {
      await wait(60);
      const from = performance.now();
      const seen = new Promise((resolve) => {
        const watch = new MutationObserver(() => { watch.disconnect(); requestAnimationFrame(() => resolve(performance.now() - from)); });
        watch.observe(total, { childList: true, characterData: true, subtree: true });
      });
      write.call(field, String(30 + (key % 20)));
      field.dispatchEvent(new Event('input', { bubbles: true }));
      busy.push(performance.now() - from);
      took.push(await Promise.race([seen, wait(5000).then(() => 5000)]));
    }
    done({ took, busy });
  })();
SCRIPT

# Fifteen of the class's stations, in four blocks.
def fifteen
  document = SixtyMinutes.document
  document.merge("blocks" => document["blocks"].reject { |block| block["role"] == "pause" }.each_with_index.map { |block, index| block.merge("stations" => block["stations"].first([4, 6, 3, 2][index])) })
end

Server::Database.connect
Server::Database.migrate
Demo::Scenario.load if Server::Records::Studio.none?
studio = Server::Records::Studio.first
workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(fifteen), by: studio.instructors.first)
ActiveRecord::Base.connection_pool.disconnect!

ENV["SE_OFFLINE"] = "true"
[0, 2].each do |workers|
  Clients.with_server(workers: workers) do |port|
    options = Selenium::WebDriver::Chrome::Options.new(binary: PROGRAM, args: FLAGS)
    options.timeouts = {script: 120_000}
    driver = Selenium::WebDriver.for(:chrome, options: options, service: Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver"))
    name, value = Clients.cookie(port, Demo::Scenario::INSTRUCTORS.values.first, Demo::Scenario::PASSWORD).split("=", 2)
    driver.navigate.to("http://127.0.0.1:#{port}/sign-in")
    driver.manage.add_cookie(name: name, value: value)
    driver.navigate.to("http://127.0.0.1:#{port}/circuits/#{workout.id}")
    Selenium::WebDriver::Wait.new(timeout: 20).until { driver.find_elements(css: "[role=group][aria-label^='Station ']").size == 15 }
    sleep 2
    # A server that has just started is no measure.
    driver.execute_async_script(TYPE, "Work", KEYS)
    found = driver.execute_async_script(TYPE, "Work", KEYS)
    share = ->(kind, part) { Clients.at_share(found.fetch(kind), part) }
    puts format("The board, fifteen stations, %s: a key's total is on the screen after p50 %.0f ms, p95 %.0f ms; the page is busy with a key p95 %.1f ms", workers.zero? ? "one process" : "#{workers} processes",
      share.call("took", 0.5), share.call("took", 0.95), share.call("busy", 0.95))
  ensure
    driver&.quit
  end
end
