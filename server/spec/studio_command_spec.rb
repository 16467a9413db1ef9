# frozen_string_literal: true

require "stringio"
require_relative "server_helper"
require_relative "../tasks/studio"

RSpec.describe StudioCommand do
  def run(*arguments, typed: [])
    output = StringIO.new
    described_class.new(arguments, input: StringIO.new(typed.map { |line| "#{line}\n" }.join), output: output).call
    output.string
  end

  let(:answers) { ["Weir House", "Europe/London", "en-GB", "Ottoline Varga", "ottoline@example.test", "a boat under the weir"] }

  it "creates a studio and lists it with its team" do
    expect(run("list")).to include("There is none yet")
    run("create", typed: answers)
    expect(run("list")).to include("Weir House", "Ottoline Varga <ottoline@example.test>, owner")
    expect(sign_in(password: "a boat under the weir")["studio"]["name"]).to eq("Weir House")
  end

  it "says what is wrong, and creates nothing" do
    expect { run("create", typed: answers[0..4] + ["short"]) }.to raise_error(SystemExit).and output(/Password must have at least 12.*Nothing was created/m).to_stderr
    expect { run("create", typed: ["", *answers[1..]]) }.to raise_error(SystemExit).and output(/Studio must not be empty/).to_stderr
    expect(Server::Records::Studio.count).to eq(0)
  end

  it "asks again for what was wrong, and for nothing else" do
    typed = [*answers[0..0], "Nowhere", *answers[2..4], "short", "Europe/Lisbon", answers[5]]
    expect { run("create", typed: typed) }.to output(%r{\ATime zone must be one of the \d+ that are known, such as Europe/London\.\nPassword must have at least 12 characters; .*\n\z}).to_stderr
    expect(Server::Records::Studio.pluck(:name, :time_zone)).to eq([["Weir House", "Europe/Lisbon"]])
  end

  it "closes a studio, with every session, and opens it again" do
    studio = signed_in_studio
    expect(run("close", studio.id)).to include("is closed")
    expect([get("/api/today").status, sign_in["status"]]).to eq([401, 401])
    run("open", studio.id)
    sign_in
    expect(status).to eq(201)
  end

  it "exports one to a file that nobody else can read" do
    studio = make_studio
    Dir.mktmpdir do |folder|
      path = File.join(folder, "studio.zip")
      run("export", studio.id, path)
      expect([File.binread(path)[0, 2], File.stat(path).mode & 0o777]).to eq(["PK", 0o600])
      expect { run("export", studio.id, path) }.to raise_error(SystemExit).and output(/there already/).to_stderr
      expect { run("export", studio.id, File.join(folder, "none", "studio.zip")) }.to raise_error(SystemExit).and output(/cannot be written: No such file or directory/).to_stderr
    end
  end

  it "deletes one only after its name and a second confirmation" do
    studio = make_studio
    expect { run("delete", studio.id, typed: ["Weir"]) }.to raise_error(SystemExit).and output(/Nothing was deleted/).to_stderr
    expect { run("delete", studio.id, typed: ["Weir House", "yes"]) }.to raise_error(SystemExit).and output(/Nothing was deleted/).to_stderr
    expect(run("delete", studio.id, typed: ["Weir House", "DELETE"])).to include("Gone")
    expect(Server::Records::Studio.count).to eq(0)
  end

  it "says how it is used, and knows no studio of a wrong id" do
    expect(run).to include("bin/studio delete ID")
    expect { run("burn", "it") }.to raise_error(SystemExit).and output(/knows no burn.*bin\/studio delete ID/m).to_stderr
    expect { run("close", "nonsense") }.to raise_error(SystemExit).and output(/no studio nonsense/).to_stderr
  end
end
