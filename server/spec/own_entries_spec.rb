# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "What participants enter of their own" do
  let!(:studio) { signed_in_studio }
  let!(:person) { studio.people.create!(name: "Kofi Penhallow", level: "intermediate") }
  let!(:held) { send_json(:post, "/api/classes", {"workout_id" => make_workout["id"], "starts_at" => 1.hour.from_now.utc.iso8601, "people" => [person.id]}) }
  let(:token) { Server::Cards::ClassCards.token(Server::Records::GroupClass.find(held["id"]), person.id) }
  let(:entry) { {"effort" => 7, "pain" => "wrist", "note" => "Left one", "results" => [{"block" => "main", "station" => "s1", "reps" => 9, "reps_left" => 2}]} }

  def open_class(open = true)
    send_json(:put, "/api/classes/#{held["id"]}/own-entries", {"open" => open})
  end

  def enter(what = entry)
    clear_cookies
    send_json(:post, "/api/cards/#{token}/entry", what)
  end

  it "is not asked for, nor taken, where the instructor has not opened the class for it" do
    expect(send_json(:get, "/api/cards/#{token}")["own_entry"]).to be_nil
    enter
    expect(status).to eq(403)
  end

  it "comes to the log as a proposal, and changes nothing by itself" do
    open_class
    card = send_json(:get, "/api/cards/#{token}")["own_entry"]
    expect(card).to match("stations" => [include("block" => "main", "station" => "s1", "unit" => "reps", "number" => be_positive), include("station" => "s2")], "entered" => nil)
    enter
    expect(status).to eq(201)
    expect(send_json(:get, "/api/cards/#{token}")["own_entry"]["entered"]).to eq(entry)
    sign_in
    run = send_json(:post, "/api/classes/#{held["id"]}/run", {"client_key" => "12345678"})
    sheet = send_json(:get, "/api/runs/#{run["id"]}/log")
    expect([sheet["people"].first["own_entry"], sheet["attendances"]]).to eq([entry, []])
  end

  it "is kept once, the last time, and encrypted" do
    open_class
    enter
    enter(entry.merge("effort" => 4))
    expect(Server::Records::OwnEntry.count).to eq(1)
    expect(Server::Records::OwnEntry.first.entry["effort"]).to eq(4)
    expect(ActiveRecord::Base.connection.select_value("SELECT content FROM own_entries")).not_to include("wrist")
  end

  it "is refused where it is none, and goes with the person" do
    open_class
    enter(entry.merge("effort" => 11))
    expect(field_errors.keys).to eq(["/effort"])
    enter(entry.merge("results" => [{"block" => "main", "station" => "x"}]))
    expect(field_errors.keys).to eq(["/results/0/station"])
    enter
    sign_in
    expect(send_json(:get, "/api/people/#{person.id}/export")["own_entries"]).to eq([entry])
    send_json(:delete, "/api/people/#{person.id}")
    expect(Server::Records::OwnEntry.count).to eq(0)
  end

  it "is void with the card, and another studio's business there" do
    open_class
    send_json(:delete, "/api/classes/#{held["id"]}/cards")
    old = Server::Cards::ClassCards.token(Server::Records::GroupClass.find(held["id"]).tap { |stored| stored.card_version -= 1 }, person.id)
    clear_cookies
    send_json(:post, "/api/cards/#{old}/entry", entry)
    expect(status).to eq(410)
  end
end
