# frozen_string_literal: true

RSpec.describe "Targets that finish together, of any class" do
  include RandomClasses

  let(:random) { Random.new(2026_11_28) }

  # Numbers that nobody has looked through.
  def typed(document)
    document["blocks"].flat_map { |block| block["stations"] || [] }.flat_map { |station| station["levels"].values }.each do |held|
      held["reps"] = random.rand(2..30) if held["reps"]
    end
    document
  end

  def solved(document, **place)
    answer = Sparrow::Planning::Solve.new(Sparrow::Plan.read(document), **place).call
    [answer, Sparrow::Pointer.put(document, answer["patch"].map { |step| step.values_at("path", "value") })]
  end

  it "never end further apart, but where the slowest is brought into its time" do
    Thoroughness.of(60).times do
      answer, = solved(typed(random_document))
      answer["rows"].each do |row|
        sooner = row["after"].values.compact.max.to_i < row["before"].values.compact.max.to_i
        expect(row["spread_after_s"]).to(satisfy { |after| after <= row["spread_before_s"] || sooner }, row.inspect)
      end
    end
  end

  it "are nowhere moved again once they were taken" do
    moved = Array.new(Thoroughness.of(40)) do
      _, after = solved(typed(random_document))
      again, = solved(after)
      again["rows"].count { |row| row["spread_after_s"] > row["spread_before_s"] }
    end
    expect(moved.sum).to eq(0)
  end

  it "say of what is still apart which level is through first, and what keeps it from more" do
    Thoroughness.of(60).times do
      answer, = solved(typed(random_document))
      answer["apart"].each do |held|
        row = answer["rows"].find { |one| one.values_at("block", "station") == held.values_at("block", "station") }
        expect(row["spread_after_s"]).to be > Sparrow::Planning::Solve::Apart::MUCH_S
        expect(row["after"][held["level"]]).to eq(row["after"].values.compact.min)
        expect(held["why"]).not_to be_empty
      end
    end
  end

  it "leave what is together as it is" do
    squats = station("s", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => "squat.parallel", "reps" => 10, "tempo" => "2-0-1-0"}] })
    answer, = solved(workout_document(intervals([squats], work_s: 40)))
    expect(answer["changes"]).to eq([])
    answer, = solved(workout_document(intervals([squats], work_s: 40)), window_s: 20)
    expect(answer["rows"].first["after"].values).to all(be <= 18)
  end
end
