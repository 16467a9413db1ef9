# frozen_string_literal: true

require_relative "../support/random_classes"

# Whatever the class and whoever comes: each cell can be read, and says nothing that does not hold.
RSpec.describe "The fit sheet of any class" do
  include RandomClasses

  let(:random) { Random.new(20_261_129) }
  let(:measures) { {"push_up.floor" => 12, "squat.parallel" => 30, "lunge_back.free" => 15, "row.long" => 10, "sit_up.crunch" => 25, "plank.forearm" => 50, "glute_bridge.two_leg" => 30, "jumping_jack.full" => 60} }

  def anybody(id)
    limits = Sparrow::People::Limits::KINDS.sample(random.rand(0..2), random: random).map { |kind| limit(kind, severity: %w[avoid gently].sample(random: random)) }
    scale = random.rand(0.3..4.0)
    measured = (random.rand < 0.7) ? measures.transform_values { |amount| [(amount * scale).round, 1].max } : {}
    person(id, level: Sparrow::Level::ALL.sample(random: random), measured: measured, limits: limits)
      .with(state: (random.rand < 0.2) ? "tired" : "fresh", newcomer: random.rand < 0.1, screening: (random.rand < 0.9) ? "clear" : "see_instructor")
  end

  def each_sheet(count)
    Thoroughness.of(count).times do
      people = Array.new(random.rand(1..5)) { |index| anybody("p#{index}") }
      kit = %w[chair step bench mat bottle band].to_h { |piece| [piece, random.rand(0..3)] }.merge("bar" => 1, "table" => 1) if random.rand < 0.5
      timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(odd_document))
      yield Sparrow::Fitting::Sheet.new(timeline, people, kit: kit, to_reserve: random.rand < 0.4), people, kit
    end
  end

  it "says why in a sentence that fits, and asks for no more than a window holds" do
    each_sheet(120) do |sheet, people|
      people.flat_map { |somebody| sheet.cells(somebody.id) }.flat_map { |cell| [cell, *cell.earlier] }.each do |cell|
        shown = cell.to_h
        expect(shown["reason"].to_s).to match(/\A\S.{0,118}[.…]\z/m), shown["reason"].to_s
        expect(cell.questions.each_value.compact.map(&:to_s)).to all(match(/\A\S.*[.…]\z/m))
        step = cell.step_up or next
        expect(step.option.number || 0).to be <= (step.option.most || Float::INFINITY)
      end
    end
  end

  it "never shows a way through a limit as one that may be given" do
    each_sheet(60) do |sheet, people|
      people.each do |somebody|
        sheet.cells(somebody.id).flat_map(&:ways).each do |way|
          through = somebody.limits_today.any? { |held| held.rules_out?(way.option.variation) }
          expect(way.why).not_to be_nil, way.option.variation.id if through
          expect(way.spared).to be(true), way.option.variation.id if through
        end
      end
    end
  end

  it "turns what the roster needs into a plan that can be read, and is nearer to it" do
    each_sheet(60) do |sheet, _|
      rows = Sparrow::Fitting::Needs.new(sheet).rows
      document = Sparrow::Pointer.put(sheet.course.timeline.workout.document, rows.flat_map(&:patch))
      expect(refusal_of(document)).to eq({})
      expect(rows.map(&:people)).to all(be_positive)
    end
  end

  it "gives everybody who takes part a place in the room" do
    each_sheet(60) do |sheet, people, kit|
      plan = Sparrow::Fitting::RoomPlan.new(sheet, kit: kit, width_m: 9, depth_m: 7)
      there = people.reject(&:waits?)
      spots = plan.spots
      expect(spots.map(&:participant)).to match_array(there) if spots.any?
      expect(spots.map { |spot| [spot.x, spot.y] }).to all(satisfy { |x, y| x.between?(0, 9) && y.between?(0, 7) })
      expect(plan.waiting).to match_array(people - there)
    end
  end
end
