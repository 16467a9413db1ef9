# frozen_string_literal: true

# The browser's own network: slow, gone, or as it should be.
module Network
  def slow_network
    conditions(offline: false, latency: 1500)
  end

  def no_network
    conditions(offline: true, latency: 0)
  end

  def sound_network
    conditions(offline: false, latency: 0)
  end

  private

  def conditions(offline:, latency:)
    page.driver.browser.execute_cdp("Network.enable")
    page.driver.browser.execute_cdp("Network.emulateNetworkConditions", offline: offline, latency: latency, downloadThroughput: -1, uploadThroughput: -1)
  end
end
