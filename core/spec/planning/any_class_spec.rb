# frozen_string_literal: true

require "hana"
require_relative "../support/random_classes"

# Whatever the class: what is offered for it can be taken, and does what it says.
RSpec.describe "What is offered for any class" do
  include RandomClasses

  let(:random) { Random.new(20_261_130) }

  def each_plan(count)
    Thoroughness.of(count).times { yield Sparrow::Plan.read(odd_document) }
  end

  def applied(workout, patch)
    Hana::Patch.new(copy(patch)).apply(copy(workout.document))
  end

  it "is numbers, or work times, with the seconds that they come to, and never further apart" do
    each_plan(60) do |workout|
      choose = Sparrow::Planning::Solve::CHOICES.sample(random: random)
      found = Sparrow::Planning::Solve.new(workout, choose: choose).call
      document = applied(workout, found["patch"])
      expect(refusal_of(document)).to eq({})
      expect(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document)).total_s).to eq(found["total_after_s"])
      found["rows"].each { |row| expect(row["spread_after_s"]).to be <= row["spread_before_s"] if row["after"].values.compact.max.to_i >= row["before"].values.compact.max.to_i } if choose == "numbers"
    end
  end

  it "is a way to keep the slot that keeps it" do
    each_plan(40) do |workout|
      minutes = random.rand(5..60)
      Sparrow::Planning::FitToSlot.new(workout, minutes: minutes).call["options"].each do |option|
        changed = applied(workout, option["patch"])
        expect(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(changed)).total_s).to eq(option["total_s"])
        expect(option["total_s"]).to be <= minutes * 60
      end
    end
  end

  it "is a warm-up and a cool-down that can be read" do
    each_plan(40) do |workout|
      timeline = Sparrow::Plan::Timeline.compile(workout)
      [Sparrow::Planning::Suggest::WarmUp, Sparrow::Planning::Suggest::CoolDown].each do |kind|
        block = kind.new(timeline).call(random.rand(2..10) * 60)["block"]
        expect(refusal_of(workout_document(block))).to eq({}) if block
      end
    end
  end

  it "is any other format for each of its blocks, and the way back with all that was typed" do
    each_plan(30) do |workout|
      workout.document["blocks"].each do |block|
        (Sparrow::Plan::Format.with_stations.map(&:id) - [block["format"]]).each do |format|
          there = Sparrow::Plan::Reformat.call(copy(block), format)
          expect(refusal_of(workout_document(there)).keys.grep_v(/reps|quota|ladder|hold_s|work_s|sides|stations\z|levels/)).to eq([]), format
          back = Sparrow::Plan::Reformat.call(there, block["format"])
          expect(back.except("stations", "set_aside")).to include(block.except("stations", "set_aside").compact)
        end
      end
    end
  end

  it "is a change while it runs that ends when it says" do
    each_plan(30) do |workout|
      altered = Sparrow::Running::Altered.of(workout.document, [], catalogue: Sparrow::Catalogue.house)
      at_s = random.rand(0..altered.timeline.total_s)
      offers = Sparrow::Running::Offers.new(altered, at_s, catalogue: Sparrow::Catalogue.house)
      offers.singles.sample(4, random: random).each do |offer|
        expect(altered.and(offer.changes, at_s, catalogue: Sparrow::Catalogue.house).timeline.total_s).to eq(offer.total_s), offer.label
      end
    end
  end
end
