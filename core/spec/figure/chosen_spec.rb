# frozen_string_literal: true

RSpec.describe Sparrow::Figure::Chosen do
  def refused(*figures)
    described_class.check({"ladder" => figures.map { |figure| {"figure" => figure}.compact }})
    {}
  rescue Sparrow::Refused => refused
    refused.problems.to_h { |problem| [problem.pointer, problem.message.to_s] }
  end

  let(:poses) { Sparrow::Figure::Library.house.pose_names }

  it "takes none, another version's, and poses that are there" do
    expect(refused(nil, {"like" => "squat.parallel"}, {"poses" => poses.first(2)})).to eq({})
  end

  it "names for each version what cannot be drawn" do
    expect(refused({"like" => "squat.parallel"}, {"like" => "squat.flying"}, {"poses" => ["upside_down", poses.first]})).to match(
      "/ladder/1/figure/like" => be_a(String), "/ladder/2/figure/poses" => include("upside_down")
    )
  end

  it "refuses poses that make no figure together" do
    library = Sparrow::Figure::Library.house
    allow(library).to receive(:composed).and_raise(ArgumentError)
    expect(refused({"poses" => poses.first(1)}).keys).to eq(["/ladder/0/figure/poses"])
  end
end
