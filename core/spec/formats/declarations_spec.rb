# frozen_string_literal: true

RSpec.describe Sparrow::Plan::Format do
  folder = File.expand_path("lib/sparrow", Sparrow::ROOT)
  not_meant = %r{/sparrow/formats|/spec/|api/schema\.ts\z}
  sources = ->(pattern) { Dir[File.expand_path("../#{pattern}", Sparrow::ROOT)].grep_v(not_meant) }
  # Ids that are nothing else in the code: "rounds", "ladder", "quota" and "pause" are keys or kinds as well.
  tell_tale = %w[intervals every_minute amrap chipper]
  # These write documents, and a document names its formats.
  writers = %w[plan/templates.rb planning/suggest/cool_down.rb planning/suggest/warm_up.rb review/opening_block.rb capacity/benchmarks.rb]

  described_class.with_stations.each do |format|
    it "#{format.id} opens with a block that can be read and laid out" do
      levels = format.open_levels(Sparrow::Catalogue.house.movement("squat").opening_prescriptions)
      moved = Sparrow::Level::ALL.to_h { |level| [level, format.adopt_level(levels.fetch(level), 8, {})] }
      block = {"id" => "b", "role" => "main", "format" => format.id, **format.opening, "stations" => [{"id" => "s", "movement" => "squat", "levels" => moved}]}
      expect(refusal_of(workout_document(block))).to eq({})
      expect(timeline_of(block).blocks.first.block.format).to equal(format)
    end
  end

  described_class.all.each do |format|
    it "#{format.id} says of each field what it is called and how it is typed" do
      told = JSON.parse(JSON.generate(format.to_h))
      expect(told.values_at("label", "says")).to all(be_a(String))
      expect(described_class::CLOCKS).to include(format.clock)
      expect([nil, *described_class::TALLIES]).to include(format.tally)
      told["fields"].each do |field|
        expect(field).to include("label" => be_a(String), "kind" => match(/\A(seconds|count|flag|choice|by_level|by_round|ratio)\z/), "place" => match(/\A(clock|more)\z/))
        expect(field.key?("options")).to be(field["kind"] == "choice")
      end
      expect(format.needed - format.opening.keys).to eq([])
    end
  end

  it "is named by nobody but its own folder and who writes documents" do
    named = /["'](#{tell_tale.join("|")})["']/
    wrong = (sources.call("core/lib/**/*.rb") + sources.call("server/{*,*/}*.rb") + sources.call("web/src/**/*.{ts,vue}")).select { |path| File.read(path).match?(named) }
    expect(wrong.map { |path| path.delete_prefix("#{folder}/") }).to match_array(writers)
  end
end
