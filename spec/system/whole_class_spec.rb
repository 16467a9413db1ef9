# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "A class from plan to logbook" do
  it "is planned, timed, run and logged" do
    sign_in_as
    open_circuit
    expect(page).to have_total("36:40")

    # 18 windows of five seconds more
    in_block("Lock-gate circuit") { retype("Work", 45) }
    expect(page).to have_total("38:10")

    # one station more: 45 s of work and 20 s of rest in each of three rounds
    add_station("Lock-gate circuit", "step-b")
    expect(page).to have_css("[role=group]", text: "Step-back lunge")
    expect(page).to have_total("41:25")
    expect(page).to saved

    hold_clock
    click_button "Start class"
    expect(page).to have_content("Stop for chest pain, dizziness")
    click_button "Start"
    advance(60)
    expect(page).to have_css("[data-testid=class-left]", text: "40:25")

    # through the welcome and the warm-up into the main block's first station
    advance(120 + 305 + 15 + 5 - 60)
    expect(page).to have_css("[role=heading]", text: "Squat")
    expect(page).to have_css("[data-testid=phase]", text: "Work")
    expect(numeral).to eq("40")
    advance(41 * 60)
    expect(page).to have_content("Walk it off")

    click_button "Log this class"
    click_button "Everybody was here"
    expect(page).to have_content("14 of 14 present")
    retype("Effort of everybody, 0 to 10", 6)
    retype("Effort of Dov Abernethy, 0 to 10", 9)
    find_field("Ned Wickrama was present", visible: :all).send_keys(:space)
    click_button "Kofi Penhallow: as planned; station by station"
    within(:group, "Push-up") { retype("Reps", 7) }
    click_button "Save the log"

    expect(page).to have_css("h1", text: "Lock-gate Tuesday")
    expect(page).to have_content("13 present, mean effort 6.2; absent: Ned Wickrama")
    expect(find("tr", text: "Kofi Penhallow")).to have_css("td[data-planned=false]", text: "7")
    visit "/logbook"
    expect(first("tbody tr")).to have_content(/Lock-gate Tuesday.*Ottoline Varga.*41:25.*13.*6\.2/m)
  end
end
