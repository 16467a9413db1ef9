# frozen_string_literal: true

# What the application keeps in the browser until the server has it.
module KeptInBrowser
  OPEN = <<~JS
    const done = arguments[arguments.length - 1]
    const open = async (use) => {
      if (!(await indexedDB.databases()).some((held) => held.name === "willing-sparrow")) return done([])
      indexedDB.open("willing-sparrow").onsuccess = ({ target: { result: database } }) =>
        use(database.transaction("kept", "readwrite").objectStore("kept")).onsuccess = ({ target: { result } }) => {
          database.close()
          done(result ?? [])
        }
    }
  JS
  private_constant :OPEN

  # @return [Array<String>] the keys of what is kept, and of whose device it is
  def kept_in_browser
    page.evaluate_async_script("#{OPEN} open((store) => store.getAllKeys())") + page.evaluate_script("Object.keys(localStorage).filter((key) => key === 'sparrow.who')")
  end

  # @return [String] all that is kept, as text
  def text_in_browser
    page.evaluate_async_script("#{OPEN} open((store) => store.getAll())").join + page.evaluate_script("JSON.stringify(localStorage) + JSON.stringify(sessionStorage)")
  end

  def forget_in_browser
    page.evaluate_async_script("#{OPEN} open((store) => store.clear())")
  end

  # What one example kept is not there for the next: Capybara empties the storages and the cookies, not the database.
  def leave_browser_empty
    [page.server.base_url, Capybara.app_host].compact.each do |origin|
      page.driver.browser.execute_cdp("Storage.clearDataForOrigin", origin: origin, storageTypes: "all")
    end
  end
end
