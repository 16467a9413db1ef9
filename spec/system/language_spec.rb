# frozen_string_literal: true

require_relative "../support/browser"

# In a language that nobody speaks every text of the interface is accented and a third
# longer; what is plain on a screen then was left in the code.
RSpec.describe "In another language" do
  # How a movement is done: the catalogue's texts, where they are shown.
  with_instructions = ["Movements", "Board", "Board of predictions", "Floor"]

  def instructions
    words_in(Sparrow::Catalogue.house.map { |movement| [movement.summary, movement.spares.values, movement.ladder.map(&:to_h)] }.inspect) - %w[beginner intermediate advanced]
  end

  # What somebody has typed, and the catalogue's own names: these are no texts of the interface.
  def names
    studio = Server::Records::Studio.first
    typed = [studio.name, studio.time_zone, studio.people.pluck(:name, :tags, :pronouns), studio.instructors.pluck(:name, :email), studio.places.map(&:attributes),
      studio.workouts.map { |workout| [workout.title, workout.tags, workout.document["blocks"].map { |block| [block["title"], block["note"]] }] }, Server::Records::GroupClass.pluck(:note), Server::Records::Attendance.all.map(&:note),
      Server::Records::SignIn.pluck(:device)]
    catalogue = Sparrow::Catalogue.house.map { |movement| [movement.name, movement.also, movement.ladder.map(&:name), Sparrow::Capacity::Benchmarks.all.map(&:to_h)] }
    house = [Sparrow::Standards.schools.map(&:to_h), Sparrow::People::Screening.questions]
    words_in([typed, catalogue, house].inspect) + %w[Willing Sparrow Sept British American English CSV JSON PDF ZIP Alt Shift Ctrl Enter Space Esc AMRAP Chrome Linux Mon Tue Wed Thu Fri Sat Sun] + Date::MONTHNAMES.compact + Date::ABBR_MONTHNAMES.compact + Date::DAYNAMES
  end

  def words_in(text)
    text.scan(/[A-Za-z][a-z]{2,}/)
  end

  seen = <<~JS
    const found = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT | NodeFilter.SHOW_ELEMENT)
    while (walker.nextNode()) {
      const node = walker.currentNode
      if (node.nodeType === Node.TEXT_NODE) {
        if (!node.parentElement.closest('style, script, noscript, time, .user')) found.push(node.textContent)
      } else for (const name of ['aria-label', 'placeholder', 'title', 'alt']) if (node.hasAttribute(name)) found.push(node.getAttribute(name))
    }
    return found.map((text) => text.trim()).filter(Boolean)
  JS

  define_method(:plain) do |allowed|
    page.execute_script("return (() => { #{seen} })()").select { |text| (words_in(text) - allowed).any? }.uniq
  end

  def circuit(title)
    Server::Records::Workout.find_by!(title: title).id
  end

  screens = {
    "Today" => ["/", "h1"], "Circuits" => ["/circuits", "tbody tr"], "Movements" => ["/movements/push_up", ".variation"], "New movement" => ["/movements/new/edit", "fieldset"],
    "Board" => [-> { "/circuits/#{circuit("Slipway Holds")}" }, ".lanes svg"], "Board of predictions" => [-> { "/circuits/#{circuit("Weir-side Chipper")}" }, "table"],
    "Two circuits" => [-> { "/circuits/compare?a=#{circuit("Every Bell")}&b=#{circuit("Slow Paddle")}" }, "section table"], "Standards" => ["/house", "table"],
    "Floor" => [-> { "/runs/#{run_of("Slipway Holds").id}/floor" }, "[data-testid=numeral]"], "Count" => [-> { "/runs/#{run_of("Work-party Day").id}/count" }, "progress"],
    "Log" => [-> { "/runs/#{run_of("Slipway Holds", finished_at: Time.now.utc).id}/log" }, "tbody tr"], "Logbook" => ["/logbook", "tbody tr"],
    "Run" => [-> { "/logbook/#{Server::Records::Run.where.not(logged_at: nil).first.id}" }, "tbody tr"], "People" => ["/people", "tbody tr"],
    "Person" => [-> { "/people/#{Server::Records::Person.find_by!(name: "Dov Abernethy").id}" }, ".variation .bar"], "What limits change" => [-> { "/people/#{Server::Records::Person.find_by!(name: "Rosalind Achterberg").id}/reach" }, "dl"], "Benchmarks" => ["/people/benchmarks", "tbody tr"],
    "Classes" => ["/classes", "tbody tr"], "Class" => [-> { "/classes/#{coming.id}" }, "tbody tr"], "Fit sheet" => [-> { "/classes/#{coming.id}/fit" }, "[role=gridcell]"],
    "Account" => ["/account", "li"], "Team" => ["/team", "tbody tr"], "Studio" => ["/studio", "tbody tr"], "Nowhere" => ["/nowhere", "h1"]
  }

  it "leaves no screen with a text in the code, or too narrow for a longer one" do
    sign_in_as
    page.driver.browser.execute_cdp("Network.setCookie", name: "language", value: "en-XA", url: page.server.base_url)
    allowed = names.uniq
    aggregate_failures do
      Thoroughness.some(screens.to_a).each do |name, (path, sign)|
        visit path.is_a?(Proc) ? instance_exec(&path) : path
        expect(page).to have_css(sign)
        expect([name, plain(with_instructions.include?(name) ? allowed + instructions : allowed)]).to eq([name, []])
        wider = page.evaluate_script("document.documentElement.scrollWidth - document.documentElement.clientWidth")
        expect(wider).to be <= 0, "#{name} is #{wider} px wider than the screen"
      end
    end
  end
end
