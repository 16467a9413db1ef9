# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::Assignment do
  it "brings a number down that no longer lasts, and leaves out what cannot come down" do
    block = intervals([station("a", movement: "push_up"), station("b", movement: "push_up_narrow")], work_s: 40, rest_s: 5, rounds: 3)
    course = Sparrow::Fitting::ClassLayout.new(timeline_of(block))
    assignment = described_class.new(course, person(measured: {"push_up.floor" => 10})).call
    too_much = course.asking(course.option(0, Sparrow::Catalogue.house.variation("push_up.floor"), "intermediate"), 9)
    assignment.put(0, described_class::Assigned.new(too_much, "fits"))
    expect(assignment.forecast.slack(0, too_much, course.reserve("intermediate"))).to be_negative
    assignment.verify
    assignment.assigned.each_with_index { |assigned, index| expect(assignment.forecast.slack(index, assigned.option, course.reserve("intermediate"))).to be >= -1e-9 if assigned.option }
    expect(assignment.assigned.first.option&.number.to_i).to be < 9
  end
end
