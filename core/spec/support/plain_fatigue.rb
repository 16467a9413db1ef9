# frozen_string_literal: true

# The model of fatigue once more, as plainly as it can be told, with nothing taken
# from the code that it checks: every pattern by itself, a set at a time.
class PlainFatigue
  TIME_CONSTANTS = {fast: 35.0, slow: 400.0}.freeze
  PARTS = {fast: 0.7, slow: 0.3}.freeze

  def initialize
    @stores = Hash.new { |hash, pattern| hash[pattern] = {fast: 0.0, slow: 0.0} }
    Sparrow::Catalogue::Movement::PATTERNS.each { |pattern| @stores[pattern] }
  end

  # @return [Float] the part of the fresh maximum that is there now
  def left(pattern)
    [0.0, 1 - @stores[pattern].values.sum].max
  end

  def rest(seconds, but: nil)
    return unless seconds.positive?
    @stores.each do |pattern, stores|
      stores.each_key { |store| stores[store] *= Math.exp(-seconds / TIME_CONSTANTS.fetch(store)) } unless pattern == but
    end
  end

  # @param share [Float] what is done, as a part of the fresh maximum
  def work(pattern, share, seconds = 0)
    rest(seconds, but: pattern)
    @stores.each do |other, stores|
      added = [1.0, share].min**1.5 * Sparrow::Capacity::FatigueSimulation.share(pattern, other)
      stores.each_key { |store| stores[store] += PARTS.fetch(store) * added }
    end
  end
end
