# frozen_string_literal: true

require "date"

# People of every kind in one class, always the same.
class FullRoom
  TODAY = Date.new(2026, 11, 24)
  PEOPLE = 40
  # There are benches for few, and enough of all else.
  KIT = {"chair" => 40, "bench" => 4, "mat" => 40, "bar" => 40, "step" => 40, "table" => 40, "bottle" => 40, "band" => 40}.freeze
  # Of six pieces there are fewer than forty people might want.
  SCARCE = KIT.merge("chair" => 12, "step" => 8, "mat" => 30, "bench" => 6, "bottle" => 30, "band" => 12).freeze
  TESTED = %w[push_up.floor squat.parallel row.long sit_up.crunch].freeze

  attr_reader :timeline

  # @param size [Integer] people
  def initialize(timeline, size: PEOPLE)
    @timeline = timeline
    @size = size
  end

  def kit
    KIT
  end

  # @return [Hash{String => Integer}] as scarce for so many as SCARCE is for forty
  def scarce
    SCARCE.transform_values { |count| (count * @size / PEOPLE.to_f).ceil }
  end

  # @return [Sparrow::Fitting::Sheet]
  def fit(kit)
    Sparrow::Fitting::Sheet.new(timeline, people, kit: kit)
  end

  # @return [Array<Sparrow::Fitting::Participant>]
  def people
    @people ||= Array.new(@size) { |index| person(index) }
  end

  private

  def person(index)
    level = Sparrow::Level::ALL[index % 3]
    estimates = Sparrow::Capacity::Estimates.new(levels: {}, pacing_level: level, evidence: index.even? ? evidence(index) : [], today: TODAY)
    Sparrow::Fitting::Participant.new(
      id: index.to_s, name: "Person #{index}", pacing_level: level, estimates: estimates, state: (index % 7).zero? ? "tired" : "fresh",
      sore: (index % 11).zero? ? ["knee"] : [], limits: limits(index), newcomer: (index % 9).zero?, screening: "clear", choices: {}
    )
  end

  def evidence(index)
    TESTED.map do |id|
      variation = Sparrow::Catalogue.house.variation(id)
      Sparrow::Capacity::Evidence.new(pattern: variation.pattern, variation: variation, yields: "reps", amount: 4 + index, on: TODAY - 20, source: "measured")
    end
  end

  def limits(index)
    return [] unless (index % 5).zero?
    [Sparrow::People::Limits::Limit.new(kind: Sparrow::People::Limits::KINDS[index % Sparrow::People::Limits::KINDS.size], severity: index.even? ? "avoid" : "gently")]
  end
end
