# frozen_string_literal: true

module Sparrow
  # Everything that can be said of a workout document at once: times, lanes,
  # calls and findings, in the form that the interface is drawn from.
  class Preview
    # @param document [Hash] a workout document
    # @raise [Refused] where the document is not sound
    def initialize(document, catalogue: Catalogue.house)
      @workout = Circuit.read(document, catalogue: catalogue)
      @timeline = Timeline.compile(@workout)
      @findings = Review.of(@timeline, catalogue: catalogue)
    end

    attr_reader :workout, :timeline, :findings

    # @return [Boolean] whether it can be run as it stands
    def ready?
      findings.none? { |finding| finding.severity == "stop" }
    end

    # @return [Hash] as POST /api/preview answers; times in whole seconds
    def to_h
      sums = timeline.blocks.map(&:sums)
      {
        "total_s" => timeline.total_s, "ready" => ready?,
        "blocks" => timeline.blocks.zip(sums).map { |line, block_sums| block(line, block_sums) },
        "lanes" => Level::ALL.to_h { |level| [level, lane(sums.map { |block_sums| block_sums.fetch(level) }.reduce(Timeline::Sums.none, :+))] },
        "cues" => Cues.of(timeline).map { |cue| cue(cue) },
        "findings" => findings.map(&:to_h)
      }
    end

    private

    def block(line, sums)
      {
        "id" => line.block.id, "start_s" => line.start_s, "total_s" => line.total_s, "rounds" => line.block.round_count,
        "lanes" => Level::ALL.to_h do |level|
          [level, lane(sums.fetch(level)).merge("segments" => line.lanes.fetch(level).map { |segment| segment(segment) })]
        end,
        "stations" => line.block.stations.map { |station| station(line.block, station) }
      }
    end

    def lane(sums)
      seconds = Timeline::KINDS.to_h { |kind| ["#{kind}_s", sums[kind]] }
      {"total_s" => sums.total_s, **seconds, "reps_counted" => sums.reps_counted, "moves" => sums.moves}
    end

    # Keys that hold nothing are left out: the answer is sent at every keystroke.
    def segment(segment)
      shown = {"kind" => segment.kind, "start_s" => segment.start_s, "seconds" => segment.seconds}
      return shown unless segment.station
      shown["station"] = segment.station.id
      shown["round"] = segment.round
      shown["side"] = segment.side if segment.side
      shown["level"] = segment.level if segment.level
      shown
    end

    def station(block, station)
      levels = Level::ALL.to_h do |level|
        fit = Targets::WindowFit.of(block, station, level)
        take = fit.prescription
        [level, {
          "target" => Targets::Wording.of(take), "reps_counted" => take.reps_counted, "moves" => take.moves,
          "window_s" => fit.window_s, "set_s" => fit.set_s, "fits" => fit.fits,
          "seconds_per_move" => take.seconds_per_move&.to_f
        }]
      end
      {"id" => station.id, "name" => station.name, "levels" => levels}
    end

    def cue(cue)
      shown = {"at_s" => cue.at_s, "kind" => cue.kind, "text" => cue.text}
      shown["levels"] = cue.levels if cue.levels
      shown["block"] = cue.block if cue.block
      shown["station"] = cue.station if cue.station
      shown["round"] = cue.round if cue.round
      shown
    end
  end
end
