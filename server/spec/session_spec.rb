# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Signing in" do
  before { make_studio }

  it "opens a session with the right password, and says who it is" do
    answer = sign_in(email: " OTTOLINE@example.test ")
    expect(status).to eq(201)
    expect(answer["instructor"]["name"]).to eq("Ottoline Varga")
    expect(send_json(:get, "/api/session")["studio"]["name"]).to eq("Weir House")
  end

  it "keeps the cookie from scripts and from other sites" do
    sign_in
    expect(last_response["set-cookie"].downcase).to include("httponly", "samesite=lax")
  end

  it "leaves the cookie alone where an answer changes nothing" do
    sign_in
    get "/api/session"
    expect([status, last_response["set-cookie"]]).to eq([200, nil])
  end

  it "is not undone by an answer that was on its way before" do
    sign_in
    old = last_response["set-cookie"].split(";").first
    sign_in
    get "/api/workouts", {}, {"HTTP_COOKIE" => old}
    expect(last_response["set-cookie"]).to be_nil
  end

  it "lasts while it is used: its cookie is written anew once a day" do
    sign_in
    allow(Time).to receive(:now).and_return(Time.now + 86_400)
    get "/api/session"
    expect(last_response["set-cookie"]).to include("sparrow_session=")
    get "/api/session"
    expect(last_response["set-cookie"]).to be_nil
  end

  it "tells a wrong password and an unknown address in the same words" do
    wrong = sign_in(password: "nope")
    unknown = sign_in(email: "nobody@example.test")
    expect([wrong["status"], wrong["detail"]]).to eq([unknown["status"], unknown["detail"]])
    expect(wrong["status"]).to eq(401)
  end

  it "stores neither the password nor the token" do
    sign_in
    rows = %w[instructors sign_ins].flat_map { |table| ActiveRecord::Base.connection.select_rows("SELECT * FROM #{table}") }
    expect(rows.flatten.join(" ")).not_to include("weir-and-lock-gate")
    expect(Server::Records::SignIn.first.token_digest).to match(/\A\h{64}\z/)
  end

  it "signs out for good: the old cookie opens nothing any more" do
    sign_in
    cookie = last_response["set-cookie"].split(";").first
    send_json(:delete, "/api/session")
    expect(status).to eq(204)
    clear_cookies
    get "/api/workouts", {}, {"HTTP_COOKIE" => cookie}
    expect(status).to eq(401)
  end

  it "forgets a session that has run out" do
    sign_in
    Server::Records::SignIn.update_all(expires_at: 1.minute.ago)
    get "/api/session"
    expect(status).to eq(401)
  end

  it "names the field that is missing" do
    send_json(:post, "/api/session", {"email" => ""})
    expect([status, field_errors]).to eq([422, {"/email" => "must not be empty", "/password" => "is missing"}])
  end

  %w[/api/workouts /api/movements /api/people /api/runs /api/today /api/workouts/x /api/nothing].each do |path|
    it "shows nothing of #{path} without it" do
      get path
      expect(status).to eq(401)
    end
  end

  it "refuses a change that another site sends" do
    sign_in
    send_json(:post, "/api/workouts", {"document" => workout_document}, origin: "https://elsewhere.example")
    expect(status).to eq(403)
    send_json(:delete, "/api/session", nil, sec_fetch_site: "cross-site")
    expect(status).to eq(403)
    custom_request("POST", "/api/workouts", {"document" => "x"})
    expect(status).to eq(415)
  end
end
