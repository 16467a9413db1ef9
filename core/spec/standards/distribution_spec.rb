# frozen_string_literal: true

RSpec.describe Sparrow::Standards::Distribution do
  def spread(total, shape, rounds, **keys)
    described_class.over(total, described_class.weights(shape, rounds), **keys)
  end

  it "splits the worked totals as they are worked" do
    expect(spread(60, "descending", 4)).to eq([24, 18, 12, 6])
    expect(spread(60, "ascending", 4)).to eq([6, 12, 18, 24])
    expect(spread(54, "pyramid", 5)).to eq([6, 12, 18, 12, 6])
    expect(spread(50, "flat", 4)).to eq([13, 13, 12, 12])
    expect(spread(50, "descending", 4, step: 2)).to eq([20, 16, 10, 4])
  end

  it "gives a pyramid of an even number of rounds twin peaks" do
    expect(described_class.weights("pyramid", 4)).to eq([1, 2, 2, 1])
    expect(described_class.weights("pyramid", 6)).to eq([1, 2, 3, 3, 2, 1])
  end

  it "refuses a total that its step does not divide, and a round of nothing" do
    expect { spread(51, "flat", 4, step: 2) }.to raise_error(described_class::Impossible, /51 is not a multiple of 2/)
    expect { spread(3, "flat", 4) }.to raise_error(described_class::Impossible, /a round with nothing/)
    expect { spread(5, "descending", 5) }.to raise_error(described_class::Impossible)
  end

  it "always adds up to its total, in whole steps, whatever the shape" do
    g = PropCheck::Generators
    PropCheck.forall(units: g.choose(1..200), rounds: g.choose(1..12), step: g.choose(1..10), shape: g.one_of(*%w[flat descending ascending pyramid].map { |s| g.constant(s) }))
      .with_config(n_runs: 400) do |units:, rounds:, step:, shape:|
      counts = spread(units * step, shape, rounds, step: step)
      expect(counts.sum).to eq(units * step)
      expect(counts).to all(satisfy { |count| count.positive? && (count % step).zero? })
      expect(counts).to eq(counts.sort.reverse) if shape == "descending" && step == 1
    rescue described_class::Impossible
      next
    end
  end
end
