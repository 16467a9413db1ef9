# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Signing out" do
  let(:studio) { Server::Records::Studio.first }

  # A circuit changed while the server is away, so that the change lies in this browser.
  def leave_something_unsent
    sign_in_as
    open_circuit
    no_network
    retype "Title", "Changed without a network"
    expect(page).to have_css("[data-testid=save-state]", text: "Kept here")
  end

  it "asks about what the server has not got, and keeps it where somebody stays" do
    leave_something_unsent
    expect { kept_in_browser.grep(/draft/).size }.to eventually_be(1)
    click_button "Sign out"
    within("[role=dialog]") do
      expect(page).to have_content("changes to 1 circuit")
      click_button "Stay signed in"
    end
    expect(kept_in_browser.grep(/draft/).size).to eq(1)
    sound_network
    expect(page).to saved
    expect(studio.workouts.find_by(title: "Changed without a network")).not_to be_nil
  end

  it "leaves nothing of a person on the device" do
    sign_in_as
    run = studio.runs.kept.newest_first.first
    visit "/runs/#{run.id}/log"
    expect(page).to have_css("h1", text: "Log")
    first("input[aria-label^='Note']").set("A private note")
    expect { kept_in_browser.grep(/log\./).size }.to eventually_be(1)
    click_button "Sign out"
    within("[role=dialog]") do
      expect(page).to have_content("1 log begun and not saved")
      click_button "Sign out and lose it"
    end
    expect(page).to have_css("h1", text: "Three levels, one clock")
    expect { kept_in_browser }.to eventually_be([])
    expect(text_in_browser).not_to include("private note")
    page.go_back
    expect(page).to have_no_content("A private note")
  end

  it "keeps a log for who typed it when somebody of another studio signs in on the same tablet" do
    sign_in_as
    run = studio.runs.kept.newest_first.first
    visit "/runs/#{run.id}/log"
    expect(page).to have_css("h1", text: "Log")
    no_network
    click_button "Save the log"
    expect(page).to have_css("[data-testid=waiting]")
    # The session ends while the tablet is away; another studio's instructor signs in.
    Server::Records::SignIn.delete_all
    other = Server::Records::Studio.create!(name: "Mill House")
    other.instructors.create!(name: "Rosalind", email: "rosalind@example.test", password: "weir-and-lock-gate", role: "owner")
    sound_network
    visit "/sign-in"
    fill_in "E-mail", with: "rosalind@example.test"
    fill_in "Password", with: "weir-and-lock-gate\n"
    expect(page).to have_css("h1", text: "Today")
    expect(page).to have_no_content("to send")
    sleep 3.5 # longer than the queue waits before it tries again
    click_button "Sign out"
    expect(page).to have_css("h1", text: "Three levels, one clock")
    sign_in_as
    visit "/"
    expect { run.reload.log_version }.to eventually_be(2)
    expect { kept_in_browser.grep(/send\.log/).size }.to eventually_be(0)
  end
end
