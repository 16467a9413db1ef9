# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "The fit of a class" do
  before { sign_in_as }

  let(:group_class) { Server::Records::GroupClass.where(title: "Lock-gate Tuesday").order(:starts_at).last }

  def cell(name, station)
    columns = all("[role=grid] thead th").map(&:text)
    row = all("[role=grid] tbody tr").find { |line| line.find("th").text.include?(name) }
    row.all("td")[columns.index(station) - 1]
  end

  def open_sheet
    visit "/classes/#{group_class.id}/fit"
    expect(page).to have_css("[role=gridcell]", minimum: 100)
  end

  it "keeps a number that was typed while an older sheet was still on its way" do
    open_sheet
    cell("Bartek", "Push-up").click
    hold_answers("#{current_path.sub("/classes", "/api/classes").delete_suffix("/fit")}/fit", made: true)
    page.driver.browser.action.key_down(:alt).send_keys(:down).key_up(:alt).perform
    expect(page).to have_css("aside [role=status]", text: "Set by Ottoline Varga")
    before = cell("Bartek", "Push-up").text[/\d+/].to_i
    expect { HeldAnswers.current.waiting }.to eventually_be(1)
    press("+")
    bartek = Server::Records::Person.find_by!(name: "Bartek Lindqvist")
    expect { Server::Records::Choice.find_by(person: bartek)&.number }.to eventually_be(before + 1)
    why = find_field("Why")
    release_answers
    why.send_keys("wants it honest", :enter)
    expect(page).to have_css("aside [role=status]", text: "“wants it honest”")
    expect { Server::Records::Choice.find_by(person: bartek).slice(:number, :why).values }.to eventually_be([before + 1, "wants it honest"])
  end

  it "is read, changed, locked with a reason and given back, by keys alone" do
    open_sheet
    first = find("[role=gridcell][tabindex='0']")
    expect(all("[role=gridcell][tabindex='0']").size).to eq(1)
    first.send_keys(:down, :right)
    expect(page).to have_css("aside h2", text: "Bartek Lindqvist")
    expect(page).to have_css("aside", text: "Push-up · Lock-gate circuit")
    expect(page).to have_css("aside [role=status]", text: "measured")
    page.driver.browser.action.key_down(:alt).send_keys(:down).key_up(:alt).perform
    expect(page).to have_css("aside [data-testid=given]", text: "Floor push-up")
    expect(page).to have_css("aside [role=status]", text: "Set by Ottoline Varga")
    before = cell("Bartek", "Push-up").text[/\d+/].to_i
    press("+")
    expect(cell("Bartek", "Push-up")).to have_content(/\b#{before + 1}\b/)
    fill_in "Why", with: "wants it honest"
    find_field("Why").send_keys(:enter)
    expect(page).to have_css("aside [role=status]", text: "“wants it honest”")
    expect(cell("Bartek", "Push-up")).to have_content("locked")
    bartek = Server::Records::Person.find_by!(name: "Bartek Lindqvist")
    expect { Server::Records::Choice.find_by(person: bartek)&.number }.to eventually_be(before + 1)
    cell("Bartek", "Push-up").send_keys("u")
    expect(cell("Bartek", "Push-up")).to have_no_content("locked")
    expect(page).to have_css("aside [data-testid=given]", text: "feet on a step")
  end

  it "offers more to who could clearly do more, and one key takes it" do
    bartek = Server::Records::Person.find_by!(name: "Bartek Lindqvist")
    bartek.benchmarks.create!(studio_id: bartek.studio_id, test: "push_ups", variation: "push_up.feet_30", amount: 70, taken_on: Date.today)
    open_sheet
    expect(cell("Bartek", "Push-up")).to have_css("[role=img][aria-label='ready for more']")
    expect(cell("Tamsin", "Push-up")).to have_no_css("[aria-label='ready for more']")
    cell("Bartek", "Push-up").click
    before = cell("Bartek", "Push-up").text[/\d+/].to_i
    expect(page).to have_css("aside", text: "ready for more")
    press("m")
    expect(cell("Bartek", "Push-up")).to have_content("locked")
    expect(cell("Bartek", "Push-up").text[/\d+/].to_i).to be > before
  end

  it "opens a cell with every way, what each would leave or why not, and what was done last time" do
    open_sheet
    cell("Dov", "Squat").click
    within("aside") do
      expect(page).to have_css("ol[aria-label='Ladder, hardest first'] li", text: /Paused squat\s*spares: knee, gently/)
      expect(page).to have_css("ol li", text: /Sit-to-stand with hands\s*\d+, leaves \d+/)
      expect(page).to have_css("ol[aria-label='Instead, from other ladders'] li", minimum: 1)
      expect(page).to have_content(/Last time, \d+ \w+ \d+: /)
      click_button "Sit-to-stand with hands"
      expect(page).to have_css("[data-testid=given]", text: "Sit-to-stand with hands")
    end
    expect(cell("Dov", "Squat")).to have_content("with hands")
  end

  it "stands whole in a window of 1280 by 800, and a person a line on a phone with the stations by arrows" do
    overflow = "(() => { const one = document.querySelector('.scroll'); return [document.documentElement.scrollHeight - innerHeight, one.scrollHeight - one.clientHeight] })()"
    in_window(1280, 800) do
      open_sheet
      cell("Dov", "Squat").click
      expect(page).to have_css("aside ol li", minimum: 6)
      expect(page.evaluate_script(overflow)).to eq([0, 0])
    end
    in_window(390, 844) do
      visit "/classes/#{group_class.id}/fit"
      expect(page).to have_css("[role=gridcell]", count: 13)
      seen = "[...document.querySelectorAll('[role=grid] tbody tr')].filter((row) => row.getBoundingClientRect().bottom <= innerHeight).length"
      expect(page.evaluate_script(seen)).to be >= 9
      click_button "Next station"
      expect(page).to have_css("b[aria-live]", text: "Push-up · 2/9")
      expect(page).to have_no_css("aside")
      first("[role=gridcell]").click
      expect(page).to have_css("aside", text: "Push-up")
      click_button "Close"
      expect(page).to have_no_css("aside")
    end
  end

  it "shows who needs attention, with limits, and who is new" do
    open_sheet
    expect(page).to have_css("[role=grid] tbody tr", count: 13)
    find("body").send_keys("a")
    expect(page).to have_css("[role=grid] tbody th", text: "Aurelia Finch")
    expect(page).to have_no_css("[role=grid] tbody th", text: "Bartek Lindqvist")
    choose_option("Who", "With limits")
    expect(page).to have_css("[role=grid] tbody th", text: "Marguerite Sall")
    expect(page).to have_no_css("[role=grid] tbody th", text: "Tamsin Okoro")
    choose_option("Who", "New or not screened")
    expect(page).to have_css("[role=grid] tbody th", text: "Ned Wickrama")
    expect(page).to have_css("[role=grid] tbody tr", count: 3)
  end

  it "gives nothing to who must be spoken with, and spares what is to be spared" do
    open_sheet
    expect(cell("Aurelia", "Squat")).to have_content("talk first")
    expect(cell("Rosalind", "Push-up")).to have_content("Push-up on fists")
    cell("Rosalind", "Push-up").click
    expect(page).to have_css("aside ol li", text: "spares: left wrist")
    expect(page).to have_button("Floor push-up", disabled: true)
  end

  it "keeps a choice while the server is away, and sends it when it is back" do
    open_sheet
    cell("Bartek", "Push-up").click
    no_network
    page.driver.browser.action.key_down(:alt).send_keys(:down).key_up(:alt).perform
    expect(page).to have_content("The server does not answer")
    expect(page).to have_css("aside [data-testid=given]", text: "Floor push-up")
    expect(Server::Records::Choice.where(variation: "push_up.floor").count).to eq(0)
    sound_network
    expect(page).to have_css("aside [role=status]", text: "Set by Ottoline Varga")
    expect(page).to have_no_content("The server does not answer")
  ensure
    sound_network
  end

  it "follows a check-in at once" do
    visit "/classes/#{group_class.id}"
    within("tr", text: "Tamsin Okoro") { check "Tamsin Okoro is tired" }
    within("tr", text: "Bartek Lindqvist") { find(:button, text: "Absent").click }
    expect(page).to have_css("tr", text: /Bartek Lindqvist.*Absent/m)
    fill_in "New at the door", with: "Wren Sedgewick"
    click_button "Add as present"
    expect(page).to have_css("tr", text: "Wren Sedgewick")
    click_link "Fit sheet", match: :first
    expect(page).to have_css("[role=grid] tbody th", text: "Wren Sedgewick")
    expect(page).to have_no_css("[role=grid] tbody th", text: "Bartek")
    expect(all("[role=grid] tbody tr").find { |row| row.text.include?("Tamsin") }).to have_content("tired today")
  end

  it "moves the class's targets to its people, not the circuit's" do
    document = Server::Records::Workout.find_by!(title: "Lock-gate Tuesday").document
    open_sheet
    find(:button, text: "Targets").click
    within("section[aria-label='What this class needs']") do
      before = all("tbody tr").size
      first("tbody input[type=checkbox]").check
      click_button "Move the targets to this class"
      expect(page).to have_css("tbody tr", maximum: before - 1)
    end
    expect(group_class.reload.document).not_to eq(document)
    expect(Server::Records::Workout.find_by!(title: "Lock-gate Tuesday").document).to eq(document)
  end

  it "answers why a cell is not harder, and why it is not easier" do
    open_sheet
    cell("Bartek", "Push-up").click
    click_button "Why so easy?"
    expect(page).to have_css("aside .ways [role=status]", text: /would hold too|would leave|no room for more/)
    click_button "Why so hard?"
    expect(page).to have_css("aside .ways [role=status]", text: /It leaves \d+ in round \d/)
    cell("Tamsin", "Push-up").click
    expect(page).to have_no_css("aside .ways [role=status]")
  end

  it "shows the room: who stands where, what is set out, and station by station" do
    open_sheet
    find(:button, text: "The room").click
    within("section[aria-label='Who stands where']") do
      expect(page).to have_css("figure li", count: 12)
      expect(page).to have_css("figcaption", text: "Front: the instructor")
      ["9 by 7 m", "Talk first: Aurelia Finch", "12 mats of 16"].each { |text| expect(page).to have_content(text) }
    end
    within("article", text: "Push-up") do
      expect(page).to have_content("Wall push-up")
      expect(page).to have_content("Sit out: Aurelia Finch")
    end
  end

  it "says so where nobody comes" do
    group_class.roster.destroy_all
    visit "/classes/#{group_class.id}/fit"
    expect(page).to have_content("Nobody is coming yet")
  end

  it "takes on a card what somebody did, which comes to the log beside the instructor's" do
    group_class = coming
    group_class.update!(own_entries: true)
    person = group_class.roster.find { |entry| entry.person.name == "Kofi Penhallow" }.person
    run = Server::Records::Run.of_class(group_class, client_key: SecureRandom.uuid, by: group_class.leader)
    visit "/card/#{Server::Cards::ClassCards.token(group_class, person.id)}"
    within("form[aria-label='What you did']") do
      fill_in "How hard it was, 0 to 10", with: "11"
      click_button "Save"
      expect(page).to have_content("must be a whole number from 0 to 10")
      fill_in "How hard it was, 0 to 10", with: "8"
      first("li input").send_keys("7")
      click_button "Save"
      expect(page).to have_button("Saved. Change it if you like")
    end
    visit "/runs/#{run.id}/log"
    click_button "Kofi Penhallow: as planned; station by station"
    expect(page).to have_css("[data-testid=they-say]", text: /They say:\s+effort 8 · .+ 7/)
    click_button "Take it"
    expect(find_field("Effort of Kofi Penhallow, 0 to 10").value).to eq("8")
    expect(page).to have_button("Kofi Penhallow: 1 station differs; station by station")
  end

  it "is a card on a phone, without an account, until the link is void" do
    token = Server::Cards::ClassCards.token(group_class, Server::Records::Person.find_by!(name: "Dov Abernethy").id)
    visit "/"
    click_button "Sign out"
    expect(page).to have_field("E-mail")
    visit "/card/#{token}"
    expect(page).to have_css("h1", text: "Dov", exact_text: true)
    expect(page).to have_content("Push-up, hands on a bench")
    expect(page).to have_no_content("knee, gently")
    group_class.increment!(:card_version)
    visit "/card/#{token}"
    expect(page).to have_content("has expired or was replaced")
  end
end
