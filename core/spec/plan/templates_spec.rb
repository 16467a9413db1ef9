# frozen_string_literal: true

RSpec.describe Sparrow::Plan::Templates do
  let(:blocks) { described_class.all.flat_map { |template| template.document["blocks"] } }

  it "has at least ten, every format and every school among them" do
    expect(described_class.all.size).to be >= 10
    expect(blocks.map { |block| block["format"] }.uniq).to match_array(Sparrow::Plan::Format.all.map(&:id))
    expect(blocks.filter_map { |block| block["scaling"] }.uniq).to match_array(Sparrow::Standards.schools.map(&:id))
    expect(blocks.map { |block| block["flow"] }).to include("rotate")
  end

  described_class.all.each do |template|
    it "has a sound “#{template.title}” within its slot, with nothing to warn of" do
      preview = Sparrow::Preview.new(template.document)
      expect(preview.findings.reject { |finding| finding.severity == "note" }.map(&:what)).to eq([])
      expect(preview.timeline.total_s).to be <= (template.document["slot_minutes"] || 1000) * 60
      expect(template.about).to match(/\.\z/)
    end
  end
end
