# frozen_string_literal: true

require "stringio"
require_relative "server_helper"

RSpec.describe "On the way in" do
  let(:seen) { [] }
  let(:inner) do
    lambda do |env|
      seen << env["rack.input"]&.read
      [200, {}, ["ok"]]
    end
  end

  describe Server::Http::BodyLimit do
    let(:limit) { described_class::LIMIT }

    def answer(body, **env)
      described_class.new(inner).call({"REQUEST_METHOD" => "POST", "CONTENT_TYPE" => "application/json", "rack.input" => StringIO.new(body), **env.transform_keys(&:to_s)}).first
    end

    it "lets a body through up to a megabyte" do
      expect(answer("x" * limit, CONTENT_LENGTH: limit.to_s)).to eq(200)
      expect(seen.first.bytesize).to eq(limit)
    end

    it "refuses a longer one by its length alone" do
      expect(answer("", CONTENT_LENGTH: (limit + 1).to_s)).to eq(413)
      expect(seen).to eq([])
    end

    it "refuses a longer one that comes in pieces without saying how long it is" do
      expect(answer("x" * (limit + 1), HTTP_TRANSFER_ENCODING: "chunked")).to eq(413)
      expect(answer("short", HTTP_TRANSFER_ENCODING: "chunked")).to eq(200)
      expect(seen).to eq(["short"])
    end
  end

  describe Server::Http::RequestLog do
    def answer_when(error)
      status, headers, body = described_class.new(->(_env) { raise error }, output: nil).call({"REQUEST_METHOD" => "GET"})
      [status, headers["content-type"], JSON.parse(body.join)["title"], headers.key?("x-request-id")]
    end

    it "tells a database that is away from a fault of our own, without a stack" do
      expect(answer_when(ActiveRecord::ConnectionNotEstablished)).to eq([503, "application/problem+json", "Not available", true])
      expect(answer_when(RuntimeError.new("insides"))).to eq([500, "application/problem+json", "Something went wrong", true])
    end
  end

  it "takes an address that is no text at the door for a wrong one" do
    make_studio
    send_json(:post, "/api/session", "{\"email\": \"\xFF\xFE\", \"password\": \"x\"}")
    expect(status).to eq(400)
    send_json(:post, "/api/session", {"email" => ["x"], "password" => {}})
    expect([status, field_errors.keys]).to eq([422, %w[/email /password]])
  end

  describe Server::Http::Security do
    def status_of(method, **headers)
      env = {"REQUEST_METHOD" => method, "rack.url_scheme" => "http", "HTTP_HOST" => "weir.example", **headers.transform_keys(&:to_s)}
      described_class.new(inner).call(env).first
    end

    it "lets reading through from anywhere" do
      expect(status_of("GET", HTTP_SEC_FETCH_SITE: "cross-site")).to eq(200)
    end

    %w[POST PUT PATCH DELETE].each do |method|
      it "holds #{method} to this site" do
        expect(status_of(method, HTTP_SEC_FETCH_SITE: "same-origin")).to eq(200)
        expect(status_of(method, HTTP_SEC_FETCH_SITE: "same-site")).to eq(403)
        expect(status_of(method, HTTP_ORIGIN: "http://weir.example")).to eq(200)
        expect(status_of(method, HTTP_ORIGIN: "http://weir.example.evil")).to eq(403)
        expect(status_of(method, HTTP_ORIGIN: "null")).to eq(403)
        expect(status_of(method)).to eq(200)
      end
    end
  end
end
