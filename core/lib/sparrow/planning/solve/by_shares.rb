# frozen_string_literal: true

module Sparrow
  module Planning
    class Solve
      # A ladder's totals follow from its shares, so the shares are turned: in
      # fives, the highest with which the level is through in time and has its
      # reserve in the worst round. All levels are tried at once, by halving.
      class ByShares
        STEP = 5
        # What one try of the three shares comes to, per level.
        Seen = Value.row(:time_s, :keeps)

        # @param workout [Plan::Workout]
        def initialize(line, workout, window_s:, catalogue:)
          @line = line
          @block = line.block
          @workout = workout
          @catalogue = catalogue
          @window_s = window_s
          @input = workout.document.fetch("blocks").fetch(@block.position)
        end

        # @return [Boolean] whether any of its totals follows from the block's shares
        def turns?
          turning.any?
        end

        # @return [Array<Change>]
        def changes
          chosen = in_order(Level::ALL.to_h { |level| [level, nil] }.merge(highest { |seen| seen.time_s <= common_s }, highest { |seen| seen.time_s <= common_s && seen.keeps }))
          chosen.filter_map do |level, share|
            from = share_of(level)
            next if share.nil? || share == from
            Change.new(pointer: "#{@block.pointer}/shares/#{level}", block: @block.id, level: level, key: "share", from: from, to: share)
          end
        end

        private

        def turning
          @turning ||= @block.stations.zip(@input.fetch("stations")).select do |station, input|
            station.counts && !input.key?("shares") && (input["scaling"] || @input["scaling"]) == "share"
          end
        end

        def share_of(level)
          input = (@input["shares"] || {})[level]
          input || (@block.house.share(:shares, level) * 100).to_i
        end

        def common_s
          @common_s ||= begin
            fill = Rational(@block.house.fill, 100)
            aim_s = @window_s || @block.target_s
            aim_s ? aim_s * fill : [Level::ALL.map { |level| LaneTime.waitless(@line, level) }.max, *(@block.cap_s && @block.cap_s * fill)].min
          end
        end

        # @return [Hash{String => Integer}] level to the highest share that is fine; a level without one is left out
        def highest
          low = Level::ALL.to_h { |level| [level, 0] }
          high = Level::ALL.to_h { |level| [level, candidates(level).size - 1] }
          found = {}
          until (open = Level::ALL.select { |level| low[level] <= high[level] }).empty?
            middle = open.to_h { |level| [level, (low[level] + high[level]) / 2] }
            seen = look(middle.to_h { |level, index| [level, candidates(level)[index]] })
            middle.each do |level, index|
              next high[level] = index - 1 unless yield seen.fetch(level)
              found[level] = candidates(level)[index]
              low[level] = index + 1
            end
          end
          found
        end

        # Shares with which every round of every station still has its reps.
        def candidates(level)
          (@candidates ||= {})[level] ||= STEP.step(100, STEP).select do |share|
            shared = @input.merge("shares" => {level => share})
            turning.all? { |station, input| station.at(level).nil? || Formats::Ladder::Counts.new(input, shared, @block.house, levels: station.levels).spreads?(level) }
          end
        end

        def look(shares)
          tried = Level::ALL.to_h { |level| [level, shares[level] || share_of(level)] }
          (@looked ||= {})[tried] ||= begin
            document = @workout.document.merge("blocks" => @workout.document["blocks"].dup.tap { |blocks| blocks[@block.position] = @input.merge("shares" => tried) })
            timeline = Plan::Timeline.compile(Plan::Build.new(document, @catalogue).workout)
            line = timeline.blocks[@block.position]
            lanes = Capacity::Lanes.new(timeline)
            Level::ALL.to_h { |level| [level, Seen.new(LaneTime.waitless(line, level), keeps?(line, lanes, level))] }
          end
        end

        def keeps?(line, lanes, level)
          turning.all? do |station, _|
            cell = line.block.stations.find { |other| other.id == station.id }.at(level)
            point = cell && lanes.worst(cell)
            point.nil? || point.keeps?(@block.house.reserve)
          end
        end

        # A lower level's share is never above a higher one's.
        def in_order(chosen)
          above = 100
          chosen.to_a.reverse.map do |level, share|
            share = candidates(level).reverse.find { |candidate| candidate <= [share, above].min } if share
            above = share || [share_of(level), above].min
            [level, share]
          end.reverse
        end
      end
    end
  end
end
