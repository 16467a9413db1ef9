# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Every screen" do
  screens = {
    "Today" => ["/", "h1"],
    "Circuits" => ["/circuits", "tbody tr"],
    "Circuit board" => [-> { "/circuits/#{Server::Records::Workout.find_by!(title: "Slipway Holds").id}" }, "li .severity, .lanes svg"],
    "Board of predictions" => [-> { "/circuits/#{Server::Records::Workout.find_by!(title: "Weir-side Chipper").id}" }, "table"],
    "Two circuits" => [-> { "/circuits/compare?#{{a: "Every Bell", b: "Slow Paddle"}.map { |key, title| "#{key}=#{Server::Records::Workout.find_by!(title: title).id}" }.join("&")}" }, "section table"],
    "A circuit to use" => [-> { "/circuits/#{Server::Records::Workout.find_by!(title: "Slipway Holds").id}/use" }, "section table"],
    "Studio standards" => ["/house", "table"],
    "New movement" => ["/movements/new/edit", "fieldset"],
    "Count" => [-> { "/runs/#{run_of("Work-party Day").id}/count" }, "progress"],
    "Count of rounds" => [-> { "/runs/#{run_of("Bilge-pump Twelve").id}/count" }, ".people li"],
    "Floor of groups" => [-> { "/runs/#{run_of("Ferry Round").id}/floor" }, "[data-testid=numeral]"],
    "Movements" => ["/movements/push_up", ".variation"],
    "Floor" => [-> { "/runs/#{run_of("Slipway Holds").id}/floor" }, "[data-testid=numeral]"],
    "Log" => [-> { "/runs/#{run_of("Slipway Holds", finished_at: Time.now.utc).id}/log" }, "tbody tr"],
    "Logbook" => ["/logbook", "tbody tr"],
    "Run" => [-> { "/logbook/#{Server::Records::Run.where.not(logged_at: nil).first.id}" }, "tbody tr"],
    "People" => ["/people", "tbody tr"],
    "Person" => [-> { "/people/#{Server::Records::Person.find_by!(name: "Dov Abernethy").id}" }, ".variation .bar"],
    "What limits change" => [-> { "/people/#{Server::Records::Person.find_by!(name: "Rosalind Achterberg").id}/reach" }, "dl"],
    "Benchmarks" => ["/people/benchmarks", "tbody tr"],
    "Classes" => ["/classes", "tbody tr"],
    "Class" => [-> { "/classes/#{coming.id}" }, "tbody tr"],
    "Fit sheet" => [-> { "/classes/#{coming.id}/fit" }, "[role=gridcell]"],
    "Instructor’s view" => [-> { "/classes/#{coming.id}/run/#{Server::Records::Run.of_class(coming, client_key: SecureRandom.uuid, by: coming.leader).id}" }, "h2"],
    "Card" => [-> { "/card/#{Server::Cards::ClassCards.token(coming, coming.coming.first.person_id)}" }, "article"],
    "Account" => ["/account", "li"],
    "Team" => ["/team", "tbody tr"],
    "Studio" => ["/studio", "tbody tr"],
    "Mailbox" => ["/dev/mail", "h1"],
    "Nowhere" => ["/nowhere", "h1"]
  }

  # Dark changes colours and nothing else, so in dark the contrast alone is looked at again:
  # of a part of the screens a day, others with each seed.
  def look_in_both_themes(dark: true)
    expect(page).to be_clean
    return unless dark
    page.execute_script("document.documentElement.classList.add('dark')")
    expect(page).to be_clean.checking_only("color-contrast")
  end

  # What was found right is not told: there is ten times as much of it.
  def be_clean
    be_axe_clean.with_options(resultTypes: %w[violations])
  end

  def fit_a_phone
    page.current_window.resize_to(500, 844)
    expect(page.evaluate_script("document.documentElement.clientWidth")).to be <= 500
    wider = page.evaluate_script("document.documentElement.scrollWidth - document.documentElement.clientWidth")
    expect(wider).to be <= 0, "#{page.current_path} is #{wider} px wider than a phone's screen"
  end

  # What is used before, during and after every class; of the other screens half a day, others with each seed.
  always = ["Today", "Circuits", "Circuit board", "Movements", "Floor", "Log", "Logbook", "People", "Person", "Class", "Fit sheet", "Instructor’s view", "Card"]

  # One visit, one sign-in: each screen is looked at, whatever is wrong with another.
  it "is clean in light and in dark, and fits a phone without scrolling sideways" do
    sign_in_as
    aggregate_failures do
      dark = screens.keys.sample(Thoroughness.of(screens.size, by_day: 3), random: Random.new(RSpec.configuration.seed))
      screens.slice(*always, *Thoroughness.some(screens.keys - always)).each do |name, (path, sign)|
        page.current_window.resize_to(1280, 800)
        visit path.is_a?(Proc) ? instance_exec(&path) : path
        expect(page).to have_css(sign)
        look_in_both_themes(dark: dark.include?(name))
        fit_a_phone
      end
    end
  end

  it "would be found wrong where it is" do
    visit "/sign-in"
    expect(page).to have_field("E-mail")
    page.execute_script("document.querySelector('h1').style.color = '#eee'; document.querySelector('label').remove()")
    expect { expect(page).to be_clean }.to raise_error(RSpec::Expectations::ExpectationNotMetError, /color-contrast.*label|label.*color-contrast/m)
  end

  it "is clean before signing in, in both themes" do
    owner = Server::Records::Instructor.first
    invitation = owner.studio.invitations.create!(name: "Ada", email: "ada@example.test", role: "helper", expires_at: 1.day.from_now)
    link = owner.password_links.create!(expires_at: 1.hour.from_now)
    doors = {"/sign-in" => "E-mail", "/setup" => "Set-up code", "/forgotten" => "E-mail", "/join/#{Server::Http::SignedLinks.token(invitation, "invitation")}" => "Your name",
             "/new-password/#{Server::Http::SignedLinks.token(link, "password")}" => "New password"}
    doors.each do |path, field|
      visit path
      expect(page).to have_field(field)
      look_in_both_themes
    end
  end

  it "is clean with two versions of a person side by side" do
    sign_in_as
    dov = Server::Records::Person.find_by!(name: "Dov Abernethy")
    visit "/people/#{dov.id}"
    retype "Pronouns", "they/them"
    dov.update!(tags: ["lock crew"], version: dov.version + 1)
    within("form[aria-label=Person]") { click_button "Save" }
    expect(page).to have_css("[role=dialog] tbody tr", count: 2)
    expect(page).to be_clean
  end

  it "is clean with a station's details, the keys and an error open" do
    sign_in_as
    open_circuit
    click_button "Squat: sides, own times, notes"
    in_block("Lock-gate circuit") { retype("Rounds", 0) }
    expect(page).to have_content("must be a whole number")
    expect(page).to be_clean
    find("body").send_keys(:escape)
    click_button "Keys"
    expect(page).to have_css("[role=dialog]")
    expect(page).to be_clean.within("[role=dialog]")
  end

  it "is clean with each of the board's offers open" do
    sign_in_as
    open_circuit
    {"Finish together" => "table", "Fit to slot" => "ol", "Suggest" => "ol"}.each do |name, sign|
      within(:group, "The whole circuit") { click_button name, exact: true }
      expect(page).to have_css("[role=dialog] #{sign}")
      expect(page).to be_clean.within("[role=dialog]")
      find("[role=dialog] button[aria-label=Close]").click
      expect(page).to have_no_css("[role=dialog]")
    end
    visit "/circuits"
    click_button "Start from a template"
    expect(page).to have_css("[role=dialog] li")
    expect(page).to be_clean.within("[role=dialog]")
  end

  it "is clean with a person's stations open on the log" do
    sign_in_as
    visit "/runs/#{run_of("Lock-gate Tuesday", finished_at: Time.now.utc).id}/log"
    click_button "Everybody was here"
    click_button "Kofi Penhallow: as planned; station by station"
    expect(page).to have_css("[role=group]", text: "Push-up")
    expect(page).to be_clean
  end
end
