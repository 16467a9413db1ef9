# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Classes" do
  before { sign_in_as }

  let(:coming) { Server::Records::GroupClass.order(:starts_at).last }

  it "are planned for weeks with everybody on the roster, called off and brought back" do
    visit "/classes"
    expect(page).to have_css("section[aria-label=Past] tbody tr", minimum: 3)
    find("body").send_keys("n")
    within("[role=dialog]") do
      choose_option("Circuit", "Slipway Holds")
      choose_option("Who leads", "Emeka Thorsby")
      retype("Slot", 9999)
      retype("Weekly, how many times", 0)
      expect(page).to have_css("[role=alert]", text: "must be a whole number from 1 to 26")
      retype("Weekly, how many times", 2)
      choose_option("Where", "The boathouse by the weir")
      expect(page).to have_content("14 × chair")
      click_button "Add the class"
      expect(page).to have_css("[role=alert]", text: "Slot must be a whole number")
      retype("Slot", 40)
      click_button "Add the class"
    end
    expect(page).to have_css("h1", text: "Slipway Holds")
    expect(page).to have_css("tbody tr", count: 14)
    expect(page).to have_content("Emeka Thorsby")
    visit "/classes"
    expect(page).to have_css("tr", text: "Slipway Holds", count: 2)
    find("tr", text: "Slipway Holds", match: :first).find("button[aria-label^='Call off']").click
    expect(page).to have_css("tr", text: "Slipway Holds", count: 1)
    click_button "Undo"
    expect(page).to have_css("tr", text: "Slipway Holds", count: 2)
  end

  it "keep the buttons of a long dialog in sight on a small screen" do
    visit "/classes"
    in_window(390, 560) do
      ["New class", "Places"].each do |dialog|
        find_button(dialog).click
        within("[role=dialog]") do
          content = find(".p-dialog-content")
          expect(content.evaluate_script("this.scrollHeight - this.clientHeight")).to be > 0
          save = find("button[type=submit]")
          expect(save.evaluate_script("this.getBoundingClientRect().bottom <= Math.min(innerHeight, this.closest('.p-dialog-content').getBoundingClientRect().bottom)")).to be(true)
          find("button[aria-label=Close]").click
        end
        expect(page).to have_no_css("[role=dialog]")
      end
    end
  end

  it "are listed week by week, as the studio counts weeks" do
    coming.update!(starts_at: Time.utc(2027, 1, 3, 12))
    coming.studio.update!(time_zone: "UTC", week_start: "monday")
    visit "/classes"
    row = "tbody tr th[scope=rowgroup]"
    expect(page).to have_css("section[aria-label=Coming] #{row}", text: "Week from 28 December")
    coming.studio.update!(week_start: "sunday")
    visit "/classes"
    expect(page).to have_css("section[aria-label=Coming] #{row}", text: "Week from 3 January")
  end

  it "ask whether they come along when their circuit has changed" do
    workout = coming.workout
    changed = workout.document.merge("title" => "Mooring-line Evening")
    workout.save_over(workout.lock_version, Sparrow::Preview.new(changed), by: coming.leader)
    visit "/classes/#{coming.id}"
    expect(page).to have_content("has been changed since this class was planned")
    click_button "Bring the class along"
    expect(page).to have_css("h1", text: "Mooring-line Evening")
    expect(page).to have_no_content("has been changed since")
  end

  it "have the emergency card at hand, with no network" do
    visit "/classes/#{coming.id}"
    expect(page).to have_css("tbody tr", minimum: 10)
    fetched = "performance.getEntriesByType('resource').some((entry) => entry.name.endsWith('/emergency') && entry.responseEnd > 0)"
    expect { page.evaluate_script(fetched) }.to eventually_be(true)
    prepared_for_offline
    no_network
    find("body").send_keys("e")
    within("[role=dialog]") do
      expect(page).to have_content("On the wall of the lock cottage")
      expect(page).to have_link("555 0109", href: "tel:5550109")
    end
  ensure
    sound_network
  end

  it "run with their own people, whom the hall does not see" do
    visit "/classes/#{coming.id}"
    click_button "Start class"
    expect(page).to have_button("Start", exact: true)
    expect(page).to have_button("Who is where")
    expect(page).to have_no_content("Tamsin")
    run = Server::Records::Run.order(:created_at).last
    expect(run.group_class).to eq(coming)
    visit "/classes/#{coming.id}/run/#{run.id}"
    expect(page).to have_content("Not started")
    expect(page).to have_css("section[aria-label=Now] article")
    expect(page).to have_content("Tamsin Okoro")
    run.update!(finished_at: Time.now.utc)
    visit "/runs/#{run.id}/log"
    expect(page).to have_css("tbody tr", minimum: 10)
    expect(page).to have_no_content("Pavel Mumford")
  end

  it "log what each person was given, or the variation that they did instead" do
    visit "/classes/#{coming.id}"
    click_button "Start class"
    expect(page).to have_button("Start", exact: true)
    run = Server::Records::Run.order(:created_at).last
    run.update!(started_at: Time.now.utc, finished_at: Time.now.utc)
    planned = run.planned_targets.fetch(Server::Records::Person.find_by!(name: "Dov Abernethy").id)
    visit "/runs/#{run.id}/log"
    click_button "Dov Abernethy: as planned; station by station"
    (block, place), cell = planned.find { |_, held| held.reps }
    name = run.sheet.stations.find { |held| held["block"] == block && held["station"] == place }["name"]
    expect(find(:group, name, match: :first)).to have_content(Sparrow::Catalogue.house.variation(cell.variation).name)
    find("[aria-label='Dov Abernethy, #{name}: what was done']").click
    entry = all("[role=option]").last
    chosen = entry.text.split("\n").first
    standing_still(entry)
    entry.click
    click_button "Save the log"
    expect(page).to have_button("Edit log")
    results = run.attendances.joins(:person).find_by!(people: {name: "Dov Abernethy"}).results
    instead = results.find_by!(planned: false)
    expect(Sparrow::Catalogue.house.variation(instead.variation).name).to eq(chosen)
    kept = results.where(planned: true).to_h { |result| [[result.block, result.station], [result.variation, result.reps, result.seconds, result.skipped]] }
    expect(kept).to eq(planned.except([block, place]).transform_values { |held| [held.variation, held.reps, held.seconds, held.out?] }.slice(*kept.keys))
    expect(kept.size).to be > 5
  end

  it "show a check-in that did not reach the server as the server knows it" do
    visit "/classes/#{coming.id}"
    expect(page).to have_unchecked_field("Hamish Oduya is tired")
    no_network
    check "Hamish Oduya is tired"
    expect(page).to have_content("That did not work")
    expect(page).to have_unchecked_field("Hamish Oduya is tired")
    sound_network
    check "Hamish Oduya is tired"
    expect(page).to have_checked_field("Hamish Oduya is tired")
    expect { coming.roster.joins(:person).find_by(people: {name: "Hamish Oduya"}).tired }.to eventually_be(true)
  ensure
    sound_network
  end

  it "keep what two tabs change apart" do
    visit "/classes/#{coming.id}"
    click_button "Change"
    within("[role=dialog]") { retype("Slot", 35) }
    coming.update!(lock_version: coming.lock_version + 1)
    within("[role=dialog]") { click_button "Save" }
    expect(page).to have_content("This class was changed by somebody else")
    click_button "Back to my form"
    expect(find_field("Slot").value).to eq("35")
    expect(coming.reload.slot_minutes).to eq(40)
  end
end
