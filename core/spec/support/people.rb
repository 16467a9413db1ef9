# frozen_string_literal: true

require "date"

# People for the fitting specs, as little of them as a spec needs.
module People
  TODAY = Date.new(2026, 11, 24)

  # @param strengths [Hash{String => Array}] a variation to the clean number done there
  # @param rest [Hash] further fields of a participant
  def person(id = "tamsin", level: "intermediate", levels: {}, measured: {}, on: TODAY - 7, **rest)
    estimates = Sparrow::Capacity::Estimates.new(levels: levels, pacing_level: level, evidence: evidence(measured, on), today: TODAY)
    Sparrow::Fitting::Participant.new(id: id, name: id.capitalize, pacing_level: level, estimates: estimates, state: "fresh", sore: [], limits: [],
      newcomer: false, screening: "clear", choices: {}, **rest)
  end

  def evidence(measured, on, source: "measured", bound: false)
    measured.map do |id, amount|
      variation = Sparrow::Catalogue.house.variation(id)
      Sparrow::Capacity::Evidence.new(pattern: Sparrow::Capacity::Load.kind(variation), variation: variation, yields: Sparrow::Capacity.by_time?(variation) ? "hold" : "reps", amount: amount, on: on, source: source, bound: bound)
    end
  end

  def limit(kind, severity: "avoid", **rest)
    Sparrow::People::Limits::Limit.new(kind: kind, severity: severity, **rest)
  end

  # @return [Sparrow::Fitting::Sheet]
  def fit(people, *blocks, kit: nil, **rest)
    Sparrow::Fitting::Sheet.new(timeline_of(*blocks, **rest), people.is_a?(Array) ? people : [people], kit: kit)
  end

  # @return [Sparrow::Fitting::Cell] of one person at the first station of the first block, or another
  def cell_of(people, *blocks, at: 0, **rest)
    everybody = people.is_a?(Array) ? people : [people]
    fit(everybody, *blocks, **rest).cells(everybody.first.id)[at]
  end
end
