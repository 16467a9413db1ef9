# frozen_string_literal: true

# The browser's own network: gone, or as it should be.
module Network
  def no_network
    conditions(offline: true)
  end

  # Every page is here, so that another one opens, or a dialog that was never open: the
  # application fetches ahead for it, some time after its first screen.
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
