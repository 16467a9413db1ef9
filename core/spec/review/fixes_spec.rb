# frozen_string_literal: true

require_relative "../support/bad_plans"
require_relative "../support/random_classes"

# A fix that is offered does what it says: what it mends is gone, nothing else comes, and nothing grows beyond a warm-up.
RSpec.describe "The fixes of a review" do
  include RandomClasses

  let(:random) { Random.new(20_261_128) }

  def keys(document)
    Sparrow::Preview.new(document).findings.to_h { |finding| [finding.key, finding.severity] }
  end

  def total(document)
    Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(document)).total_s
  end

  def applied(document, fix)
    Hana::Patch.new(copy(fix.patch)).apply(copy(document))
  end

  def fixes(document)
    Sparrow::Review.fixes(Sparrow::Plan.read(document))
  end

  # Each fix alone, then each after each other.
  def expect_sound(document)
    before = keys(document)
    offered = fixes(document)
    offered.each do |key, fix|
      after = keys(applied(document, fix))
      expect(after).not_to include(key), fix.label.to_s
      expect((after.keys - before.keys).reject { before[key] == "stop" }).to eq([]), "#{key}: #{fix.label}"
      expect(total(applied(document, fix))).to be <= [total(document) + 330, document.fetch("slot_minutes", 0) * 60].max, fix.label.to_s
      expect_ranges_kept(document, applied(document, fix))
    end
    offered
  end

  def expect_ranges_kept(before, after)
    ranges = lambda do |document|
      document["blocks"].flat_map { |block| block.fetch("stations", []).flat_map { |station| station["levels"].flat_map { |level, cell| %w[reps hold_s].select { |key| cell[key].is_a?(Hash) }.map { |key| [block["id"], station["id"], station["movement"], level, key] } } } }
    end
    numbers = ranges.call(after)
    typed = ranges.call(before).select { |block, station, movement, level, key| there?(after, block, station, movement, level, key) }
    expect(typed - numbers).to eq([])
  end

  def there?(document, block, station, movement, level, key)
    document["blocks"].find { |one| one["id"] == block }&.fetch("stations", [])&.any? { |one| one["id"] == station && one["movement"] == movement && one.dig("levels", level, key) }
  end

  it "mend what they name in every plan that a colleague would send back, and all of those but one can be mended" do
    plans = Thoroughness.some(BadPlans.list)
    mended = plans.count { |plan| expect_sound(plan.bad).keys.any? { |key| key.start_with?(plan.rule) } }
    expect(mended).to be >= plans.size - 1
  end

  it "mend what they name in the ready-made circuits" do
    Sparrow::Plan::Templates.all.each { |template| expect_sound(template.document) }
  end

  it "do not undo each other: one after the other the plan gets better until nothing is offered" do
    Thoroughness.some(BadPlans.list, by_day: 3).each do |plan|
      document = plan.bad
      seen = []
      30.times do
        key, fix = fixes(document).first
        break unless fix
        expect(seen).not_to include(key), "#{plan.name}: #{key} came back"
        seen << key
        document = applied(document, fix)
      end
      expect(fixes(document)).to eq({}), plan.name
    end
  end

  it "hold over random classes" do
    Thoroughness.of(40).times { expect_sound(random_class.workout.document) }
    Thoroughness.of(40).times { expect_sound(Sparrow::Plan.read(odd_document).document) }
  end
end
