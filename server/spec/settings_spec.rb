# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::Settings do
  def settings(**environment)
    described_class.new(environment.transform_keys(&:to_s))
  end

  it "does not start in production without a secret" do
    expect { settings(RACK_ENV: "production").session_secret }.to raise_error(described_class::Missing, /SESSION_SECRET/)
  end

  it "takes a secret of 64 characters and refuses a shorter one" do
    expect(settings(RACK_ENV: "production", SESSION_SECRET: "s" * 64).session_secret).to eq("s" * 64)
    expect { settings(SESSION_SECRET: "short").session_secret }.to raise_error(described_class::Missing, /64/)
  end

  it "makes a secret of its own elsewhere, the same for the whole process" do
    development = settings
    expect(development.session_secret).to eq(development.session_secret)
    expect(development.session_secret.length).to be >= 64
  end

  it "asks for a database address" do
    expect { settings.database_url }.to raise_error(described_class::Missing, /DATABASE_URL/)
  end

  it "keeps cookies to HTTPS where the public address is" do
    expect(settings(PUBLIC_URL: "https://class.example")).to be_https
    expect(settings).not_to be_https
  end
end
