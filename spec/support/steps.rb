# frozen_string_literal: true

require "net/http"

# A part of a page by its role and name.
Capybara.add_selector(:group) { xpath { |name| XPath.descendant[XPath.attr(:role) == "group"][XPath.attr(:"aria-label") == name] } }

# What an instructor does in the interface, step by step.
module Steps
  # Signs in without a screen; what follows visits its own. The form is spec/system/sign_in_spec.rb's.
  def sign_in_as(name = "ottoline")
    form = JSON.generate(email: "#{name}@tumblingbay.example", password: Demo::Scenario::PASSWORD)
    base = Capybara.app_host || page.server.base_url
    answer = Net::HTTP.post(URI("#{base}/api/session"), form, "content-type" => "application/json")
    expect(answer.code).to eq("201")
    answer.get_fields("set-cookie").each do |line|
      cookie, value = line[/\A[^;]+/].split("=", 2)
      page.driver.browser.execute_cdp("Network.setCookie", name: cookie, value: value, url: base, httpOnly: true, sameSite: "Lax")
    end
  end

  # As another device of the same studio saves a circuit, without a browser of its own.
  # @yieldparam document [Hash] to be changed
  def save_elsewhere(title)
    workout = Server::Records::Workout.find_by!(title: title)
    document = workout.document.deep_dup
    yield document
    workout.save_over(workout.lock_version, Sparrow::Preview.new(document), by: workout.studio.instructors.find_by!(name: "Emeka Thorsby"))
  end

  def open_circuit(title = "Lock-gate Tuesday")
    visit "/circuits/#{Server::Records::Workout.find_by!(title: title).id}"
    expect(page).to have_css("[data-testid=total]", text: /\d:\d\d/)
  end

  # The plan's total as it stands on the board.
  def have_total(text)
    have_css("[data-testid=total]", text: /\A#{text}\z/)
  end

  # @return [String] a selector of a level's cells on the board
  def level_cell(level)
    "[role=group][aria-label$='#{level}']"
  end

  # @return [Array<String>] of the stations in sight, in order
  def station_names
    all("[role=group][aria-label^='Station ']").map { |station| station["aria-label"].split(": ", 2).last }
  end

  def in_block(title, &block)
    within("section[aria-label='#{title}']", &block)
  end

  # The fields of a block that are asked for less often.
  def unfold(title)
    in_block(title) { click_button "More" }
  end

  # Types into a field as a person does: over what is there, key by key.
  # A field that is drawn anew at that moment is looked for again.
  def retype(label, value, **options)
    tries ||= 0
    find_field(label, **options).send_keys([:control, "a"], value.to_s)
  rescue Selenium::WebDriver::Error::StaleElementReferenceError
    ((tries += 1) < 6) ? retry : raise
  end

  def add_station(block, letters)
    find_field("Add a station to #{block}: type a movement").send_keys(letters)
    expect(page).to have_css("[role=option]")
    find_field("Add a station to #{block}: type a movement").send_keys(:enter)
  end

  # Opens a list by its label and takes an entry.
  def choose_option(label, option)
    list = find("[role=combobox][aria-label='#{label}']")
    page.scroll_to(list, align: :center)
    list.click
    # The list opens at the end of the page, whatever is being looked within.
    entry = page.document.find("[role=option]", text: option, match: :first)
    page.execute_script("arguments[0].scrollIntoView({block: 'nearest'})", entry)
    standing_still(entry)
    entry.click
    expect(page.document).to have_no_css("[role=listbox]")
  end

  # A list moves as it opens; what is clicked must have come to rest.
  def standing_still(element)
    before = nil
    page.document.synchronize(4, errors: [Eventually::NotYet]) do
      place = [element.rect.x, element.rect.y]
      moved = before != place
      before = place
      raise Eventually::NotYet if moved
    end
  end

  # A circuit of one block, opened on the board.
  def open_block(block, title: "Lock side", **rest)
    document = workout_document(block, title: title, **rest)
    studio = Server::Records::Studio.first
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(document), by: studio.instructors.first)
    visit "/circuits/#{workout.id}"
    expect(page).to have_css("[data-testid=total]", text: /\d:\d\d/)
    workout
  end

  # A run of one of the demo's circuits.
  def run_of(title, **times)
    studio = Server::Records::Studio.first
    Server::Records::Run.open(studio.workouts.find_by!(title: title), client_key: SecureRandom.uuid, by: studio.instructors.first).tap { |run| run.update!(times) }
  end

  # The last class of the demo, which is always still to come.
  def coming
    Server::Records::GroupClass.order(:starts_at).last
  end

  # A run of a block, on the Floor with a clock moved by hand.
  # A window whose page has just this size, as on another device.
  def in_window(width, height)
    page.driver.browser.execute_cdp("Emulation.setDeviceMetricsOverride", width: width, height: height, deviceScaleFactor: 1, mobile: width < 600)
    yield
  ensure
    page.driver.browser.execute_cdp("Emulation.clearDeviceMetricsOverride")
  end

  def open_floor_of(block, **rest)
    document = workout_document(block, title: "Lock side", **rest)
    studio = Server::Records::Studio.first
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(document), by: studio.instructors.first)
    run = Server::Records::Run.open(workout, client_key: SecureRandom.uuid, by: studio.instructors.first)
    hold_clock
    visit "/runs/#{run.id}/floor"
    expect(page).to have_button("Start", exact: true)
    run
  end

  def saved
    have_css("[data-testid=save-state]", text: "Saved", exact_text: true)
  end

  def numeral
    find("[data-testid=numeral]", visible: :all).text(:all)
  end

  # Presses keys on whatever has the focus, and counts them.
  def press(*keys)
    @pressed = (@pressed || 0) + keys.sum { |key| key.is_a?(String) ? key.length : 1 }
    keys.each { |key| page.driver.browser.action.send_keys(*Array(key)).perform }
  end

  def chord(*keys)
    @pressed = (@pressed || 0) + 1
    *held, last = keys
    action = page.driver.browser.action
    held.each { |key| action.key_down(key) }
    action.send_keys(last)
    held.reverse_each { |key| action.key_up(key) }
    action.perform
  end

  def focused
    page.evaluate_script("document.activeElement.getAttribute('aria-label') || document.activeElement.labels?.[0]?.textContent || document.activeElement.textContent").to_s.strip
  end
end
