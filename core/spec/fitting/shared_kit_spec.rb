# frozen_string_literal: true

RSpec.describe Sparrow::Fitting::SharedKit do
  def arrange(wishes, counts, moves: Hash.new(0), locked: [])
    described_class.arrange(wishes.each_with_index.map { |needs, index| described_class::Wish.new(needs, moves[index], locked.include?(index)) }, counts)
  end

  # Every way to choose, tried.
  def brute(wishes, counts)
    wishes.map { |choices| [*choices.each_index, nil] }.then { |first, *rest| first.product(*rest) }.filter_map do |way|
      needed = way.each_with_index.flat_map { |choice, person| choice ? wishes[person][choice].uniq : [] }.tally
      next if needed.any? { |piece, count| counts.fetch(piece, count) < count }
      cost(way)
    end.min
  end

  def cost(way)
    [way.count(nil), way.count { |choice| choice && choice != 0 }, way.sum { |choice| choice || 0 }]
  end

  it "moves nobody where there is enough" do
    expect(arrange([[%w[chair], []], [%w[chair], []]], {"chair" => 2})).to eq([0, 0])
  end

  it "moves as few people as it can, and those the fewest variations" do
    wishes = [[%w[bench], %w[bench], []], [%w[bench], []], [%w[bench], []]]
    expect(arrange(wishes, {"bench" => 2})).to eq([0, 0, 1]).or eq([0, 1, 0])
  end

  it "leaves somebody without where nothing else holds" do
    expect(arrange([[%w[bar]], [%w[bar]]], {"bar" => 1}).compact.size).to eq(1)
  end

  it "hands out what is locked first, though it is not enough" do
    expect(arrange([[%w[bar], []], [%w[bar]], [%w[bar]]], {"bar" => 1}, locked: [1, 2])).to eq([1, 0, 0])
  end

  it "moves who has not been moved yet in this class" do
    wishes = Array.new(3) { [%w[step], []] }
    expect(arrange(wishes, {"step" => 2}, moves: {0 => 0, 1 => 1, 2 => 2})).to eq([1, 0, 0])
    expect(arrange(wishes, {"step" => 2}, moves: {0 => 1, 1 => 1, 2 => 0})).to eq([0, 0, 1])
  end

  it "moves several rather than leave one with nothing" do
    wishes = [[%w[step], []], [%w[step], []], [%w[step step]]]
    expect(arrange(wishes, {"step" => 2})).to eq([1, 1, 0])
  end

  it "does not count what nobody has counted" do
    expect(arrange([[%w[wall]], [%w[wall]]], {"bar" => 1})).to eq([0, 0])
  end

  it "is as good as trying every way, on small classes" do
    random = Random.new(7)
    pieces = %w[chair bench mat bar]
    200.times do
      wishes = Array.new(random.rand(1..5)) { Array.new(random.rand(1..3)) { pieces.sample(random.rand(0..2), random: random) } }
      counts = pieces.to_h { |piece| [piece, random.rand(0..3)] }
      way = arrange(wishes, counts)
      needed = way.each_with_index.flat_map { |choice, person| choice ? wishes[person][choice].uniq : [] }.tally
      expect(needed.all? { |piece, count| count <= counts[piece] }).to be(true), "#{wishes} #{counts} #{way}"
      expect(cost(way)).to eq(brute(wishes, counts)), "#{wishes} #{counts} #{way}"
    end
  end

  it "goes by the roster where the ways are too many to weigh" do
    pieces = %w[chair bench mat bar step bottle]
    wishes = Array.new(40) { |index| [[pieces[index % 6], pieces[(index + 1) % 6]], []] }
    way = arrange(wishes, pieces.to_h { |piece| [piece, 5] })
    needed = way.each_with_index.flat_map { |choice, person| choice ? wishes[person][choice] : [] }.tally
    expect(needed.values.max).to be <= 5
  end
end
