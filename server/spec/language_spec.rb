# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::Http::Language do
  let!(:studio) { signed_in_studio }

  def formats(language)
    get "/api/formats", {}, {"HTTP_COOKIE" => [cookies, language && "language=#{language}"].compact.join("; ")}
    JSON.parse(last_response.body).fetch("formats").find { |format| format["id"] == "rounds" }["label"]
  end

  def cookies
    rack_mock_session.cookie_jar.for(URI("http://example.org/"))
  end

  it "answers each in the language that their cookie chooses, whoever asked before" do
    expect(["en-XA", nil, "en-XA", "xx", "../en"].map { |language| formats(language) }).to eq(["Ŕöûñðš öƒ ŕéþš ~ţŵö", "Rounds of reps", "Ŕöûñðš öƒ ŕéþš ~ţŵö", "Rounds of reps", "Rounds of reps"])
  end

  it "says what is wrong in that language too" do
    set_cookie "language=en-XA"
    refused = send_json(:post, "/api/people", {"name" => "", "level" => "beginner"})
    expect([refused["title"], refused["errors"].first["detail"]]).to match([/Šöḿé ƒîéļðš/, /ḿûšţ/])
  end

  it "writes the language into the page" do
    get "/sign-in", {}, {"HTTP_COOKIE" => "language=en-XA"}
    expect(last_response.body).to include('<html lang="en-XA"')
  end
end

RSpec.describe Sparrow::Sentence do
  it "is read in the language of now" do
    expect(I18n.with_locale("en-XA") { Sparrow.say("plan.go_name", name: "Push-up").to_s }).to eq("Ĝö: Push-up ~")
  end

  # Each place that says something, in core and server, against the two files of texts.
  it "has a text for every code that is said, and says every text" do
    said = Dir[File.join(Server::ROOT, "{core/lib,server}", "**", "*.rb")].grep_v(%r{/spec/}).flat_map { |file| File.read(file).scan(/say\("([a-z_]+(?:\.\w+)+)"/) }.flatten.uniq
    known = Sparrow::Sentence.texts.keys
    composed = /\A(words|levels|roles|pieces|presets)\.|\Aplanning\.changed_/
    expect([said - known, known.grep_v(composed) - said]).to eq([[], []])
  end
end
