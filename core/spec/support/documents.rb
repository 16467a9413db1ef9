# frozen_string_literal: true

# Workout documents for the specs, small enough to check by hand.
module Documents
  # @param blocks [Array<Hash>]
  # @param rest [Hash] further keys of the document
  def workout_document(*blocks, **rest)
    {"format" => "willing-sparrow/workout", "version" => 1, "title" => "Lock-gate Tuesday",
     "blocks" => blocks, **rest.transform_keys(&:to_s)}
  end

  # @param stations [Integer, Array<Hash>] so many plain stations, or these
  def intervals(stations = 3, **keys)
    stations = Array.new(stations) { |index| station("s#{index + 1}") } if stations.is_a?(Integer)
    {"id" => "main", "role" => "main", "format" => "intervals", "rounds" => 1, "work_s" => 40, "rest_s" => 20,
     "stations" => stations, **keys.transform_keys(&:to_s)}
  end

  # @param levels [Hash{String => Hash}] keys laid over the movement's opening prescriptions
  def station(id = "s1", movement: "glute_bridge", levels: {}, **keys)
    opening = Sparrow::Catalogue.house.movement(movement).opening_prescriptions
    {"id" => id, "movement" => movement, **keys.transform_keys(&:to_s),
     "levels" => opening.merge(levels) { |_, input, laid_over| input.merge(laid_over) }}
  end

  def pause(seconds = 60, **keys)
    {"id" => "pause", "role" => "pause", "format" => "pause", "seconds" => seconds, **keys.transform_keys(&:to_s)}
  end

  def timeline_of(*blocks, **rest)
    Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(workout_document(*blocks, **rest)))
  end

  # The problems with which a document is refused, by pointer.
  def refusal_of(document)
    Sparrow::Plan.read(document)
    {}
  rescue Sparrow::Refused => refused
    refused.problems.to_h { |problem| [problem.pointer, problem.message] }
  end

  # Work, rest, waiting, done … of a lane, zeros left out.
  def seconds_of(timeline, level)
    timeline.sums.fetch(level).seconds.reject { |_, seconds| seconds.zero? }
  end

  # A deep copy, so that one example's change stays its own.
  def copy(document)
    JSON.parse(JSON.generate(document))
  end
end
