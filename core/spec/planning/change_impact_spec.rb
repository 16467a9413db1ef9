# frozen_string_literal: true

RSpec.describe Sparrow::Planning::ChangeImpact do
  it "says what other standards would change in a circuit" do
    levels = Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel"}.merge((level == "advanced") ? {"reps" => 40} : {})] }
    document = workout_document({"id" => "b", "role" => "main", "format" => "rounds", "rounds" => 2, "scaling" => "share", "stations" => [{"id" => "s", "movement" => "squat", "levels" => levels}]})
    expect(described_class.new(document, {"shares" => {"beginner" => 60}}).call).to include("targets" => 1)
    longer = described_class.new(document, {"transition_s" => 9}).call
    expect(longer["total_after_s"] - longer["total_before_s"]).to eq(4)
    expect(described_class.new(document, {"reserve" => 3}).call).to be_nil
  end
end
