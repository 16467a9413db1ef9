# frozen_string_literal: true

RSpec.describe Sparrow::Figure::Library do
  let(:library) { described_class.house }
  let(:variations) { Sparrow::Catalogue.house.flat_map(&:ladder) }

  it "has a figure for every version, and none for anything else" do
    expect(library.ids).to match_array(variations.map(&:id))
  end

  it "puts into the room what the version needs, and nothing more" do
    # A mat is under who lies; a tested bar may be drawn as a post, or as a pair of rails.
    wrong = variations.filter_map do |variation|
      drawn = library.motion(variation.id).scene.pieces.map { |piece| {"post" => "bar", "rail" => "bar"}.fetch(piece.kind, piece.kind) } - %w[line]
      needed = variation.equipment - %w[mat]
      [variation.id, needed, drawn.uniq] unless needed.sort == drawn.uniq.sort
    end
    expect(wrong).to eq([])
  end

  it "draws a step or a bench as high as the version's words say" do
    said = variations.filter_map { |variation| variation.levers.values.join[/(\d+) cm/, 1]&.then { |height| [variation.id, height.to_f] } }
    expect(said.size).to be > 6
    drawn = said.map { |id, _| [id, library.motion(id).scene.pieces.find { |piece| %w[bench step].include?(piece.kind) }&.h] }
    expect(drawn).to eq(said)
  end

  it "shows a fault of each of the twenty families that the templates use most" do
    text = File.read(File.join(Sparrow::DATA, "templates.yml"))
    used = Sparrow::Catalogue.house.map(&:id).sort_by { |id| [-text.scan(/movement: #{id}\b/).size, id] }.first(20)
    drawn = library.ids.select { |id| library.written(id)["faults"] }.map { |id| id.split(".").first }.uniq
    expect(used - drawn).to eq([])
    expect(drawn.size).to be >= 20
  end

  it "draws only faults that the version names" do
    wrong = variations.flat_map { |variation| (library.written(variation.id)["faults"] || {}).keys.reject { |see| variation.faults.map(&:see).include?(see) }.map { |see| [variation.id, see] } }
    expect(wrong).to eq([])
  end

  it "has the digests of all figures as they are: see what a change moved, look at it, then run bin/figures digests" do
    kept = YAML.safe_load_file(File.join(described_class::FOLDER, "digests.yml"))
    now = library.ids.to_h { |id| [id, library.motion(id).digest] }
    moved = now.reject { |id, digest| kept[id] == digest }.keys
    expect(moved).to eq([])
    expect(kept.keys).to match_array(now.keys)
  end

  describe "a studio's own movement" do
    let(:own) { Sparrow::Catalogue.house.variation("squat.parallel").with(id: "own_squat.first") }

    it "moves as the version that was chosen for it" do
      figure = library.for(own.with(figure: {"like" => "lunge_back.free"}))
      expect(figure.keys.map { |_, key| key.bones.at[1].round }).to eq(library.motion("lunge_back.free").keys.map { |_, key| key.bones.at[1].round })
    end

    it "moves through base poses by name, with a chair where one is sat on" do
      figure = library.for(own.with(figure: {"poses" => %w[stand chair_sit_down], "view" => "side"}))
      expect(figure.scene.pieces.map(&:kind)).to eq(["chair"])
      expect(Sparrow::Figure::Checks.new(figure).problems).to eq([])
    end

    it "has none where none was chosen" do
      expect(library.for(own)).to be_nil
    end

    it "says which pose there is not" do
      expect { library.composed(%w[stand flying]) }.to raise_error(ArgumentError, /no pose flying/)
    end
  end

  it "can draw every base pose by itself" do
    wrong = library.pose_names.reject { |name| Sparrow::Figure::Drawing.new(library.composed([name])).to_h["start"].size == Sparrow::Figure::Body::POINTS.size * 2 }
    expect(wrong).to eq([])
  end
end
