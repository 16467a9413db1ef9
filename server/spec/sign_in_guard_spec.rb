# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::Http::Throttle::SignInGuard do
  let!(:studio) { make_studio }
  let(:owner) { studio.instructors.first }

  def guess(password = "guess", from: "10.0.0.1", email: "ottoline@example.test")
    custom_request("POST", "/api/session", {}, "REMOTE_ADDR" => from, "CONTENT_TYPE" => "application/json", :input => JSON.generate("email" => email, "password" => password))
    status
  end

  def later(seconds)
    ActiveRecord::Base.connection.execute("UPDATE sign_in_failures SET last_at = last_at - interval '#{seconds} seconds'")
  end

  it "lets a few wrong tries through, then asks for pauses that grow" do
    expect(Array.new(6) { guess }).to eq([401] * 5 + [429])
    pauses = Array.new(4) do
      wait = last_response["retry-after"].to_i
      later(wait)
      guess
      guess
      wait
    end
    expect(pauses).to eq([5, 10, 20, 40])
    expect(last_response["retry-after"].to_i).to be > 40
  end

  it "costs nothing to sign in, however often" do
    expect(Array.new(20) { guess("weir-and-lock-gate") }.uniq).to eq([201])
    expect(ActiveRecord::Base.connection.select_values("SELECT count FROM sign_in_failures").uniq).to eq([0])
  end

  it "never keeps the owner from the right password at an address where they signed in before" do
    guess("weir-and-lock-gate", from: "10.0.0.7")
    80.times { |index| guess(from: "10.0.#{index}.1") }
    12.times { guess(from: "10.0.0.7") }
    expect(guess("weir-and-lock-gate", from: "10.9.9.9")).to eq(429)
    expect(guess("weir-and-lock-gate", from: "10.0.0.7")).to eq(201)
    expect(guess("wrong", from: "10.0.0.7")).to eq(429).or eq(401)
  end

  it "slows down the pair, and keeps nobody else at that address out" do
    studio.instructors.create!(name: "Emeka Thorsby", email: "emeka@example.test", password: "weir-and-lock-gate")
    8.times { guess }
    expect(guess("weir-and-lock-gate", email: "emeka@example.test")).to eq(201)
    expect(guess("weir-and-lock-gate", from: "10.0.0.2")).to eq(201)
  end

  it "counts many tries at once, each of them" do
    guards = Array.new(8) { described_class.new("10.0.0.1", "ottoline@example.test") }
    waits = guards.map { |guard| Thread.new { ActiveRecord::Base.connection_pool.with_connection { guard.enter } } }.map(&:value)
    expect(waits.count(&:zero?)).to eq(5)
  end

  it "takes its rows in one order when a try is taken back, so that two never wait for each other" do
    free_rows = %w[a b c d e f].map do |name|
      guard = described_class.new("10.0.0.1", "#{name}@example.test")
      guard.enter
      rows_free_while_the_first_is_held { ActiveRecord::Base.transaction { guard.right } }
    ensure
      ActiveRecord::Base.connection.execute("DELETE FROM sign_in_failures")
    end
    expect(free_rows).to eq([3] * 6)
  end

  # @return [Integer] of three rows; the block is run on another connection, and waits for the first
  def rows_free_while_the_first_is_held(&block)
    database = ActiveRecord::Base.connection
    other = nil
    database.transaction do
      database.execute("SELECT key FROM sign_in_failures ORDER BY key LIMIT 1 FOR UPDATE")
      other = Thread.new { ActiveRecord::Base.connection_pool.with_connection(&block) }
      sleep(0.01) until database.select_value("SELECT count(*) FROM pg_locks WHERE NOT granted").positive?
      database.select_values("SELECT key FROM sign_in_failures FOR UPDATE SKIP LOCKED").size
    end
  ensure
    other&.join
  end

  it "forgets after an hour without a wrong try" do
    7.times { guess }
    later(3601)
    expect(Array.new(5) { guess }).to eq([401] * 5)
  end

  it "counts a whole network of IPv6 as one address" do
    expect(Array.new(6) { |index| guess(from: "2001:db8:1:2::#{index + 1}") }.last).to eq(429)
  end

  it "keeps no address and no e-mail" do
    guess
    guess("weir-and-lock-gate")
    rows = %w[sign_in_failures known_addresses].flat_map { |table| ActiveRecord::Base.connection.select_rows("SELECT * FROM #{table}") }
    expect(rows.flatten.join(" ")).not_to match(/10\.0\.0|ottoline/)
  end
end
