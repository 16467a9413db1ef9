# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Movements", in_turns: true do
  before do
    sign_in_as
    visit "/movements"
  end

  it "shows a ladder's variations side by side with what each needs to be offered" do
    find("nav[aria-label=Movements] a[href$='/push_up']").click
    variations = all("[role=region] section")
    expect(variations.map { |variation| variation.find("h3").text }).to eq(["Wall push-up", "Push-up, hands on a bench", "Knee push-up", "Push-up, hands on a step", "Floor push-up", "Push-up, feet on a step"])
    tops = page.evaluate_script("[...document.querySelectorAll('[role=region] section')].map((variation) => Math.round(variation.getBoundingClientRect().top))")
    expect(tops.uniq.size).to eq(1)
    ["Elbows at 45 degrees", "Hips sag: “Squeeze the seat”", "Loads shoulder, elbow, wrist, lower back", "gets down to the floor"]
      .each { |text| expect(variations[4]).to have_content(text) }
    click_button "Floor push-up"
    within("section[aria-label='More on Floor push-up']") do
      ["A rep counts if: The chest comes within a fist of the floor", "Stop the set when the hips sag", "0.64 measured", "tempo 2-0-1-0"]
        .each { |text| expect(page).to have_content(text) }
    end
  end

  it "is narrowed down by what must be spared, by the kit at hand and by level, versions that do not fit set back" do
    find("div", text: "Spare nothing", exact_text: true, match: :first).click
    find("[role=option]", text: "wrist").click
    send_keys(:escape)
    choose_option("level", "beginner")
    expect(page).to have_no_css("nav[aria-label=Movements] a[href$='/push_up']")
    find("nav[aria-label=Movements] a[href$='/push_up_fists']").click
    expect(page).to have_css("h3", text: "Knee push-up on fists", count: 1)
    click_button "Clear filters"
    expect(page).to have_css("nav[aria-label=Movements] a[href$='/push_up']")
  end

  it "says by which version or other name it was found" do
    fill_in "Search movements and versions", with: "pop squat"
    expect(first("nav[aria-label=Movements] a")).to have_content("Jumped in-and-out squat (pop squat)")
    expect(page).to have_css("h3 [aria-expanded=true]", text: "Jumped in-and-out squat")
  end

  it "goes through what was found by the arrow keys, from the search field" do
    fill_in "Search movements and versions", with: "lunge"
    names = all("nav[aria-label=Movements] a").first(3).map { |link| link.text.lines.first.strip }
    send_keys(:down, :down)
    expect(page).to have_css("h2", text: names[2], exact_text: true)
    send_keys(:up)
    expect(page).to have_css("h2", text: names[1], exact_text: true)
    expect(page).to have_css("nav[aria-label=Movements] a[aria-current=true]", text: names[1])
    send_keys("s")
    expect(page).to have_field("Search movements and versions", with: "lunges")
  end

  it "keeps the movement that is open in sight in the list" do
    visit "/movements/squat"
    here = find("nav[aria-label=Movements] a[aria-current=true]", text: "Squat")
    inside = "(function(link) { const [at, list] = [link, link.closest('nav')].map((box) => box.getBoundingClientRect()); return at.top >= list.top && at.bottom <= list.bottom })(arguments[0])"
    expect(page.evaluate_script(inside, here)).to be(true)
  end

  it "takes a movement of one's own from a name and the version most like it, and a further version from the last" do
    click_button "New movement"
    within("[role=dialog]") do
      fill_in "Name", with: "Weir step"
      choose_option("Most like", "Step-up (Step-up)")
      click_button "Begin"
    end
    expect(page).to have_css("h1", text: "Weir step")
    expect(page).to have_content("A guess, taken from Step-up: look through it.")
    click_button "I have looked through it"
    click_button "Add a version"
    send_keys("Weir step, high")
    first(:button, "Save").click
    expect(page).to have_css("[role=region] h3", count: 2)
    expect(all("[role=region] h3").map(&:text)).to eq(["Weir step", "Weir step, high"])
    expect(find("[role=region] section", text: "Weir step, high")).to have_content("A guess")
  end

  it "puts a version into a copied ladder at its place in under a minute, and takes back one that was not saved" do
    visit "/movements/split_squat"
    click_button "Copy to my movements"
    @pressed = 0
    find("summary", text: "Split squat at a chair").click
    click_button "Add a version after this"
    press("Split squat at a wall")
    # With three presses of a button, at a key a second.
    expect(@pressed).to be <= 30
    within(find("fieldset[aria-label='Split squat at a wall']")) { fill_in "Demand", with: "0.6" }
    all(:button, "Add a version after this").last.click
    expect(page).to have_css("summary", text: "A version without a name")
    all(:button, "Remove this version").last.click
    first(:button, "Save").click
    expect(page).to have_css("[role=region] h3", count: 4)
    expect(all("[role=region] h3").map(&:text)).to eq(["Split squat at a chair", "Split squat at a wall", "Split squat", "Split squat, rear foot on a bench"])
  end

  it "names the way round for each sore joint" do
    find("nav[aria-label=Movements] a[href$='/mountain_climber']").click
    expect(find("dl", match: :first)).to have_content(/wrist\s+Quick high-knee march/i)
    expect(page).to have_content("A limit is never trained through.")
  end

  it "is searched by name, by variation, by pattern and by other words" do
    fill_in "Search movements and versions", with: "burpee"
    expect(page).to have_css("h2", text: "Squat thrust")
    fill_in "Search movements and versions", with: "curtsy zz"
    expect(page).to have_content("Nothing of that name.")
    fill_in "Search movements and versions", with: "sit-to-stand"
    expect(page).to have_css("h2", text: "Squat")
    fill_in "Search movements and versions", with: ""
    find("[role=combobox][aria-label=Pattern]").click
    find("[role=option]", text: "stretch").click
    expect(page).to have_content(/\d+ movements/)
    expect(all("nav[aria-label=Movements] a").map(&:text)).to all(include("stretch"))
  end
end
