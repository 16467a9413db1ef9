# frozen_string_literal: true

# The browser's own network: gone, or as it should be.
module Network
  # Not before every page is here: that is what the application has fetched ahead for.
  def no_network
    prepared_for_offline
    conditions(offline: true)
  end

  # The application does this some time after its first screen.
  def prepared_for_offline
    page.execute_script("window.dispatchEvent(new Event('sparrow:prepare'))")
    expect(page).to have_css("html[data-fetched-ahead]", wait: 60)
  end

  def sound_network
    conditions(offline: false)
  end

  private

  def conditions(offline:)
    page.driver.browser.execute_cdp("Network.enable")
    page.driver.browser.execute_cdp("Network.emulateNetworkConditions", offline: offline, latency: 0, downloadThroughput: -1, uploadThroughput: -1)
  end
end
