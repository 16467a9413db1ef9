# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Calls said aloud" do
  before { signed_in_studio }

  def words(text)
    get "/api/speech/words?#{URI.encode_www_form(text: text)}"
  end

  it "are rendered once and kept by their digest", if: Server::Speech::Voice.there? do
    text = "Next: squat. #{SecureRandom.hex(4)}"
    words(text)
    expect([last_response.status, last_response.headers["content-type"], last_response.body[0, 4]]).to eq([200, "audio/wav", "RIFF"])
    expect(Open3).not_to receive(:capture2)
    first = last_response.body
    words(text)
    expect(last_response.body).to eq(first)
  end

  it "are never read as an option or as a command", if: Server::Speech::Voice.there? do
    ["--version", "-w /tmp/x.wav", "$(id)", "; id"].each do |text|
      words(text)
      expect(last_response.body[0, 4]).to eq("RIFF")
    end
  end

  it "say that there is no voice where the package is missing" do
    allow(Server::Speech::Voice).to receive(:there?).and_return(false)
    expect(send_json(:get, "/api/speech")).to eq("available" => false)
    words("Stop")
    expect([last_response.status, JSON.parse(last_response.body)["detail"]]).to match([501, include("espeak-ng")])
  end

  it "are refused where there is nothing to say, or too much" do
    ["", "x" * 300].each do |text|
      words(text)
      expect([last_response.status, field_errors.keys]).to eq([422, ["/text"]])
    end
  end
end
