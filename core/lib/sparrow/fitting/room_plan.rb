# frozen_string_literal: true

module Sparrow
  module Fitting
    # How a room is set up for a class: a spot for each person with the kit that they use there, for all blocks in which
    # everybody is at one station at a time; the stations with their kit and who begins at each, where groups rotate; and
    # what must be set out. Distances are in metres from the front left corner, as the instructor sees it who faces the
    # class: +x+ along the front, +y+ away from it.
    #
    # Walls are for who leans on one; who is new, sore or has a limit stands where the instructor sees them best; then
    # those of the lower levels first. House heuristics.
    class RoomPlan
      # What one person needs to lie down and to swing the arms, in square metres.
      EACH_M2 = 4
      # Taken for everybody where the size of the room is not known.
      GUESSED_M2 = 6
      # The front is the instructor's.
      FRONT_M = 1.5
      # So far from a wall one stands at least.
      WALL_M = 1.0

      # Where somebody stands is decided by what they do in these.
      WORKING = %w[main finisher].freeze

      # +kit+ has each piece as often as the person uses it at once; +wall+ says whether they lean on one.
      Spot = Value.row(:participant, :x, :y, :kit, :wall)
      # +kit+ is what whoever comes there needs at most; +beginners+ are those who begin there.
      StationSpot = Value.row(:block, :station, :x, :y, :kit, :people)
      # +there+ is nil where nobody has counted; +passed_on+ where not everybody who uses one can have one for themselves.
      Piece = Value.row(:name, :needed, :there, :passed_on)

      attr_reader :width_m, :depth_m

      # @param sheet [Sheet]
      # @param kit [Hash{String => Integer}, nil] pieces in the room
      # @param width_m [Integer, nil] along the front; nil where it is not known
      # @param depth_m [Integer, nil] from the front to the back
      def initialize(sheet, kit: nil, width_m: nil, depth_m: nil)
        @sheet = sheet
        @kit = kit
        @people = sheet.assignments.reject { |assignment| assignment.participant.waits? }
        @known = !(width_m.nil? || depth_m.nil?)
        side = [Math.sqrt(GUESSED_M2 * [@people.size, 1].max).ceil, 4].max
        @width_m, @depth_m = @known ? [width_m, depth_m] : [side, side]
      end

      # @return [Boolean] whether the room is drawn to its size
      def to_scale?
        @known
      end

      # @return [Float, nil] square metres for each person; nil where the size is not known, or nobody comes
      def each_m2
        (@width_m * @depth_m / @people.size.to_f).round(1) if @known && @people.any?
      end

      # @return [Boolean] whether there is less room than each needs
      def tight?
        !each_m2.nil? && each_m2 < EACH_M2
      end

      # @return [Array<Participant>] who must be talked to before they have a place
      def waiting
        @sheet.assignments.map(&:participant).select(&:waits?)
      end

      # @return [Array<Spot>] the front row first; none where all rotate
      def spots
        @spots ||= (together.empty? || @people.empty?) ? [] : placed.sort_by { |spot| [spot.y, spot.x] }.freeze
      end

      # @return [Array<StationSpot>] of each block in which groups rotate
      def stations
        @stations ||= rotating.flat_map do |line|
          line.block.stations.each_with_index.map do |station, index|
            x, y = around(index, line.block.stations.size)
            StationSpot.new(line.block, station, x, y, most(line, station), begin_at(line, station))
          end
        end.freeze
      end

      # @return [Array<Piece>] what must be set out, by name
      def set_out
        apart = stations.flat_map(&:kit).tally
        used = spots.flat_map(&:kit).tally
        [*at_once.keys, *apart.keys].uniq.sort.map do |piece|
          needed = [at_once.fetch(piece, 0), apart.fetch(piece, 0)].max
          Piece.new(piece, needed, @kit&.fetch(piece, 0), used.fetch(piece, 0) > needed)
        end
      end

      private

      def lines
        @sheet.course.timeline.blocks.select { |line| line.block.stations.any? }
      end

      def rotating
        lines.select { |line| line.block.rotates? }
      end

      def together
        lines.reject { |line| line.block.rotates? }
      end

      def places
        @places ||= @sheet.course.places.group_by { |place| [place.block.id, place.station.id] }
      end

      # @return [Array<String>] what somebody needs at a station
      def equipment(assignment, line, station)
        places[[line.block.id, station.id]].map { |place| assignment.assigned[place.index].option&.equipment || [] }.max_by(&:size)
      end

      # @return [Hash{String => Integer}] what is in use at one time, at most
      def at_once
        @at_once ||= at_most(together.flat_map { |line| line.block.stations.map { |station| @people.flat_map { |one| equipment(one, line, station) } } })
      end

      # @return [Array<String>] what one person uses, as often as at one time; walls are not counted
      def used_by(assignment)
        pieces(at_most(together.flat_map { |line| line.block.stations.map { |station| equipment(assignment, line, station) } }))
      end

      # For a stretch anybody finds a wall.
      def leans?(assignment)
        together.any? { |line| WORKING.include?(line.block.role) && line.block.stations.any? { |station| (equipment(assignment, line, station) & Plan::Kit::SHARED).any? } }
      end

      # @return [Array<Array<Assignment>>] who goes round together
      def groups(line)
        @people.group_by { |one| Groups.of(line, one.order) }
      end

      def begin_at(line, station)
        groups(line).filter_map { |group, people| people.map(&:participant) if line.groups[group].stops.first&.station.equal?(station) }.flatten
      end

      # @return [Array<String>]
      def most(line, station)
        pieces(at_most(groups(line).values.map { |people| people.flat_map { |one| equipment(one, line, station) } }))
      end

      # @param moments [Array<Array<String>>] the pieces in use at each
      # @return [Hash{String => Integer}] of each piece the most at one of them; walls are not counted
      def at_most(moments)
        moments.map(&:tally).reduce({}) { |most, now| most.merge(now) { |_, one, other| [one, other].max } }.except(*Plan::Kit::SHARED)
      end

      # @return [Array<String>] each piece as often as it is counted, by name
      def pieces(counts)
        counts.sort.flat_map { |piece, count| [piece] * count }
      end

      def placed
        free = grid
        order.map do |assignment, wall|
          at = (wall ? free.select { |x, y| by_wall?(x, y) } : free).min_by { |x, y| seen(x, y) } || free.min_by { |x, y| seen(x, y) }
          free.delete(at)
          Spot.new(assignment.participant, *at, used_by(assignment), wall)
        end
      end

      # Who chooses first.
      # @return [Array<Array(Assignment, Boolean)>] with whether they lean on a wall
      def order
        @people.map { |one| [one, leans?(one)] }.each_with_index.sort_by do |(one, wall), index|
          [wall ? 0 : 1, looked_after?(one.participant) ? 0 : 1, Level.rank(one.participant.pacing_level), index]
        end.map(&:first)
      end

      def looked_after?(participant)
        participant.newcomer || participant.sore.any? || participant.limits.any? || participant.guarded?
      end

      # How far it is from where the instructor stands.
      def seen(x, y)
        [Math.hypot(x - @width_m / 2.0, y).round(3), y, x]
      end

      def by_wall?(x, y)
        x <= @outer.first || x >= @outer.last || y >= @last_row
      end

      # As many columns as leave people furthest apart.
      # @return [Array<Array(Float, Float)>]
      def grid
        count = @people.size
        columns = (1..count).max_by { |wide| [apart(wide, count).min, -(count / wide.to_f).ceil] }
        across, down = apart(columns, count)
        rows = (count / columns.to_f).ceil
        found = Array.new(count) do |index|
          row = index / columns
          here = (row == rows - 1) ? count - row * columns : columns
          [(@width_m / 2.0 + (index % columns - (here - 1) / 2.0) * across).round(2), (top + row * down).round(2)]
        end
        @outer = found.map(&:first).minmax
        @last_row = found.map(&:last).max
        found
      end

      # Metres between neighbours, side by side and one behind the other.
      def apart(columns, count)
        rows = (count / columns.to_f).ceil
        [(columns > 1) ? (@width_m - 2 * edge) / (columns - 1) : @width_m.to_f, (rows > 1) ? (@depth_m - top - edge) / (rows - 1) : @depth_m.to_f]
      end

      def edge
        [WALL_M, @width_m / 4.0, @depth_m / 4.0].min
      end

      def top
        [FRONT_M, @depth_m / 3.0].min
      end

      # Clockwise round the room from the front left corner, evenly.
      def around(index, count)
        wide, deep = @width_m - 2 * edge, @depth_m - 2 * edge
        way = (index + 0.5) / count * 2 * (wide + deep)
        x, y = if way < wide then [way, 0]
        elsif way < wide + deep then [wide, way - wide]
        elsif way < 2 * wide + deep then [2 * wide + deep - way, deep]
        else [0, 2 * (wide + deep) - way]
        end
        [(x + edge).round(2), (y + edge).round(2)]
      end
    end
  end
end
