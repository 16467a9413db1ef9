# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Movements" do
  before do
    sign_in_as
    visit "/movements"
  end

  it "shows a ladder's rungs side by side with what each needs to be offered" do
    find("nav[aria-label=Movements] a[href$='/push_up']").click
    rungs = all(".rung")
    expect(rungs.map { |rung| rung.find("h3").text }).to eq(["Wall push-up", "Push-up, hands on a bench", "Knee push-up", "Push-up, hands on a step", "Floor push-up", "Push-up, feet on a step"])
    tops = page.evaluate_script("[...document.querySelectorAll('.rung')].map((rung) => Math.round(rung.getBoundingClientRect().top))")
    expect(tops.uniq.size).to eq(1)
    ["A rep counts if: The chest comes within a fist of the floor", "Stop the set when the hips sag", "0.64 measured", "tempo 2-0-1-0"]
      .each { |text| expect(rungs[4]).to have_content(text) }
    expect(rungs[4]).to have_content("shoulder, elbow, wrist, lower back")
  end

  it "names the way round for each sore joint" do
    find("nav[aria-label=Movements] a[href$='/mountain_climber']").click
    expect(find(".spares")).to have_content(/wrist\s+Quick high-knee march/i)
    expect(page).to have_content("A limit is never trained through.")
  end

  it "is searched by name, by rung, by pattern and by other words" do
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
