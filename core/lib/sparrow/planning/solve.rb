# frozen_string_literal: true

module Sparrow
  module Planning
    # Reps (or holds) per level, chosen so that the lanes finish together: each
    # lane as near as it can be to the window's fill from below, rounded down, in
    # the order of the levels, and with the reserve left in the worst round.
    # Nothing is changed here; a patch is offered with the spread before and after.
    class Solve
      CHOICES = %w[numbers work].freeze

      # @param workout [Plan::Workout]
      # @param block [String, nil] an id; nil for the whole class
      # @param station [String, nil] an id in that block
      # @param window_s [Integer, nil] in place of the block's own window
      # @param choose [String] one of CHOICES: the numbers, or the work time that they need
      # @raise [Refused] where there is no such place
      def initialize(workout, block: nil, station: nil, window_s: nil, choose: "numbers", catalogue: Catalogue.house)
        @catalogue = catalogue
        @workout = workout
        @timeline = Plan::Timeline.compile(workout)
        @capacity = Capacity::Lanes.new(@timeline)
        @lines = lines(block)
        @station = station
        @window_s = window_s
        @work = choose == "work"
        check(station)
      end

      # @return [Hash] "changes" (see Change), "patch" (JSON Patch), "rows" (a station of a timed
      #   block or a whole paced one, with each level's seconds before and after and both spreads),
      #   "apart" (what still finishes apart, and why no number mends it), "kept" (blocks whose numbers are not chosen so, with
      #   the reason) and the class's seconds
      def call
        changes = pinned(@lines.flat_map { |line| changes_of(line) })
        worse = rows(after(patch(changes))).select { |row| worse?(row) }
        changes = changes.reject { |change| worse.any? { |row| row["block"] == change.block && [nil, change.station].include?(row["station"]) } }
        patch = patch(changes)
        after = after(patch)
        rows = rows(after)
        kept = @lines.filter_map { |line| (why = kept(line)) && {"block" => line.block.id, "why" => why} }
        {
          "changes" => changes.map { |change| change.to_h.transform_keys(&:to_s) }, "patch" => patch,
          "rows" => rows, "apart" => @work ? [] : Apart.new(@lines, after, rows, kept: kept.map { |held| held["block"] }).all,
          "kept" => kept,
          "total_before_s" => @timeline.total_s, "total_after_s" => after.total_s
        }
      end

      private

      def lines(id)
        found = @timeline.blocks.select { |line| id.nil? || line.block.id == id }
        raise Refused.at("/block", Sparrow.say("planning.is_not_a_block_of_this")) if found.empty? && id
        found
      end

      def check(id)
        return if id.nil? || @lines.any? { |line| line.block.stations.any? { |station| station.id == id } }
        raise Refused.at("/station", Sparrow.say("planning.is_not_a_station_of_that"))
      end

      def changes_of(line)
        return [] if kept(line)
        return WorkTimes.new(line, @station).changes if @work
        return shares(line).changes if line.block.format.totals?
        line.block.timed? ? ByWindow.new(line, @capacity, @station, window_s: @window_s).changes : ByPace.new(line, @capacity, @station, window_s: @window_s).changes
      end

      # A number that the school makes of the advanced one would go along with it: where that is turned, the others are
      # written down as they are.
      def pinned(changes)
        turned = changes.select { |change| change.level == Level::ALL.last && %w[reps hold_s].include?(change.key) }
        changes + turned.flat_map do |change|
          block = @lines.find { |line| line.block.id == change.block }.block
          station = block.stations.find { |held| held.id == change.station }
          station.levels.except(*changes.select { |other| other.station == change.station && other.block == change.block }.map(&:level)).filter_map { |_, cell| pin(block, station, cell) }
        end
      end

      def pin(block, station, cell)
        key = %w[reps hold_s].find { |held| cell.filled.include?(held) } or return
        range = (key == "reps") ? cell.reps : cell.hold
        number = (range.min == range.max) ? range.max : {"min" => range.min, "max" => range.max}
        Change.new(pointer: "#{cell.pointer}/#{key}", block: block.id, station: station.id, level: cell.level, key: key, from: number, to: number)
      end

      # Further apart, with nobody through sooner than the slowest was: into a cap numbers are brought in any case.
      def worse?(row)
        row["spread_after_s"] > row["spread_before_s"] && row["after"].values.compact.max >= row["before"].values.compact.max
      end

      def rows(after)
        @lines.flat_map { |line| FinishGaps.of(line, after.blocks[line.block.position], @station, work: @work) }
      end

      def shares(line)
        (@shares ||= {})[line.block.id] ||= ByShares.new(line, @workout, window_s: @window_s, catalogue: @catalogue)
      end

      ONE_STATION = Sparrow.say("planning.its_totals_follow_from_the_blocks")
      NO_SHARES = Sparrow.say("planning.its_totals_are_the_same_for")

      # @return [String, nil] why nothing is chosen in this block
      def kept(line)
        format = line.block.format
        return format.why_no_work_time if @work
        return format.why_no_targets unless format.totals?
        return NO_SHARES unless shares(line).turns?
        ONE_STATION if @station
      end

      # Shares that stand nowhere yet get their place first.
      def patch(changes)
        opened = changes.select { |change| change.key == "share" }.map(&:block).uniq.filter_map do |id|
          line = @lines.find { |candidate| candidate.block.id == id }
          "#{line.block.pointer}/shares" unless @workout.document["blocks"][line.block.position].key?("shares")
        end
        [*opened.map { |pointer| [pointer, {}] }, *changes.map { |change| [change.pointer, change.to] }]
          .map { |path, value| {"op" => "add", "path" => path, "value" => value} }
      end

      def after(patch)
        Plan::Timeline.compile(Plan.read(Pointer.put(@workout.document, patch.map { |step| step.values_at("path", "value") }), catalogue: @catalogue))
      end
    end
  end
end
