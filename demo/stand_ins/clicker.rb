# frozen_string_literal: true

# In the place of a presenter's remote: opens the Floor in a browser and sends the keys that such a remote sends.
#
#   bundle exec ruby demo/stand_ins/clicker.rb http://127.0.0.1:9292/runs/RUN/floor E-MAIL PASSWORD
#
# Then type n (PageDown: skip), p (PageUp: back) or b (B: start, pause, continue), each with Enter; q ends it.
require "selenium-webdriver"

floor, email, password = ARGV
abort "Say the Floor's address, an e-mail and a password." unless floor && email && password

KEYS = {"n" => :page_down, "p" => :page_up, "b" => "b"}.freeze
options = Selenium::WebDriver::Chrome::Options.new(binary: "/usr/bin/chromium")
%w[--no-sandbox --disable-quic --no-first-run].each { |flag| options.add_argument(flag) }
options.add_argument("--headless=new") unless ENV["DISPLAY"]
browser = Selenium::WebDriver.for(:chrome, options: options, service: Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver"))
begin
  browser.navigate.to(floor)
  Selenium::WebDriver::Wait.new(timeout: 20).until { browser.find_elements(css: "input[type=password]").any? }
  browser.find_element(css: "input[type=email], input").send_keys(email)
  browser.find_element(css: "input[type=password]").send_keys(password, :enter)
  Selenium::WebDriver::Wait.new(timeout: 20).until { browser.find_elements(css: ".floor").any? }
  puts "n, p or b, then Enter; q ends it."
  while (typed = $stdin.gets&.strip) && typed != "q"
    key = KEYS[typed] or next puts("n, p, b or q")
    browser.action.send_keys(key).perform
    puts browser.find_element(css: "[data-testid=numeral]").attribute("textContent").strip
  end
ensure
  browser.quit
end
