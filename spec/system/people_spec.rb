# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "People", in_turns: true do
  before { sign_in_as }

  def person(name)
    Server::Records::Person.find_by!(name: name)
  end

  def open_person(name)
    visit "/people"
    click_link name
    expect(page).to have_css("h1", text: name)
  end

  it "are added with a name and a level, by keys alone, and found again" do
    visit "/people"
    expect(page).to have_css("tbody tr", count: 14)
    find("body").send_keys("n")
    expect(page).to have_css("[role=dialog]")
    fill_in "Name", with: "Wren Sedgewick"
    find_field("Name").send_keys(:enter)
    expect(page).to have_css("h1", text: "Wren Sedgewick")
    visit "/people"
    find("body").send_keys("/")
    find("#search").send_keys("sedge")
    expect(page).to have_css("tbody tr", count: 1)
    find("#search").send_keys("x")
    expect(page).to have_content("Nobody answers to that search")
  end

  it "keep what was typed where a field is refused, and say which" do
    open_person("Tamsin Okoro")
    retype("Year of birth", 3000)
    fill_in "Pronouns", with: "she/they"
    within("form[aria-label='Person']") { click_button "Save" }
    expect(page).to have_css("[role=alert]", text: "Year of birth must be")
    expect(find_field("Pronouns").value).to eq("she/they")
    retype("Year of birth", 1988)
    within("form[aria-label='Person']") { click_button "Save" }
    expect(page).to have_no_css("[role=alert]")
    expect(page).to have_css("form[aria-label='Person'] button[disabled]", text: "Save")
    expect(person("Tamsin Okoro")).to have_attributes(birth_year: 1988, pronouns: "she/they")
  end

  it "keep what is typed in one form while the other is saved" do
    open_person("Tamsin Okoro")
    fill_in "Note", with: "prefers the back row", match: :first
    fill_in "Pronouns", with: "they/them"
    within("form[aria-label='Person']") { click_button "Save" }
    expect { person("Tamsin Okoro").pronouns }.to eventually_be("they/them")
    expect(page).to have_css("form[aria-label='Person'] button[disabled]", text: "Save")
    expect(find_field("Note", match: :first).value).to eq("prefers the back row")
    within("form[aria-label='Health (private)']") { click_button "Save" }
    expect { person("Tamsin Okoro").health["note"] }.to eventually_be("prefers the back row")
  end

  it "have limits whose reach is shown as they are typed, kept by consent only" do
    open_person("Pavel Mumford")
    within("form[aria-label='Health (private)']") do
      click_button "Add a limit"
      expect(page).to have_content(/Today \d+ of \d+ versions are ruled out/)
      before = find("summary").text
      choose_option("What is spared, limit 1", "not down to the floor")
      expect(page).to have_no_css("summary", text: before, exact_text: true)
      find("summary").click
      expect(page).to have_css("li", text: "Push-up")
      click_button "No to all"
      click_button "Save"
    end
    expect(page).to have_content("Screened")
    expect(person("Pavel Mumford").limits_on(Date.today).map(&:kind)).to eq(%w[no_floor])
    find("label", text: "Consent to keep health notes").click
    expect(page).to have_content("everything below is deleted")
    click_button "Save without"
    expect(page).to have_content("Not screened")
    expect(person("Pavel Mumford").health).to be_nil
  end

  it "have several limits set at once, as a beginning for what a professional has advised, and see what they get instead" do
    open_person("Pavel Mumford")
    within("form[aria-label='Health (private)']") do
      click_button "Pregnant"
      expect(page).to have_content("Ask their midwife or doctor first.")
      expect(page).to have_css("[role=group][aria-label^='Limit ']", count: 5)
      click_button "High blood pressure"
      expect(page).to have_css("[role=group][aria-label^='Limit ']", count: 5)
      click_button "No to all"
      click_button "Save"
    end
    expect(page).to have_content("Screened")
    expect(person("Pavel Mumford").limits_on(Date.today).map(&:kind)).to match_array(%w[not_on_back not_face_down head_not_below_hips no_straining no_impact])
    click_link "What they get instead"
    expect(page).to have_css("h1", text: "What the limits change for Pavel Mumford")
    expect(page).to have_content(/\d+ of \d+ exercises change; sat out: \d/)
    expect(find("section[aria-label=Push]")).to have_content(/Push-up\s+Push-up, hands on a bench/)
  end

  it "say which questions of the screening are open still" do
    tamsin = person("Tamsin Okoro")
    tamsin.update!(health_consent_at: Time.now.utc, health: {"screening" => {"answered_on" => "2026-11-01", "answers" => Sparrow::People::Screening.questions.first(10).to_h { |question| [question["id"], false] }}})
    open_person("Tamsin Okoro")
    expect(page).to have_content("Not screened")
    expect(page).to have_content("4 questions not answered yet: ask them anew.")
  end

  it "are archived and brought back, and erased only by their name" do
    visit "/people"
    click_button "Archive Yuki Stannard"
    expect(page).to have_css("tbody tr", count: 13)
    click_button "Undo"
    expect(page).to have_css("tbody tr", count: 14)
    open_person("Yuki Stannard")
    click_button "Erase everything…"
    within("[role=dialog]") do
      expect(page).to have_button("Erase", disabled: true)
      fill_in "Type their name to confirm", with: "Yuki Stannard"
      click_button "Erase"
    end
    expect(page).to have_css("h1", text: "People")
    expect(page).to have_css("tbody tr", count: 13)
    expect(Server::Records::Person.exists?(name: "Yuki Stannard")).to be(false)
  end

  it "come in from a list only when every row is sound" do
    visit "/people"
    click_button "Import or export"
    fill_in "Or typed", with: "name,level\nWren Sedgewick,beginner\nNobody,expert\n"
    click_button "Show what would change"
    expect(page).to have_css("tr", text: "Nobody wrong level must be one of")
    expect(page).to have_content("nothing has been changed")
    expect(page).to have_button("Import", disabled: true)
    fill_in "Or typed", with: "name,level\nWren Sedgewick,beginner\n"
    click_button "Show what would change"
    expect(page).to have_css("tr", text: "Wren Sedgewick new")
    click_button "Import"
    expect(page).to have_content("1 change made")
    expect(Server::Records::Person.exists?(name: "Wren Sedgewick")).to be(true)
  end

  it "are measured as a class, down the columns, and each number predicts every variation" do
    visit "/people/benchmarks"
    expect(page).to have_css("tbody tr", count: 14)
    find_field("Sit-to-stands in 30 s, Pavel Mumford").send_keys("14", :enter)
    expect(focused).to eq("Sit-to-stands in 30 s, Rosalind Achterberg")
    find_field("Clean push-ups, Pavel Mumford").send_keys("999")
    click_button "Save 2"
    expect(page).to have_css("[role=alert]", text: "must be from 0 to 100 push-ups")
    retype("Clean push-ups, Pavel Mumford", 9)
    click_button "Save 2"
    expect(page).to have_button("Save", disabled: true, exact: true)
    open_person("Pavel Mumford")
    expect(page).to have_button("push measured this week")
    expect(page).to have_button("gait a guess from the beginner level")
    click_button "squat", match: :first
    expect(page).to have_css("figcaption", text: "Squat")
    expect(page).to have_css("figure", text: /\d/)
  end
end
