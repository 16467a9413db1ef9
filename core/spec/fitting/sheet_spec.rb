# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Sheet do
  let(:strong) { {"push_up.floor" => 60} }
  let(:raised) { intervals([station("p", movement: "push_up", levels: {"advanced" => {"reps" => 6}})], work_s: 40, rounds: 2) }

  def names(people, block, kit)
    sheet = fit(people, block, kit: kit)
    people.map { |held| sheet.cells(held.id).first.option&.variation&.id }
  end

  it "moves as few off their first choice as the kit allows, and says so" do
    people = Array.new(5) { |index| person("p#{index}", level: "advanced", measured: strong) }
    variations = names(people, raised, {"step" => 2, "mat" => 9})
    expect(variations.tally).to eq("push_up.feet_30" => 2, "push_up.floor" => 3)
    sheet = fit(people, raised, kit: {"step" => 2, "mat" => 9})
    expect(sheet.moved.size).to eq(3)
    moved = sheet.cells(sheet.moved.first.participant.id).first
    expect(moved.reason).to start_with("Not enough steps for all, so not Push-up, feet on a step;")
    expect(moved).to be_attention
  end

  it "gives nothing that is not in the room" do
    expect(names([person("a", level: "advanced", measured: strong)], raised, {"mat" => 3})).to eq(["push_up.floor"])
    expect(names([person("a", level: "advanced", measured: strong)], raised, nil)).to eq(["push_up.feet_30"])
  end

  it "keeps what is locked where it is, and moves others" do
    choice = Sparrow::Fitting::Participant::Choice.new(variation: "push_up.feet_30", locked: true)
    people = [person("a", level: "advanced", measured: strong), person("b", level: "advanced", measured: strong, choices: {%w[main p] => choice})]
    expect(names(people, raised, {"step" => 1, "mat" => 5})).to eq(["push_up.floor", "push_up.feet_30"])
  end

  it "shares by group where groups rotate" do
    stations = [station("p", movement: "push_up", levels: {"advanced" => {"reps" => 4}}), station("u", movement: "step_up"), station("s", movement: "squat")]
    block = intervals(stations, work_s: 40, rounds: 1, flow: "rotate")
    people = Array.new(6) { |index| person("p#{index}", level: "advanced", measured: strong) }
    sheet = fit(people, block, kit: {"step" => 4, "mat" => 9, "chair" => 9, "bench" => 9})
    moments = people.each_with_index.map { |held, index| sheet.cells(held.id)[index % 3] }
    expect(moments.count { |cell| cell.option.equipment.include?("step") }).to be <= 4
  end

  it "finds something else in the pattern for those for whom no piece is left" do
    people = Array.new(3) { |index| person("p#{index}", measured: {"lunge_back.free" => 30}) }
    sheet = fit(people, intervals([station("u", movement: "step_up")], work_s: 30), kit: {"step" => 1, "mat" => 9})
    assigned = people.map { |held| sheet.cells(held.id).first.option }
    expect(assigned).to all(be_a(Sparrow::Fitting::Option))
    expect(assigned.count { |option| option.equipment.include?("step") }).to eq(1)
    expect(assigned.map { |option| option.variation.pattern }.uniq).to eq(%w[lunge])
  end

  it "names the piece that is short, and not another that lies there too" do
    people = Array.new(3) { |index| person("p#{index}", level: "advanced", measured: strong) }
    sheet = fit(people, raised, kit: {"mat" => 40, "step" => 1})
    expect(sheet.moved.map(&:piece).uniq).to eq(%w[step])
    only = intervals([station("c", movement: "chin_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "chin_up.full", "reps" => 3, "hold_s" => nil}] })], work_s: 40)
    able = Array.new(2) { |index| person("a#{index}", level: "advanced", measured: {"chin_up.full" => 12}) }
    hung = fit(able, only, kit: {"bar" => 1, "mat" => 9})
    expect(hung.moved.map(&:piece)).to eq(%w[bar])
    expect(hung.cells(hung.moved.first.participant.id).first.reason).to start_with("Not enough bars for all")
  end

  describe "of one person alone" do
    it "could run short where they are given a piece of which a class of that size has fewer" do
      alone = fit([person("a", level: "advanced", measured: strong)], raised, kit: {"step" => 2, "mat" => 9})
      expect([alone.could_run_short?(2), alone.could_run_short?(3)]).to eq([false, true])
    end

    it "cannot where they need no piece, or nobody has counted any" do
      floor = intervals([station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => 5}] })])
      expect(fit([person("a", level: "advanced", measured: {"squat.parallel" => 6})], floor, kit: {"step" => 0}).could_run_short?(30)).to be(false)
      expect(fit([person("a", level: "advanced", measured: strong)], raised).could_run_short?(30)).to be(false)
      waits = fit([person("a", screening: "see_instructor")], raised, kit: {"step" => 0})
      expect(waits.could_run_short?(30)).to be(false)
    end
  end
end
