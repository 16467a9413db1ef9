# frozen_string_literal: true

RSpec.describe "Any intervals circuit" do
  def each_random_block(runs = 400)
    PropCheck.forall(block: RandomCircuits.blocks).with_config(n_runs: runs) do |block:|
      yield block, timeline_of(block)
    end
  end

  it "fills every lane to the block's total, second by second and without a gap" do
    each_random_block do |_, timeline|
      timeline.blocks.each do |line|
        line.lanes.each_value do |segments|
          ends = segments.reduce(line.start_s) do |clock, segment|
            expect(segment.start_s).to eq(clock)
            expect(segment.seconds).to be_positive
            segment.end_s
          end
          expect(ends).to eq(line.end_s)
        end
        line.sums.each_value { |sums| expect(sums.total_s).to eq(line.total_s) }
      end
    end
  end

  it "agrees with the closed formula on total, work and rest" do
    each_random_block do |block, timeline|
      formula = ClosedForm.new(block)
      expect(timeline.total_s).to eq(formula.total_s)
      Sparrow::Level::ALL.each do |level|
        expect(timeline.sums.fetch(level)["work"]).to eq(formula.work_s(level)), level
        expect(timeline.sums.fetch(level)["rest"]).to eq(formula.rest_s(level)), level
      end
    end
  end

  it "starts every lane that is still going together" do
    each_random_block(150) do |_, timeline|
      timeline.blocks.first.windows.each do |window|
        window.prescriptions.each_key do |level|
          starts = timeline.blocks.first.lanes.fetch(level).select { |part| part.kind == "work" }.map(&:start_s)
          expect(starts).to include(window.start_s)
        end
      end
    end
  end
end
