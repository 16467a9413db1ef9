# frozen_string_literal: true

# A time source for the Floor that the example moves on by hand. It lives in the
# browser's storage, so that a reload finds it where it was.
module ManualClock
  SOURCE = <<~JS
    if (localStorage.getItem('spec.now')) {
      window.sparrowTimeSource = { now: () => Number(localStorage.getItem('spec.now')) }
    }
  JS

  # To be called before the Floor is opened.
  def hold_clock
    # A class is opened after another.
    release_clock
    visit "/health" unless page.current_url.start_with?("http")
    @clock_script = page.driver.browser.execute_cdp("Page.addScriptToEvaluateOnNewDocument", source: SOURCE)["identifier"]
    @held_ms = page.evaluate_script("Date.now()")
    page.execute_script("localStorage.setItem('spec.now', #{@held_ms})")
    # The server's clock is moved with the browser's: what differs between the two is corrected.
    allow(Server::Runs::DeviceTime).to receive(:now_ms) { @held_ms }
    visit page.current_path
  end

  # Goes on by so many seconds of the class.
  def advance(seconds)
    @held_ms += (seconds * 1000).round
    page.execute_script("localStorage.setItem('spec.now', #{@held_ms})")
  end

  def release_clock
    return unless @clock_script
    page.driver.browser.execute_cdp("Page.removeScriptToEvaluateOnNewDocument", identifier: @clock_script)
    @clock_script = nil
  end
end
