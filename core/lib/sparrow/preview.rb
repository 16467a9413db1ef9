# frozen_string_literal: true

module Sparrow
  # Everything that can be said of a workout document at once: times, lanes,
  # calls and findings, in the form that the interface is drawn from.
  class Preview
    # @param document [Hash] a workout document
    # @raise [Refused] where the document is not sound
    def initialize(document, catalogue: Catalogue.house)
      @workout = Plan.read(document, catalogue: catalogue)
      @timeline = Plan::Timeline.compile(@workout)
      @capacity = Capacity::Lanes.new(@timeline)
      @findings = Review.of(@timeline, catalogue: catalogue, capacity: @capacity)
    end

    attr_reader :workout, :timeline, :findings

    # @return [Boolean] whether it can be run as it stands
    def ready?
      findings.none? { |finding| finding.severity == "stop" }
    end

    # @return [Hash] as POST /api/preview answers; times in whole seconds
    def to_h
      {**without_calls, "cues" => Plan::Cues.of(timeline).map { |cue| cue(cue) }}
    end

    # The same, its list of calls empty: for who is typing, and calls nothing yet.
    def without_calls
      sums = timeline.blocks.map(&:sums)
      {
        "total_s" => timeline.total_s, "ready" => ready?,
        "blocks" => timeline.blocks.zip(sums).map { |line, block_sums| block(line, block_sums) },
        "lanes" => Level::ALL.to_h { |level| [level, lane(sums.map { |block_sums| block_sums.fetch(level) }.reduce(Plan::Sums.none, :+))] },
        "balance" => Plan::Balance.new(timeline).to_h,
        "cues" => [],
        "findings" => findings.map(&:to_h)
      }
    end

    private

    def block(line, sums)
      block = line.block
      shown = {
        "id" => block.id, "format" => block.format.id, "paced" => block.paced?, "start_s" => line.start_s, "total_s" => line.total_s,
        "rounds" => block.round_count,
        "lanes" => Level::ALL.to_h do |level|
          [level, lane(sums.fetch(level)).merge("segments" => line.lanes.fetch(level).map { |segment| segment(segment) })]
        end,
        "stations" => block.stations.map { |station| station(block, station) }, "kit" => kit.of(block)
      }
      shown["tally"] = block.format.tally if block.format.tally
      shown["forecast"] = line.forecast.transform_values(&:to_h) if line.forecast
      shown["gates"] = gates(line) if line.gates
      shown["groups"] = line.groups.map { |group| group(group) } if line.groups
      shown
    end

    # Where the people are waited for. A cap ends by the clock, and needs no waiting.
    def gates(line)
      line.gates.map do |gate|
        end_s = [gate.end_s, line.end_s].min
        {"start_s" => gate.start_s, "end_s" => end_s, "round" => gate.round, "station" => gate.station&.id,
         "waits" => !(line.ends_by_cap? && end_s == line.end_s)}
      end
    end

    def group(group)
      {"label" => group.label, "stops" => group.stops.map do |stop|
        {"start_s" => stop.start_s, "seconds" => stop.seconds, "round" => stop.round, "station" => stop.station.id}
      end}
    end

    def kit
      @kit ||= Plan::Kit.new(workout)
    end

    def lane(sums)
      seconds = Plan::Sums::KINDS.to_h { |kind| ["#{kind}_s", sums[kind]] }
      {"total_s" => sums.total_s, **seconds, "reps_counted" => sums.reps_counted, "moves" => sums.moves}
    end

    # Keys that hold nothing are left out: the answer is sent at every keystroke.
    def segment(segment)
      return {"kind" => segment.kind, "start_s" => segment.start_s, "seconds" => segment.seconds} unless segment.station
      shown = {"kind" => segment.kind, "start_s" => segment.start_s, "seconds" => segment.seconds, "station" => segment.station.id, "round" => segment.round}
      shown["side"] = segment.side if segment.side
      shown["level"] = segment.level if segment.level
      shown
    end

    def station(block, station)
      levels = Level::ALL.to_h { |level| [level, cell(block, station, level)] }
      {"id" => station.id, "name" => station.name, "levels" => levels}
    end

    # As the board shows a level at a station. What is there for some only is left
    # out for the others: the answer is sent at every keystroke.
    def cell(block, station, level)
      fit = Planning::WindowFit.of(block, station, level)
      prescription = fit.prescription
      counted = station.counts ? station.counts.fetch(level).values.sum : prescription.reps_counted
      shown = {
        "target" => Planning::Wording.at(station, level).to_s, "reps_counted" => counted, "moves" => prescription.counting.moves(counted),
        "window_s" => fit.window_s, "set_s" => set_s(block, station, prescription, fit: fit), "fits" => fit.fits,
        "seconds_per_move" => prescription.seconds_per_move&.to_f
      }
      beside(shown, block, station, fit: fit)
    end

    def beside(shown, block, station, fit:)
      prescription = fit.prescription
      number = offer(block, station, prescription, fit: fit)
      shown["left_s"] = fit.left_s if fit.left_s
      shown["offer"] = number if number
      shown["tempo"] = prescription.tempo.to_s if prescription.tempo
      shown["load_kg"] = prescription.load_kg if prescription.load_kg
      shown["filled"], shown["filled_as"] = prescription.filled, Planning::Wording.number(prescription) if prescription.filled.any?
      shown["per_round"] = station.counts.fetch(prescription.level).values if station.counts
      point = @capacity.worst(prescription)
      shown["reserve"] = reserve(point) if point
      shown
    end

    def set_s(block, station, prescription, fit:)
      return fit.set_s unless block.paced?
      prescription.set_s(station.counts ? (station.counts.fetch(prescription.level).values.max || 0) : prescription.reps_counted)
    end

    # The number that fits the window as numbers are called, for one keystroke.
    def offer(block, station, prescription, fit:)
      return unless fit.fits&.positive?
      number = Planning::Solve::Cell.new(block, station, prescription).rounded_to_call(fit.fits)
      number if number.positive? && number != prescription.reps_counted
    end

    # What the level's house profile leaves in its worst round; an estimate.
    def reserve(point)
      {"left" => point.reserve.round(1), "round" => point.round, "unit" => point.by_time ? "s" : "moves"}
    end

    def cue(cue)
      if cue.station && cue.levels.nil?
        return {"at_s" => cue.at_s, "kind" => cue.kind, "text" => cue.text, "block" => cue.block, "station" => cue.station, "round" => cue.round}
      end
      shown = {"at_s" => cue.at_s, "kind" => cue.kind, "text" => cue.text}
      shown["levels"] = cue.levels if cue.levels
      shown["block"] = cue.block if cue.block
      shown["station"] = cue.station if cue.station
      shown["round"] = cue.round if cue.round
      shown
    end
  end
end
