# frozen_string_literal: true

require_relative "../../../bench/full_room"
require_relative "../../../bench/sixty_minutes"

# What the benchmark measures is measured by hand; that it can be made is held here.
RSpec.describe FullRoom do
  it "is fitted: everybody at every station, with or without something to do" do
    timeline = Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(SixtyMinutes.document))
    room = described_class.new(timeline)
    sheet = Sparrow::Fitting::Sheet.new(timeline, room.people, kit: room.kit)
    expect(sheet.assignments.size).to eq(40)
    expect(sheet.assignments.map { |assignment| assignment.assigned.size }.uniq).to eq([timeline.workout.each_station.count])
  end
end
