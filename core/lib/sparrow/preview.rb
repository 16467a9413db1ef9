# frozen_string_literal: true

module Sparrow
  # Everything that can be said of a workout document at once: times, lanes,
  # calls and findings, in the form that the interface is drawn from.
  class Preview
    # Characters of a block's tag: enough that two of one circuit's are never the same by chance.
    TAG_LENGTH = 16
    # Of a block that is being typed in: nobody will have seen its next figures before.
    NO_TAG = ""

    # @param document [Hash] a workout document
    # @param kept [Plan::KeptBlocks] where what was made of the same blocks before is found
    # @raise [Refused] where the document is not sound
    # @param timeline [Plan::Timeline] of the document, where it was laid out already and may have been changed since
    # @param rules_off [Array<String>] names of rules of the review that the studio has no use for
    def initialize(document, catalogue: Catalogue.house, kept: Plan::KeptBlocks::NONE, timeline: nil, rules_off: [])
      @kept = kept
      @timeline = timeline || Plan::Timeline.compile(Plan.read(document, catalogue: catalogue, kept: kept), kept: kept)
      @workout = @timeline.workout
      @capacity = Capacity::Lanes.new(@timeline, kept: kept)
      @findings = Review.of(@timeline, catalogue: catalogue, capacity: @capacity, kept: kept, off: rules_off)
    end

    attr_reader :workout, :timeline, :findings

    # @return [Boolean] whether it can be run as it stands
    def ready?
      findings.none? { |finding| finding.severity == "stop" }
    end

    # @return [Hash] as POST /api/preview answers; times in whole seconds
    def to_h
      {**without_calls, "cues" => cues, "sections" => timeline.sections}
    end

    # The same, its list of calls empty: for who is typing, and calls nothing yet.
    # @param seen [Hash{String => String}, nil] the tags of the blocks that whoever asks has, by the
    #   block's id: what is still the same of them is left out, and "as_seen" names them
    def without_calls(seen: nil)
      sums = timeline.blocks.map { |line| @kept.made(line.block, :sums, line.start_s) { line.sums } }
      {
        "total_s" => timeline.total_s, "ready" => ready?,
        **blocks(sums, seen),
        "lanes" => Level::ALL.to_h { |level| [level, lane(sums.map { |block_sums| block_sums.fetch(level) }.reduce(Plan::Sums.none, :+))] },
        "balance" => Plan::Balance.new(timeline, kept: @kept).to_h,
        "cues" => [], "sections" => [],
        "findings" => findings.map(&:to_h)
      }
    end

    private

    # In words already: they are sent as they are.
    def cues
      called = Plan::Cues.of(timeline, kept: @kept)
      called.empty? ? [] : @kept.made(workout.blocks.last, :shown_cues, called) { called.map { |cue| cue(cue) } }
    end

    def blocks(sums, seen)
      parts = timeline.blocks.zip(sums).map { |line, block_sums| [figures(line, block_sums), segments(line)] }
      return {"blocks" => parts.map { |figures, segments| whole(figures, segments) }} unless seen
      told = {"blocks" => [], "figures" => [], "as_seen" => []}
      timeline.blocks.zip(parts) do |line, (figures, segments)|
        tags = [(@kept.typed?(line.block) ? NO_TAG : tag(line.block, :figures_tag, figures)), tag(line.block, :segments_tag, segments)]
        how, what = changed(figures, segments, tags.zip(seen[line.block.id].to_s.split(".")).map { |tag, before| tag != NO_TAG && tag == before })
        told[how] << (what.is_a?(Hash) ? {**what, "tag" => tags.join(".")} : what)
      end
      told
    end

    # Where a number is typed the segments mostly stay, and they are most of what is sent of a block.
    # @param same [Array(Boolean, Boolean)] whether figures and segments are as whoever asks has them
    # @return [Array(String, Object)] under which key a block is told, and what of it
    def changed(figures, segments, same)
      case same
      when [true, true] then ["as_seen", figures["id"]]
      when [false, true] then ["figures", figures]
      else ["blocks", whole(figures, segments)]
      end
    end

    def tag(block, name, part)
      @kept.made(block, name, part) { Digest::SHA256.hexdigest(JSON.generate(part))[0, TAG_LENGTH] }
    end

    def whole(figures, segments)
      {**figures, "lanes" => figures["lanes"].to_h { |level, sums| [level, {**sums, "segments" => segments.fetch(level)}] }}
    end

    def segments(line)
      @kept.made(line.block, :segments, line.start_s) do
        Level::ALL.to_h { |level| [level, line.lanes.fetch(level).map { |segment| segment(segment) }] }
      end
    end

    # All but the segments. It hangs on how many come, and on what tiredness leaves of each cell.
    def figures(line, sums)
      block = line.block
      left = block.stations.map { |station| left(station) }
      @kept.made(block, :figures, line.start_s, workout.head_count, left) do
        {**on_the_clock(line, sums), "stations" => block.stations.zip(left).map { |station, reserves| station(block, station, reserves) }, "kit" => kit.of(block)}
      end
    end

    # What each level's house profile leaves at a station in its worst round; an estimate.
    # @return [Array<Hash, nil>] per level
    def left(station)
      Level::ALL.map do |level|
        point = station.at(level) && @capacity.worst(station.at(level)) or next
        {"left" => point.reserve.round(1), "round" => point.round, "unit" => point.by_time ? "s" : "moves"}
      end
    end

    def on_the_clock(line, sums)
      block = line.block
      shown = {
        "id" => block.id, "format" => block.format.id, "paced" => block.paced?, "start_s" => line.start_s, "total_s" => line.total_s,
        "rounds" => block.round_count, "lanes" => Level::ALL.to_h { |level| [level, lane(sums.fetch(level))] }
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
      @kit ||= Plan::Kit.new(workout, kept: @kept)
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

    def station(block, station, reserves)
      @kept.made(station, :cells, reserves) do
        levels = Level::ALL.zip(reserves).to_h { |level, reserve| [level, reserve ? {**cell(block, station, level), "reserve" => reserve} : cell(block, station, level)] }
        {"id" => station.id, "name" => station.name, "levels" => levels}
      end
    end

    # As the board shows a level at a station. What is there for some only is left
    # out for the others: the answer is sent at every keystroke.
    def cell(block, station, level)
      @kept.made(station, level) { station.at(level) ? measured(block, station, level) : SITS_OUT }
    end

    SITS_OUT = {"target" => Sparrow.say("planning.sits_this_out").to_s, "reps_counted" => 0, "moves" => 0, "window_s" => nil, "set_s" => nil, "fits" => nil, "seconds_per_move" => nil}.freeze
    private_constant :SITS_OUT

    def measured(block, station, level)
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

    def cue(cue)
      shown = {"at_s" => cue.at_s, "says_s" => cue.says_s, "kind" => cue.kind, "text" => cue.text.to_s}
      shown["short"] = cue.short.to_s unless cue.short.equal?(cue.text)
      shown["levels"] = cue.levels if cue.levels
      shown["block"] = cue.block if cue.block
      shown["station"] = cue.station if cue.station
      shown["round"] = cue.round if cue.round
      shown
    end
  end
end
