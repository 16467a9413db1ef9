# frozen_string_literal: true

# A time source for the Floor that the example moves on by hand. It lives in the
# browser's storage, so that a reload finds it where it was.
module ManualClock
  SOURCE = <<~JS
    if (localStorage.getItem('spec.now')) {
      window.sparrowTimeSource = { now: () => Number(localStorage.getItem('spec.now')) }
    }
  JS

  # To be called on any page of the application, before the Floor is opened.
  def hold_clock
    @clock_script = page.driver.browser.execute_cdp("Page.addScriptToEvaluateOnNewDocument", source: SOURCE)["identifier"]
    page.execute_script("localStorage.setItem('spec.now', Date.now())")
    visit page.current_path
  end

  # Goes on by so many seconds of the class.
  def advance(seconds)
    page.execute_script("localStorage.setItem('spec.now', Number(localStorage.getItem('spec.now')) + #{seconds * 1000})")
  end

  def release_clock
    return unless @clock_script
    page.driver.browser.execute_cdp("Page.removeScriptToEvaluateOnNewDocument", identifier: @clock_script)
    @clock_script = nil
  end
end
