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

  it "holds people of every kind, three classes that were and two that come" do
    now = Time.now.utc
    Demo::Scenario.load(now: now)
    classes = Server::Records::GroupClass.order(:starts_at).to_a
    expect(classes.map { |held| held.runs.any?(&:logged_at) }).to eq([true, true, true, false, false])
    expect(classes.map { |held| held.roster.size }).to eq([14] * 5)
    people = Server::Records::Person.all
    expect(people.map(&:screening).uniq).to match_array(Sparrow::People::Screening::STATES)
    expect(people.flat_map { |person| person.limits_on(now.to_date) }.size).to be >= 6
    expect(Server::Records::Choice.first).to have_attributes(movement: "push_up", variation: "push_up.knees")
    expect(Server::Records::Result.where.not(reps_left: nil).count).to be >= 3
  end

  # A Tuesday before and after its class has begun, and the days around it.
  days = [%w[2026-11-24 18:00 2026-11-24], %w[2026-11-24 18:45 2026-12-01], %w[2026-11-25 09:00 2026-12-01], %w[2026-11-30 23:00 2026-12-01]]
  Thoroughness.some(days).each do |day, time, tuesday|
    it "counts its days from the Tuesday that comes next: on #{day} at #{time} that is #{tuesday}" do
      now = Time.utc(*day.split("-"), *time.split(":"))
      Demo::Scenario.load(now: now)
      starts = Server::Records::GroupClass.order(:starts_at).pluck(:starts_at)
      expect(starts.map { |at| at.strftime("%A") }).to eq(%w[Tuesday Saturday Tuesday Tuesday Saturday])
      expect(starts[3].to_date.iso8601).to eq(tuesday)
      expect(starts[2]).to be < now
      expect(Server::Records::Benchmark.maximum(:taken_on)).to be <= now.to_date
    end
  end

  it "holds circuits that are sound, and one to finish" do
    previews = Demo::Scenario.circuits.map { |circuit| Sparrow::Preview.new(circuit.document) }
    expect(previews.map(&:ready?).tally).to eq(true => Sparrow::Plan::Templates.all.size, false => 1)
    worst = previews.select(&:ready?).flat_map(&:findings).reject { |finding| finding.severity == "note" }
    expect(worst.map(&:what)).to eq([])
  end
end
