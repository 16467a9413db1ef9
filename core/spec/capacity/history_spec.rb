# frozen_string_literal: true

RSpec.describe Sparrow::Capacity::History do
  def measures(evidence, pattern: "push", level: "intermediate")
    estimate = Sparrow::Capacity::Estimates.new(levels: {}, pacing_level: level, evidence: evidence, today: People::TODAY).of(pattern)
    described_class.new(estimate, Sparrow::Catalogue.house).measures.to_h { |measure| [measure["unit"], measure] }
  end

  it "tells each test and result as the number that it is at the level's own version, with what was believed after it" do
    evidence = evidence({"push_up.floor" => 10}, People::TODAY - 20) + evidence({"push_up.knees" => 30}, People::TODAY - 10, source: "results") + evidence({"push_up.floor" => 9}, People::TODAY - 3, source: "results", bound: true)
    found = measures(evidence)["reps"]
    expect(found["at"]).to eq("Floor push-up")
    expect(found["points"].map { |point| point.slice("source", "bound", "amount", "value", "after") }).to eq([
      {"source" => "measured", "bound" => false, "amount" => 10.0, "value" => 10.0, "after" => 10.0}, {"source" => "results", "bound" => false, "amount" => 30.0, "value" => 15.9, "after" => 13.0},
      {"source" => "results", "bound" => true, "amount" => 9.0, "value" => 9.0, "after" => 13.0}
    ])
  end

  it "says what would change it: of a guess, of what is known, and of what is old" do
    expect(measures([])["reps"]["changes"].to_s).to include("replaces this guess")
    expect(measures(evidence({"push_up.floor" => 10}, People::TODAY - 20))["reps"]["changes"].to_s).to include("half way")
    expect(measures(evidence({"push_up.floor" => 10}, People::TODAY - 200))["reps"]["changes"].to_s).to include("count whole again")
  end

  it "tells holds in seconds, and where the house has no profile at the version of the result" do
    expect(measures(evidence({"plank.forearm" => 50}, People::TODAY - 5), pattern: "trunk_bracing")["s"]).to include("at" => "Forearm plank", "points" => [include("value" => 50.0)])
    expect(measures(evidence({"balance_stand.free" => 20}, People::TODAY - 5), pattern: "balance_skill")["s"]["points"].first["value"]).to eq(20.0)
  end
end
