# frozen_string_literal: true

require_relative "../support/browser"

# Somebody else saved first. Both versions are shown, field by field.
RSpec.describe "Two at once" do
  let(:studio) { Server::Records::Studio.first }
  let(:dov) { studio.people.find_by!(name: "Dov Abernethy") }

  # After some seconds in another tab, when pages ask again for what is old.
  def come_back_to_the_tab
    page.execute_script("const now = Date.now.bind(Date); Date.now = () => now() + 10000; window.dispatchEvent(new Event('visibilitychange'))")
  end

  it "keep both what one typed and what the other saved of a person" do
    sign_in_as
    visit "/people/#{dov.id}"
    retype "Pronouns", "they/them"
    dov.update!(tags: ["lock crew"], version: dov.version + 1)
    within("form[aria-label=Person]") { click_button "Save" }
    within("[role=dialog]") do
      expect(find("tr", text: "Pronouns")).to have_checked_field(with: "mine")
      expect(find("tr", text: "Tags")).to have_checked_field(with: "theirs")
      click_button "Save this choice"
    end
    expect(page).to have_no_css("[role=dialog]")
    expect { dov.reload.values_at(:pronouns, :tags) }.to eventually_be(["they/them", ["lock crew"]])
    expect(find_field("Pronouns").value).to eq("they/them")
  end

  it "never lose a limit that the other added" do
    sign_in_as
    visit "/people/#{dov.id}"
    find_by_id("health-note").set("Looks well")
    limits = [{"kind" => "knee", "severity" => "avoid"}]
    dov.update!(health: (dov.health || {}).merge("limits" => limits), health_consent_at: Time.now.utc, health_version: dov.health_version + 1)
    within("form[aria-label='Health (private)']") { click_button "Save" }
    within("[role=dialog]") do
      expect(page).to have_content("avoid: knee")
      click_button "Save this choice"
    end
    expect { dov.reload.health.values_at("limits", "note") }.to eventually_be([limits, "Looks well"])
  end

  it "go back to the form with everything typed still there" do
    sign_in_as
    visit "/people/#{dov.id}"
    retype "Pronouns", "they/them"
    dov.update!(pronouns: "he/they", version: dov.version + 1)
    within("form[aria-label=Person]") { click_button "Save" }
    expect(find("[role=dialog]")).to have_css("input[value=mine]:focus")
    page.send_keys(:escape)
    expect(page).to have_no_css("[role=dialog]")
    expect(find_field("Pronouns").value).to eq("they/them")
    expect(dov.reload.pronouns).to eq("he/they")
  end

  it "are asked about a place, and about the standards" do
    sign_in_as
    visit "/classes"
    click_button "Places"
    fill_in "Surface", with: "new boards"
    place = studio.places.in_use.first
    place.update!(space: "twelve mats", version: place.version + 1)
    click_button "Save the place"
    click_button "Save this choice"
    expect(find("[role=dialog]")).to have_button("Save the place", focused: true)
    expect { place.reload.values_at(:surface, :space) }.to eventually_be(["new boards", "twelve mats"])

    visit "/house"
    find_field("Reserve").send_keys([:control, "a"], "3", :tab)
    expect(page).to have_button("Save", disabled: false)
    studio.reload.update!(house: {"transition_s" => 9}, house_version: studio.house_version + 1)
    click_button "Save"
    click_button "Save this choice"
    expect { studio.reload.house }.to eventually_be({"reserve" => 3, "transition_s" => 9})
  end

  it "edit a movement of their own field by field, down to one version's, and lose none" do
    squat = YAML.safe_load_file(File.join(Sparrow::DATA, "movements", "squat.yml"))
    own = Server::Records::StudioMovement.add(studio, Sparrow::Catalogue::CustomMovement.copy(squat, id: "own_squat", name: "Boathouse squat"))
    sign_in_as
    visit "/movements/own_squat/edit"
    first("summary").click
    fill_in "What it is, in a sentence", with: "Down and up again"
    first(:field, "Breathing").set("In on the way down")
    theirs = own.document.deep_dup
    theirs["summary"] = "Sit back, stand tall"
    theirs["also"] = ["sit to stand"]
    theirs["ladder"].first["name"] = "Sit and stand"
    own.update!(document: theirs, version: own.version + 1)
    first(:button, "Save").click
    within("[role=dialog]") do
      expect(all("tbody tr").map { |row| row.find("th").text }).to eq(["What it is", "Other names", "Sit-to-stand with hands: name", "Sit-to-stand with hands: breathing"])
      expect(all("input:checked").map { |input| input[:value] }).to eq(%w[mine theirs theirs mine])
      find("tr", text: "What it is").choose("pick-summary", option: "theirs")
      click_button "Save this choice"
    end
    expect(page).to have_content("Saved")
    expect(own.reload.document.values_at("summary", "also")).to eq([theirs["summary"], ["sit to stand"]])
    expect(own.document["ladder"].first.values_at("name", "breathing")).to eq(["Sit and stand", "In on the way down"])
  end

  it "change the day of a class and who leads it, and lose neither" do
    sign_in_as
    held = studio.group_classes.where("starts_at > now()").order(:starts_at).first
    emeka = studio.instructors.find_by!(name: "Emeka Thorsby")
    visit "/classes/#{held.id}"
    click_button "Change"
    fill_in "Start", with: "19:15"
    held.update!(leader: emeka, lock_version: held.lock_version + 1)
    # Whatever the page hears of it meanwhile, the form is saved over the version that it was opened with.
    come_back_to_the_tab
    within("[role=dialog]") { click_button "Save" }
    within("[role=dialog]", text: "This class was changed") do
      expect(find("tr", text: "Start")).to have_checked_field(with: "mine")
      expect(find("tr", text: "Who leads")).to have_content("Emeka Thorsby")
      click_button "Save this choice"
    end
    expect(page).to have_no_css("[role=dialog]")
    expect(page).to have_content("19:15")
    expect { held.reload.values_at(:leader_id) + [held.starts_at.in_time_zone("Europe/London").strftime("%H:%M")] }.to eventually_be([emeka.id, "19:15"])
  end

  it "choose for one cell of a fit sheet, and one of the two decides" do
    sign_in_as
    held = studio.group_classes.where("starts_at > now()").order(:starts_at).first
    visit "/classes/#{held.id}/fit"
    cell = find("tr", text: "Kofi Penhallow").all("[role=gridcell]").first
    cell.click
    document = held.document["blocks"].find { |block| block["role"] == "main" }
    kofi = studio.people.find_by!(name: "Kofi Penhallow")
    station = document["stations"].first
    held.choices.create!(studio_id: studio.id, person: kofi, instructor: studio.instructors.last, block: document["id"], station: station["id"], movement: station["movement"],
      variation: Sparrow::Catalogue.house.movement(station["movement"]).ladder.first.id, number: 4)
    cell.send_keys("+")
    expect(page).to have_css("[role=dialog]", text: "Somebody else changed this cell")
    click_button "Take theirs"
    expect(find("tr", text: "Kofi Penhallow")).to have_content("locked")
    expect(held.choices.where(person: kofi).pluck(:number)).to eq([4])
  end

  it "see a choice that makes no sense any more, and remove it" do
    sign_in_as
    held = studio.group_classes.where("starts_at > now()").order(:starts_at).first
    kofi = studio.people.find_by!(name: "Kofi Penhallow")
    held.choices.create!(studio_id: studio.id, person: kofi, instructor: studio.instructors.last, block: "gone", station: "gone", movement: "squat", variation: "squat.air", number: 4)
    visit "/classes/#{held.id}/fit"
    within("section", text: "Choices that do not fit any more") do
      expect(page).to have_content(/Kofi Penhallow.*the station is not in the circuit any more/)
      click_button "Remove"
    end
    expect(page).to have_no_content("Choices that do not fit any more")
    expect(held.choices.where(block: "gone").count).to eq(0)
  end

  it "bring an earlier log back" do
    sign_in_as
    run = studio.runs.kept.newest_first.first
    people = run.people
    Server::Runs::LogBook.new(run, by: studio.instructors.first).write("submission_id" => SecureRandom.uuid, "log_version" => 1, "attendances" => [{"person_id" => people.first.id, "present" => true}])
    visit "/logbook/#{run.id}"
    expect(page).to have_content("1 present")
    click_button "Earlier logs"
    within("[role=dialog]") do
      expect(page).to have_content(/Version 2 · as it is now/)
      click_button "Bring version 1 back"
    end
    expect(page).to have_content("13 present")
    expect(run.reload.log_version).to eq(3)
  end

  it "keeps both results of a test that two entered for the same day, until one is chosen" do
    sign_in_as
    visit "/people/benchmarks"
    find_field("Clean push-ups, Yuki Stannard").send_keys("9")
    yuki = studio.people.find_by!(name: "Yuki Stannard")
    yuki.benchmarks.create!(studio_id: studio.id, instructor: studio.instructors.find_by!(name: "Emeka Thorsby"), test: "push_ups", variation: "push_up.knees", amount: 12, taken_on: studio.today)
    # What is fetched meanwhile is not what was seen.
    come_back_to_the_tab
    click_button "Save 1"
    expect(page).to have_content(/is 12 × Knee push-up now, entered by Emeka Thorsby/i)
    expect(find_field("Clean push-ups, Yuki Stannard").value).to eq("9")
    click_button "Save 1"
    expect(page).to have_content("1 result")
    expect(yuki.benchmarks.where(test: "push_ups").order(:taken_on).last.amount).to eq(9)
  end

  it "are shown both targets of a level where the class was changed meanwhile" do
    sign_in_as
    held = studio.group_classes.where(title: "Lock-gate Tuesday").order(:starts_at).last
    visit "/classes/#{held.id}/fit"
    find(:button, text: "Targets").click
    needs = find("section", text: "What this class needs", match: :first)
    box = needs.all("tbody input[type=checkbox]").find { |one| reps_of(held, one.value) }
    key = box.value
    wanted = box.find(:xpath, "./ancestor::tr").all("td").last.text
    box.check
    held.update!(document: Sparrow::Pointer.put(held.document, [[pointer_of(held, key), 17]]), lock_version: held.lock_version + 1)
    click_button "Move the targets to this class"
    within("[role=dialog]", text: "These targets were changed by somebody else") do
      expect(find("label", text: wanted)).to have_css("input[value=mine]:checked")
      expect(find("label", text: "17")).to have_css("input[value=theirs]")
      click_button "Save this choice"
    end
    expect(page).to have_no_css("[role=dialog]")
    expect(needs).to have_no_css("input[value='#{key}']")
    expect(reps_of(held.reload, key)).not_to eq(17)
  end

  # @param key [String] block, station and level
  def pointer_of(held, key)
    block, station, level = key.split("/")
    at = held.document["blocks"].index { |one| one["id"] == block }
    "/blocks/#{at}/stations/#{held.document["blocks"][at]["stations"].index { |one| one["id"] == station }}/levels/#{level}/reps"
  end

  def reps_of(held, key)
    held.document.dig(*pointer_of(held, key).split("/").drop(1).map { |part| part.match?(/\A\d+\z/) ? part.to_i : part })
  end
end
