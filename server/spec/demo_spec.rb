# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "The demo scenario" do
  it "loads once, and a second time changes nothing" do
    expect(Demo::Scenario.load).to be(true)
    counts = -> { [Server::Records::Person, Server::Records::Workout, Server::Records::Run, Server::Records::Result].map(&:count) }
    first = counts.call
    expect(Demo::Scenario.load).to be(false)
    expect(counts.call).to eq(first)
    expect(first.first).to eq(14)
  end

  it "holds circuits that are sound, and one to finish" do
    previews = Demo::Scenario.circuits.map { |circuit| Sparrow::Preview.new(circuit.document) }
    expect(previews.map(&:ready?).tally).to eq(true => 15, false => 1)
    worst = previews.select(&:ready?).flat_map(&:findings).reject { |finding| finding.severity == "note" }
    expect(worst.map(&:what)).to eq([])
  end
end
