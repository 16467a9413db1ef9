# frozen_string_literal: true

# Work, rest and total of an intervals block by arithmetic alone, from the
# document and written apart from the timeline: it shares no code with it.
class ClosedForm
  LEVELS = %w[beginner intermediate advanced].freeze

  def initialize(block)
    @block = block
    @visits = (1..LEVELS.map { |level| rounds(level) }.max).flat_map do |round|
      block["stations"].select { |station| (station["in_rounds"] || [round]).include?(round) }.map { |station| [round, station] }
    end.select { |round, station| LEVELS.any? { |lane| works?(lane, round, station) } }
  end

  def total_s
    @block.fetch("get_ready_s", 0) + @visits.each_index.sum { |index| window(index) + gap(index) }
  end

  def work_s(lane)
    mine(lane).sum do |index|
      round, station = @visits[index]
      input = station["levels"][taken(lane, round)]
      stop = stop(station, input, round)
      next stop * 2 if each?(station)
      next stop unless (input["sides"] || station["sides"]) == "split"
      # The change of sides comes out of what a level that stops early waits, as far as that goes.
      (stop + 1) / 2 + [stop / 2, window(index) / 2 - @block.fetch("switch_s", 0)].min
    end
  end

  def rest_s(lane)
    on_the_way(lane).sum do |index|
      goes_on = index < mine(lane).last
      ended = index == @visits.size - 1 && @block["rest_after_last"]
      (goes_on || ended) ? own_rest(lane, index) : 0
    end
  end

  private

  def rounds(level)
    @block.fetch("rounds_by_level", {})[level] || @block["rounds"]
  end

  def mine(lane)
    @visits.each_index.select { |index| works?(lane, *@visits[index]) }
  end

  # Up to its last station a lane rests with the others at the end of a round, whether it worked there or not.
  def on_the_way(lane)
    mine(lane).empty? ? [] : (0..mine(lane).last).to_a
  end

  def works?(lane, round, station)
    round <= rounds(lane) && !station["levels"][taken(lane, round)]["sits_out"]
  end

  def taken(lane, round)
    @block["escalate"] ? LEVELS[[LEVELS.index(lane), round - 1].min] : lane
  end

  def stop(station, input, round)
    in_round(input["work_s"] || station["work_s"] || @block["work_s"], round)
  end

  # One number, or one for each round, the last of which stands for the rest.
  def in_round(seconds, round)
    seconds.is_a?(Array) ? (seconds[round - 1] || seconds.last) : seconds
  end

  def each?(station)
    station["sides"] == "each"
  end

  def window(index)
    round, station = @visits[index]
    longest = LEVELS.select { |level| mine(level).include?(index) }.map { |level| stop(station, station["levels"][taken(level, round)], round) }.max
    each?(station) ? longest * 2 + @block.fetch("switch_s", 0) : longest
  end

  def gap(index)
    last = index == @visits.size - 1
    return 0 if last && !@block["rest_after_last"]
    lanes = LEVELS.select { |level| last ? mine(level).last == index : mine(level).any? && mine(level).last > index }
    lanes.map { |level| own_rest(level, index) }.max
  end

  def own_rest(lane, index)
    round, station = @visits[index]
    following = @visits[index + 1]
    ends_round = following.nil? || following.first != round
    return @block["round_rest_s"] if ends_round && @block["round_rest_s"]
    input = station["levels"][taken(lane, round)]
    return 0 if input["sits_out"]
    in_round(input["rest_s"] || station["rest_s"] || @block["rest_s"], round)
  end
end
