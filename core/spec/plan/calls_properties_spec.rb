# frozen_string_literal: true

require_relative "../support/random_classes"

# Whatever the plan: calls are made at their second, none inside another, and to whom they concern.
RSpec.describe "The calls of any plan" do
  include RandomClasses

  let(:random) { Random.new(20_261_128) }

  def each_class(count)
    Thoroughness.of(count).times do
      timeline = random_class
      yield timeline, Sparrow::Plan::Cues.of(timeline)
    end
  end

  it "are never made one inside another, nor before the class or long after it" do
    each_class(300) do |timeline, cues|
      cues.each_cons(2) { |cue, following| expect(following.at_s).to be >= cue.at_s + cue.says_s, "#{cue.text} | #{following.text}" }
      expect([cues.first.at_s, cues.last.at_s]).to match([be >= 0, timeline.total_s])
    end
  end

  # Who stops when, told apart from the code: by each level, of each group.
  def stops(timeline)
    timeline.blocks.select { |line| line.block.timed? && line.block.format.id == "intervals" }.flat_map do |line|
      line.windows.flat_map do |window|
        (line.block.rotates? ? line.block.stations : [window.station]).flat_map do |station|
          next window.prescriptions.map { |lane, held| [window, station, lane, held] } unless line.block.rotates?
          Sparrow::Level::ALL.select { |lane| window.round <= line.block.rounds_for(lane) && station.at(lane) }.map { |lane| [window, station, lane, station.at(lane)] }
        end
      end
    end
  end

  # Half of its own time a side; the change of sides comes out of what a level waits, else out of its second side.
  def ends(window, prescription)
    own_s = prescription.stop_s(window.round)
    half = window.start_s + (window.seconds + 1) / 2
    return [window.start_s + own_s] unless prescription.sides == "split"
    second = half + [window.block.switch_s + own_s / 2, window.seconds / 2].min
    [window.start_s + (own_s + 1) / 2, second].reject { |at_s| at_s == half }
  end

  def covers?(cue, station, lane)
    return false if cue.nil? || !%w[stop change finish switch].include?(cue.kind)
    named = Sparrow::Catalogue.house.map(&:name).any? { |name| cue.text.include?(name) }
    cue.kind == "change" || ((!named || cue.text.include?(station.name)) && (cue.levels.nil? || cue.levels.include?(lane)))
  end

  it "stop every level of every group at its second" do
    each_class(300) do |timeline, cues|
      by_second = cues.to_h { |cue| [cue.at_s, cue] }
      stops(timeline).each do |window, station, lane, prescription|
        ends(window, prescription).each do |at_s|
          expect(covers?(by_second[at_s], station, lane)).to be(true), "#{station.name} #{lane} at #{at_s}: #{by_second[at_s]&.text}"
        end
      end
    end
  end

  it "switch sides at the second of the switch" do
    each_class(300) do |timeline, cues|
      by_second = cues.to_h { |cue| [cue.at_s, cue] }
      timeline.blocks.each do |line|
        seconds = line.block.rotates? ? [] : line.windows.map { |window| window.switch_s || (window.end_s if window.part == "first" && line.block.format.id == "intervals") }.compact
        seconds.each { |at_s| expect(by_second[at_s]&.text).to match(/switch sides/i), "#{line.block.format.id} at #{at_s}" }
      end
    end
  end

  it "say what comes next before it begins: in the rest, or in the last ten seconds of the work" do
    each_class(300) do |timeline, cues|
      timeline.blocks.each do |line|
        line.windows.each_cons(2) do |window, following|
          next if following.part == "second" || window.seconds < 25 || following.station.equal?(window.station) || line.block.format.id == "partner" || stops_late?(line, window)
          said = cues.find { |cue| cue.kind == "next" && cue.at_s.between?(window.end_s - 10, following.start_s) }
          expect(said&.text).to match(/\ANext: (everybody|#{following.station.name}|Beginner|Intermediate|Advanced)/i), "before #{following.start_s}"
        end
      end
    end
  end

  # Stops of some levels or groups in the last seconds leave no time for it.
  def stops_late?(line, window)
    lasts = stops(Struct.new(:blocks).new([line])).select { |held, *| held.equal?(window) }.flat_map { |held, _, _, prescription| ends(held, prescription) }
    lasts.any? { |at_s| at_s.between?(window.end_s - 15, window.end_s - 1) }
  end

  it "remind only who is at work while it is said" do
    each_class(300) do |timeline, cues|
      cues.select { |cue| %w[form breathing].include?(cue.kind) }.each do |cue|
        line = timeline.blocks.find { |held| held.block.id == cue.block }
        working = line.lanes.fetch(cue.levels.first).any? { |segment| segment.kind == "work" && segment.start_s <= cue.at_s && segment.end_s >= cue.at_s + cue.says_s }
        expect(working).to be(true), "#{cue.text} at #{cue.at_s}"
      end
    end
  end

  it "let as many rounds as possible last its whole time" do
    Thoroughness.of(200).times do
      cap_s = random.rand(30..900)
      stations = Array.new(random.rand(1..3)) { |index| station("s#{index}", movement: %w[squat push_up plank].sample(random: random), rest_s: random.rand(0..60)) }
      timeline = timeline_of({"id" => "b", "role" => "main", "format" => "amrap", "cap_s" => cap_s, "stations" => stations}, intervals(1))
      expect(timeline.blocks.first.total_s).to eq(cap_s)
      expect(Sparrow::Plan::Cues.of(timeline).find { |cue| cue.at_s == cap_s }&.kind).to eq("change")
    end
  end
end
