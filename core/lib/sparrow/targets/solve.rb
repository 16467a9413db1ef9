# frozen_string_literal: true

module Sparrow
  module Targets
    # Reps (or holds) per level, chosen so that the lanes finish together: each
    # lane as near as it can be to the window's fill from below, rounded down, in
    # the order of the levels, and with the reserve left in the worst round.
    # Nothing is changed here; a patch is offered with the spread before and after.
    class Solve
      # @param document [Hash] a workout document
      # @param block [String, nil] an id; nil for the whole class
      # @param station [String, nil] an id in that block
      # @param window_s [Integer, nil] in place of the block's own window
      # @raise [Refused] where the document is not sound, or names no such place
      def initialize(document, block: nil, station: nil, window_s: nil, catalogue: Catalogue.house)
        @catalogue = catalogue
        @timeline = Timeline.compile(Circuit.read(document, catalogue: catalogue))
        @document = @timeline.workout.document
        @capacity = Capacity::Lanes.new(@timeline)
        @lines = lines(block)
        @station = station
        @window_s = window_s
        check(station)
      end

      # @return [Hash] "changes" ({pointer, block, station, level, from, to}), "patch" (JSON Patch),
      #   "rows" (a station of a timed block or a whole paced one, with each level's seconds
      #   before and after and both spreads) and "kept" (blocks whose numbers are not chosen so, with the reason)
      def call
        changes = @lines.flat_map { |line| changes_of(line) }
        after = after(changes)
        {
          "changes" => changes.map { |change| change.to_h.transform_keys(&:to_s) },
          "patch" => changes.map { |change| {"op" => "add", "path" => change.pointer, "value" => change.to} },
          "rows" => @lines.flat_map { |line| Spreads.of(line, after.fetch(line.block.id), @station) },
          "kept" => @lines.filter_map { |line| kept(line.block) }
        }
      end

      private

      def lines(id)
        found = @timeline.blocks.select { |line| id.nil? || line.block.id == id }
        raise Refused.new([Problem.new(pointer: "/block", message: "is not a block of this workout")]) if found.empty? && id
        found
      end

      def check(id)
        return if id.nil? || @lines.any? { |line| line.block.stations.any? { |station| station.id == id } }
        raise Refused.new([Problem.new(pointer: "/station", message: "is not a station of that block")])
      end

      def changes_of(line)
        return [] if kept(line.block)
        line.block.timed? ? ByWindow.new(line, @capacity, @station, @window_s).changes : ByPace.new(line, @capacity, @station, @window_s).changes
      end

      REASONS = {
        "pause" => "a pause has no targets", "quota" => "a day's total has no window", "ladder" => "a ladder's total decides; change its shares instead"
      }.freeze

      def kept(block)
        reason = REASONS[block.format]
        {"block" => block.id, "why" => reason} if reason
      end

      def after(changes)
        document = Pointer.put(@document, changes.map { |change| [change.pointer, change.to] })
        Timeline.compile(Circuit.read(document, catalogue: @catalogue)).blocks.to_h { |line| [line.block.id, line] }
      end
    end
  end
end
