# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::HeavyWork do
  it "lets so many compute at once, and the others wait their turn" do
    work = described_class.new(at_once: 2, waiting: 10)
    running = Queue.new
    most = 0
    threads = Array.new(6) do
      Thread.new do
        work.turn do
          running << 1
          most = [most, running.size].max
          sleep 0.02
          running.pop
        end
      end
    end
    threads.each(&:join)
    expect(most).to eq(2)
  end

  it "tells who finds the waiting room full, or waits too long, to come back" do
    work = described_class.new(at_once: 1, waiting: 1, wait_s: 0.1)
    held = Queue.new
    busy = Thread.new { work.turn { held.pop } }
    Thread.pass until busy.stop?
    waits = Thread.new { work.turn { nil } rescue $!.class } # rubocop:disable Style/RescueModifier
    Thread.pass until work.waiting == 1
    expect { work.turn { nil } }.to raise_error(described_class::Busy)
    expect(waits.value).to eq(described_class::Busy)
    held << 1
    busy.join
    expect(work.turn { :done }).to eq(:done)
  end

  it "gives way while it computes, and not afterwards" do
    before = Thread.current.priority
    expect(described_class.new.turn { Thread.current.priority }).to eq(described_class::PRIORITY)
    expect(Thread.current.priority).to eq(before)
  end

  it "is answered with 503 and when to come back" do
    signed_in_studio
    allow(Server::Routes::HEAVY).to receive(:turn).and_raise(described_class::Busy)
    send_json(:post, "/api/preview", {"workout" => {}})
    expect([status, last_response["retry-after"]]).to eq([503, "2"])
  end
end
