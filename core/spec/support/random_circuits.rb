# frozen_string_literal: true

# Random intervals blocks for the property tests.
module RandomCircuits
  G = PropCheck::Generators

  module_function

  def blocks
    G.fixed_hash(
      stations: G.array(station, min: 1, max: 5), rounds: G.choose(1..4), work_s: by_round(G.choose(12..70)), rest_s: by_round(G.choose(0..40)),
      round_rest_s: maybe(G.choose(0..90)), switch_s: G.choose(0..4), rest_after_last: G.boolean, escalate: G.boolean,
      rounds_by_level: maybe(G.fixed_hash(beginner: G.choose(1..3), advanced: G.choose(1..4))), get_ready_s: G.choose(0..15)
    ).map { |keys| block(keys) }
  end

  def station
    G.fixed_hash(
      sides: G.one_of(*%w[both split each].map { |sides| G.constant(sides) }), work_s: maybe(by_round(G.choose(12..60))),
      rest_s: maybe(by_round(G.choose(0..30))), stops: G.tuple(*Array.new(3) { maybe(by_round(G.choose(12..90))) }),
      rests: G.tuple(*Array.new(3) { maybe(by_round(G.choose(0..45))) }), out: maybe(G.choose(0..2)), in_rounds: maybe(G.array(G.choose(1..4), min: 1, max: 3))
    )
  end

  def maybe(generator)
    G.one_of(G.constant(nil), generator)
  end

  def by_round(generator)
    G.one_of(generator, G.array(generator, min: 2, max: 4))
  end

  def block(keys)
    stations = keys[:stations].each_with_index.map { |input, index| build(input, index) }
    rounds = keys[:rounds_by_level]&.transform_keys(&:to_s)
    {"id" => "b", "role" => "main", "format" => "intervals", **keys.except(:stations, :rounds_by_level).transform_keys(&:to_s),
     "rounds_by_level" => rounds, "stations" => stations}.compact
  end

  def build(input, index)
    levels = Sparrow::Level::ALL.each_with_index.to_h do |level, rank|
      [level, {"variation" => "squat.parallel", "work_s" => input[:stops][rank], "rest_s" => input[:rests][rank], "sits_out" => (true if input[:out] == rank)}.compact]
    end
    {"id" => "s#{index}", "movement" => "squat", "sides" => input[:sides], "work_s" => input[:work_s], "rest_s" => input[:rest_s],
     "in_rounds" => input[:in_rounds]&.uniq, "levels" => levels}.compact
  end
end
