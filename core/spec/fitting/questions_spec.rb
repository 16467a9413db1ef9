# frozen_string_literal: true

require_relative "../../../bench/fit_table"

RSpec.describe Sparrow::Fitting::Questions do
  let(:push_ups) { intervals([station("p", movement: "push_up", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "push_up.floor", "reps" => 8}] })], rounds: 3, work_s: 40, rest_s: 60) }

  def asked(somebody, block = push_ups)
    cell_of(somebody, block).questions
  end

  it "says what a rep more would leave, and what it must" do
    cell = cell_of(person(measured: {"push_up.floor" => 12}), push_ups)
    expect(cell.questions["so_easy"]).to start_with("#{cell.option.number + 1} would leave ").and include(", and must leave ")
    expect(cell.questions["so_hard"]).to match(/\AIt leaves \d+ in round 3, and must leave \d+\. Push-up, hands on a step × 8 would leave \d+/)
  end

  it "says that more would hold, and that going up is the instructor's choice" do
    expect(asked(person(measured: {"push_up.floor" => 40}))["so_easy"]).to start_with("9 would hold too: the number is the level's, and going up is your choice.")
  end

  it "says plenty where the model's number would say no more" do
    easy = intervals([station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => 6}] })], work_s: 60, rounds: 1)
    expect(asked(person(measured: {"squat.parallel" => 80}), easy)["so_hard"]).to match(/\AIt leaves plenty in round 1\. .+ × 6 would leave plenty\.\z/)
  end

  it "says of a version without a number that it would hold as it is" do
    march = intervals([station("m", movement: "high_knees", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "high_knees.quick_march"}] })], work_s: 30).merge("format" => "rounds").except("work_s")
    expect(asked(person(level: "advanced", measured: {"high_knees.run" => 600}), march)["so_easy"]).to match(/High-knee run would hold (too|at \d+ s): going up is your choice/)
  end

  it "names the limit that speaks against a neighbour" do
    expect(asked(person(measured: {"push_up.floor" => 40}, limits: [limit("wrist")]))["so_easy"]).to start_with("Not Floor push-up: spares: wrist.")
  end

  it "says that the window has no time for more" do
    short = intervals([station("p", movement: "push_up", levels: {"intermediate" => {"variation" => "push_up.floor", "reps" => 8, "tempo" => "2-0-2-0"}})], work_s: 32, rounds: 1)
    expect(asked(person(measured: {"push_up.floor" => 60}), short)["so_easy"]).to start_with("The time has no room for more.")
  end

  it "answers with the instructor's own choice where that decides" do
    choice = Sparrow::Fitting::Participant::Choice.new(variation: "push_up.knees", number: 5, locked: true, why: "calm today", by: "Ottoline Varga", on: Date.new(2026, 11, 24))
    locked = person(measured: {"push_up.floor" => 40}).with(choices: {%w[main p] => choice})
    expect(asked(locked).values).to all(start_with("Set by Ottoline Varga"))
  end

  it "answers for every cell of the twenty people in whole sentences" do
    said = FitTable.as_planned.cells.each_slice(17).flat_map { |cells| cells.first.last.questions.values }
    expect(said).to all(match(/\A[[:upper:]\d].*\.\z/))
    expect(said.join).not_to match(/translation missing|\d{3,} s\b/i)
  end
end
