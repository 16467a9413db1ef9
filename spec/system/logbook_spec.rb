# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "The Logbook" do
  before do
    sign_in_as
    visit "/logbook"
  end

  it "lists the runs, the newest first, with who was there and how hard it was" do
    expect(all("tbody tr").map { |row| row.find("td:nth-child(2)").text }).to eq(["Lock-gate Tuesday", "Mooring-line Trunk", "Lock-gate Tuesday"])
    expect(all("tbody tr")[1]).to have_content(/Emeka Thorsby.*11.*1 pain/m)
  end

  it "is searched by circuit and by who led" do
    fill_in "Search runs", with: "emeka"
    expect(page).to have_content("1 run")
    fill_in "Search runs", with: "nobody"
    expect(page).to have_content("No run has “nobody”.")
  end

  it "shows one run: what each did, what differed, what hurt" do
    all("tbody a")[2].click
    expect(page).to have_content("12 present, mean effort 6.2; absent: Aurelia Finch, Ned Wickrama")
    kofi = find("tr", text: "Kofi Penhallow")
    expect(kofi.all("td[data-planned=false]").map { |cell| [cell.find("svg[role=img]")["aria-label"], cell.text.tr("\n", " ")] }).to eq([["intermediate", "9 (2 left)"], ["advanced", "8 (4 left)"]])
    expect(find("tr", text: "Marguerite Sall")).to have_content("Skipped")
    expect(find("tr", text: "Dov Abernethy")).to have_content("took the chair throughout")
  end

  it "prints a run without what is for the screen only" do
    first("tbody a").click
    expect(page).to have_button("Print")
    page.driver.browser.execute_cdp("Emulation.setEmulatedMedia", media: "print")
    expect(page).to have_no_button("Print")
    expect(page).to have_no_css("nav[aria-label=Main]")
    expect(page).to have_css("tbody tr", minimum: 10)
  ensure
    page.driver.browser.execute_cdp("Emulation.setEmulatedMedia", media: "")
  end

  it "leads to the log of a run that has none yet" do
    run = Server::Records::Run.first
    run.update!(logged_at: nil)
    page.refresh
    expect(page).to have_content("to log")
    click_link run.title, match: :first
    expect(page).to have_css("h1", text: /Log: |#{run.title}/)
  end
end
