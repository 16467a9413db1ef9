# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # What still finishes apart when all is chosen, and why no number mends it: for each such row the level that is through
      # first, and what keeps it from more.
      class Apart
        # So many seconds apart nobody calls apart.
        MUCH_S = 4

        # @param lines [Array<Plan::BlockLine>] before
        # @param after [Plan::Timeline]
        # @param rows [Array<Hash>] as in FinishGaps
        # @param kept [Array<String>] ids of blocks in which no numbers are chosen
        def initialize(lines, after, rows, kept:)
          @lines = lines.to_h { |line| [line.block.id, line] }
          @after = after
          @rows = rows.reject { |row| kept.include?(row["block"]) }
          @capacity = Capacity::Lanes.new(after)
        end

        # @return [Array<Hash>] "block", "station", "level" and "why"
        def all
          @rows.select { |row| row["spread_after_s"] > MUCH_S }.filter_map do |row|
            level, = row["after"].compact.min_by(&:last)
            why = why(row, level) or next
            {"block" => row["block"], "station" => row["station"], "level" => level, "why" => why.to_s}
          end
        end

        private

        def why(row, level)
          block = @after.blocks[@lines.fetch(row["block"]).block.position].block
          return Sparrow.say("planning.totals_follow_from_shares_in_fives") if block.format.totals?
          cells = block.stations.select { |station| [nil, station.id].include?(row["station"]) && station.at(level) }.map { |station| Cell.new(block, station, station.at(level)) }
          held = cells.find { |cell| cell.number.nil? || (block.timed? && !cell.counted?) } and return Sparrow.say("planning.has_no_number_to_turn", name: held.prescription.variation&.name || held.station.name)
          return Sparrow.say("planning.more_would_leave_too_little", level: Level.words(level)) if cells.any? { |cell| tired?(cell) }
          Sparrow.say("planning.any_other_number_would_end_further_apart")
        end

        # Whether one step more would not leave the reserve.
        def tired?(cell)
          return false unless cell.counted?
          above = cell.number + cell.step(cell.number)
          @capacity.highest(cell.prescription, reserve: cell.block.house.reserve, below: above + 1) < above
        end
      end
    end
  end
end
