# frozen_string_literal: true

require "tempfile"
require_relative "server_helper"

RSpec.describe Server::Http::HeavyWork do
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

  it "is answered with 503 and when to come back" do
    signed_in_studio
    allow(Server::Http::Routes::HEAVY).to receive(:turn).and_raise(described_class::Busy)
    send_json(:post, "/api/preview", {"workout" => {}})
    expect([status, last_response["retry-after"]]).to eq([503, "2"])
  end
end

RSpec.describe Server::Http::Apart do
  it "hands back what was computed, or what was refused, from a process of its own" do
    expect(described_class.call { Process.pid.to_s }).not_to eq(Process.pid.to_s)
    problem = Sparrow::Problem.new(pointer: "/x", message: "is wrong")
    expect { described_class.call { raise Sparrow::Refused.new([problem]) } }.to raise_error(Sparrow::Refused) { |refused| expect(refused.problems).to eq([problem]) }
    expect { described_class.call { raise "insides" } }.to raise_error(RuntimeError, /RuntimeError at/)
  end

  it "frees nothing of the parent's memory, which another thread may have been changing" do
    expect(described_class.call { GC.disable.to_s }).to eq("true")
    expect(GC.enable).to be(false)
  end

  it "gives up what takes too long, and ends it" do
    # Long enough for the child to begin on a busy machine: it runs behind all others.
    stub_const("Server::Http::Apart::DEADLINE_S", 2)
    pid_file = Tempfile.new
    expect { described_class.call { File.write(pid_file.path, Process.pid) && sleep(30).to_s } }.to raise_error(described_class::TooSlow)
    pid = Integer(File.read(pid_file.path))
    expect { 200.times { sleep 0.05 if Process.kill(0, pid) } }.to raise_error(Errno::ESRCH)
  end

  it "answers a large document with the same words as a small one would be" do
    signed_in_studio
    document = workout_document(intervals(Array.new(20) { |index| station("s#{index}") }, rounds: 20))
    expect(described_class).to receive(:call).at_least(:once).and_call_original
    expect(send_json(:post, "/api/preview", {"workout" => document})).to eq(JSON.parse(JSON.generate(Sparrow::Preview.new(document).to_h)))
    document["blocks"][0]["work_s"] = -1
    send_json(:post, "/api/preview", {"workout" => document})
    expect(field_errors.keys).to eq(["/workout/blocks/0/work_s"])
  end
end
