# frozen_string_literal: true

RSpec.describe Sparrow::Figure::Drawing do
  let(:library) { Sparrow::Figure::Library.house }

  def whole(id)
    described_class.new(library.motion(id))
  end

  # What a browser has after it has added each frame's differences to the last.
  def added(sent)
    last = sent["start"]
    [last, *sent["steps"].flat_map { |step| step["frames"].map { |moved| last = last.zip(moved).map(&:sum) } }]
  end

  it "sends whole points, each frame as what it differs by, and ends where it began" do
    sent = whole("squat.parallel").to_h
    frames = added(sent)
    expect(frames.map(&:size).uniq).to eq([Sparrow::Figure::Body::POINTS.size * 2])
    expect(frames.last).to eq(frames.first)
    expect(sent["steps"].map { |step| [step["phase"], step["seconds"], step["pause"]] }).to eq([["lower", 2.0, 0.0], ["lift", 1.0, 0.0]])
  end

  it "keeps bones within a hundredth of their length half way between two frames" do
    worst = %w[squat.parallel push_up.floor jumping_jack.full mountain_climber.slow cartwheel.full v_fold.double shoulder_roll.big].flat_map do |id|
      motion = library.motion(id)
      motion.steps.flat_map do |step|
        [step.from.bones.points, *Sparrow::Figure::Frames.of(motion, step.with(mirrored: false))].each_cons(2).map do |one, other|
          Sparrow::Figure::Checks::LENGTHS.reject { |_, to, _| to.start_with?("hand") }.map do |from, to, length|
            middle = [from, to].map { |name| Sparrow::Figure::Vector.mix(one[name], other[name], 0.5) }
            ((Sparrow::Figure::Vector.distance(*middle) - length).abs / length).round(4)
          end.max
        end
      end
    end.max
    # A knee that is lifted past the floor at the most frames there are: 1.3 hundredths.
    expect(worst).to be < 0.0135
  end

  it "adds the mirrored half where sides alternate, and the limbs of the far side are told" do
    sent = whole("lunge_back.free").to_h
    expect(sent["steps"].map { |step| step["phase"] }).to eq(%w[lower lift lower lift])
    expect(sent["far"]).to contain_exactly("arm_l", "leg_l")
    expect(whole("jumping_jack.full").to_h["far"]).to eq([])
  end

  it "tints what works and rings what is loaded" do
    sent = whole("squat.parallel").to_h
    expect([sent["tints"], sent["rings"]]).to eq([%w[thigh hips], %w[hip knee ankle]])
  end

  it "draws everything inside its box, floor and props included" do
    looked_at = ENV["FULL"] ? library.ids : library.ids.each_slice(8).map(&:first)
    outside = looked_at.reject { |id| library.written(id)["crop"] }.reject do |id|
      sent = whole(id).to_h
      left, top, width, height = sent["box"]
      [*added(sent), *sent["props"].flat_map { |prop| prop["lines"] }].all? do |numbers|
        numbers.each_slice(2).all? { |x, y| (x / 4.0).between?(left, left + width) && (y / 4.0).between?(top, top + height) }
      end
    end
    expect(outside).to eq([])
  end

  it "lays a mat under who needs one, from whichever side one looks" do
    mats = %w[plank.forearm lying_turn.full squat.parallel].map { |id| whole(id).to_h["props"].find { |prop| prop["kind"] == "mat" } }
    expect(mats.map { |mat| mat && mat["lines"].first.size }).to eq([10, 10, nil])
    expect(mats.first["lines"].first.each_slice(2).map(&:last).uniq).to eq([5])
  end

  it "shows somebody who goes on their way on the spot" do
    sent = whole("walking_lunge.long").to_h
    expect(sent["travels"]).to be(true)
    expect(sent["box"][2]).to be < 260
  end

  it "gives two to four key poses for a strip, one for a hold" do
    expect(whole("squat.parallel").stills.size).to eq(2)
    expect(whole("thrust_press.jump").stills.size).to eq(4)
    expect(whole("plank.forearm").stills.size).to eq(1)
  end

  it "can draw every fault that is written, with every hand and foot in reach" do
    wrong = library.ids.flat_map do |id|
      motion = library.motion(id)
      (library.written(id)["faults"] || {}).filter_map do |see, written|
        bones = motion.pose(written.except("view")).bones
        found = Sparrow::Figure::Checks.new(motion).instant(bones) + ((bones.shortfall > 2) ? ["out of reach"] : [])
        [id, see, found] if found.any?
      end
    end
    expect(wrong).to eq([])
  end

  it "sends faults where they are drawn, from where they are seen best" do
    faults = whole("squat.parallel").with_faults["faults"]
    expect(faults.map { |fault| [fault["see"], fault["view"], fault["steps"]] }).to eq([["Knees fall inward", "front", []], ["Heels lift", "side", []], ["Back rounds", "side", []]])
  end
end
