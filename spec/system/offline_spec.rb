# frozen_string_literal: true

require_relative "../support/browser"

# A server of its own, so that it can go away: the browser then has what it kept.
RSpec.describe "Without a server" do
  let(:server) { OwnServer.new.start }
  let(:coming) { Server::Records::GroupClass.where("starts_at > ?", Time.now).order(:starts_at).first }

  before { Capybara.app_host = server.address }

  after do
    Capybara.app_host = nil
    server.stop
  end

  # Until every page and the coming classes are kept.
  def look_around
    sign_in_as
    visit "/"
    expect(page).to have_css("h1", text: "Today")
    prepared_for_offline
    expect { answers.grep(%r{/classes/#{coming.id}/fit}).size }.to eventually_be(1)
  end

  # @return [Array<String>] what is kept of the server's answers, as owner and path
  def answers
    page.evaluate_async_script(<<~JS)
      const done = arguments[arguments.length - 1]
      indexedDB.open("willing-sparrow-seen").onsuccess = ({ target: { result: database } }) => {
        if (!database.objectStoreNames.length) return done([])
        database.transaction("answers").objectStore("answers").getAllKeys().onsuccess = ({ target: { result } }) => { database.close(); done(result) }
      }
    JS
  end

  it "opens the coming class and its fit as they were last seen, says from when, and has nothing of a person once they have signed out" do
    look_around
    server.kill
    visit "/classes/#{coming.id}/fit"
    expect(page).to have_css("[role=gridcell]", minimum: 20)
    expect(page).to have_css("header [role=status]", text: /No connection: as of \w+/)
    visit "/circuits"
    expect(page).to have_css("tbody tr", text: "Lock-gate Tuesday")
    server.start
    expect(page).to have_no_css("header [role=status]", text: "No connection", wait: 20)

    click_button "Sign out"
    expect(page).to have_field("E-mail")
    expect { answers }.to eventually_be([])
    server.kill
    visit "/classes/#{coming.id}/fit"
    expect(page).to have_no_css("[role=gridcell]")
    expect(page).to have_no_content(coming.roster.first.person.name)
  end
end
