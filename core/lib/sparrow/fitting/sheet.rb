# frozen_string_literal: true

module Sparrow
  module Fitting
    # The whole class fitted: everybody by themselves first, then what must be
    # shared, then each number held once more against the model.
    class Sheet
      # Somebody who was moved because a piece was short.
      Moved = Value.row(:participant, :place, :piece, :from, :to)

      attr_reader :course, :moved

      # @param timeline [Plan::Timeline]
      # @param participants [Array<Participant>] in the order of the roster
      # @param kit [Hash{String => Integer}, nil] pieces in the room; nil where nobody has said
      # @param turn [Integer] whose turn it is to choose first where kit is short: it changes with the class's date
      # @param to_reserve [Boolean] whether steps up are taken, not offered
      def initialize(timeline, participants, kit: nil, turn: 0, to_reserve: false, catalogue: Catalogue.house)
        @course = ClassLayout.new(timeline, catalogue: catalogue)
        @kit = kit
        @turn = turn
        @assignments = participants.each_with_index.map { |participant, index| Assignment.new(@course, participant, order: participant.order || index, kit: kit, to_reserve: to_reserve).call }
        @moved = []
        share if kit && participants.size > 1
      end

      # @return [Array<Cell>] of one person, a station each, in the order of the class; where rounds escalate the last
      #   level's, with those before it in it
      def cells(participant_id)
        assignment = by_person.fetch(participant_id)
        moved = moved_of.fetch(participant_id, [])
        stations.map do |places|
          met = places.select { |place| place.level.nil? || assignment.forecast.meets?(place.index) }
          met = places.first(1) if met.empty?
          cells = met.map { |place| [place, moved.find { |move| move.place.equal?(place) }] }
          *earlier, last = cells
          before = earlier.map { |place, move| Cell.new(assignment, place, @course, moved: move) }
          Cell.new(assignment, last.first, @course, moved: last.last, earlier: before)
        end
      end

      # @return [Hash{String => Integer}] of each block in which groups rotate, that of one person, from 0
      def groups(participant_id)
        order = by_person.fetch(participant_id).order
        @course.timeline.blocks.select(&:groups).to_h { |line| [line.block.id, Groups.of(line, order)] }
      end

      # @return [Array<Array<ClassLayout::Place>>] the places of each station, in the order of the class
      def stations
        @stations ||= @course.places.chunk_while { |one, other| one.station.equal?(other.station) }.to_a
      end

      # @return [Array<Assignment>]
      attr_reader :assignments

      # Whether somebody here might have to be moved in a class of so many, because they are given a
      # piece of which there are fewer.
      # @param size [Integer] people in the class
      def could_run_short?(size)
        return false unless @kit
        @assignments.any? do |assignment|
          assignment.assigned.any? { |assigned| assigned.option&.equipment&.tally&.any? { |piece, count| countable.fetch(piece, size * count) < size * count } }
        end
      end

      private

      def by_person
        @by_person ||= @assignments.to_h { |assignment| [assignment.participant.id, assignment] }
      end

      # @return [Hash{String => Array<Moved>}] by person, once all has been shared out
      def moved_of
        @moved_of ||= @moved.group_by { |move| move.participant.id }
      end

      def share
        moments.each { |moment| arrange(moment) }
        @assignments.each { |assignment| assignment.verify(handed_out: true) unless assignment.participant.waits? }
      end

      # Who stands where at the same time: all at one station, a group at each, or of partners the one who works.
      # @return [Array<Array<Array(Assignment, ClassLayout::Place)>>]
      def moments
        everybody = @assignments.reject { |assignment| assignment.participant.waits? }
        turned = everybody.rotate(everybody.empty? ? 0 : @turn % everybody.size)
        @course.timeline.blocks.flat_map do |line|
          next stepped(line, turned) if line.block.escalate
          next in_groups(line, turned) if line.groups
          line.block.stations.map { |station| turned.map { |assignment| [assignment, @course.place(line.block.id, station.id)] } }
        end
      end

      # Each arrangement once, though the rounds repeat it.
      def in_groups(line, people)
        stops = line.groups.each_with_index.flat_map { |group, index| group.stops.map { |stop| [stop.start_s, index, stop.station.id] } }
        arrangements = stops.group_by(&:first).each_value.map { |held| held.to_h { |_, group, station| [group, station] } }.uniq
        arrangements.map do |stations|
          people.filter_map do |assignment|
            station = stations[Groups.of(line, assignment.order)]
            station && [assignment, @course.place(line.block.id, station)]
          end
        end
      end

      # Where rounds escalate: in each, everybody at their own level or at the round's.
      def stepped(line, people)
        line.block.stations.product(Level::ALL).map do |station, level|
          people.map do |assignment|
            taken = [level, assignment.participant.pacing_level].min_by { |held| Level.rank(held) }
            [assignment, @course.place(line.block.id, station.id, taken)]
          end
        end
      end

      def arrange(moment)
        short = short(moment)
        return if short.empty?
        before = @moved.map { |move| move.participant.id }.tally
        choices = moment.map { |assignment, place| choices(assignment, place, short) }
        wishes = moment.zip(choices).map do |(assignment, place), options|
          SharedKit::Wish.new(options.map(&:equipment), before.fetch(assignment.participant.id, 0), assignment.assigned[place.index].kind == "locked")
        end
        SharedKit.arrange(wishes, countable).each_with_index do |chosen, index|
          assignment, place = moment[index]
          next if chosen&.zero? || assignment.assigned[place.index].option.nil?
          move(assignment, place, chosen && choices[index][chosen], short: short)
        end
      end

      # @return [Array<String>] pieces that more want at once than there are
      def short(moment)
        needed = moment.flat_map { |assignment, place| assignment.assigned[place.index].option&.equipment || [] }.tally
        needed.filter_map { |piece, count| piece if countable.fetch(piece, count) < count }
      end

      def countable
        @countable ||= @kit.except(*Plan::Kit::SHARED)
      end

      # What is locked stays where it is.
      def choices(assignment, place, short)
        assigned = assignment.assigned[place.index]
        return [] unless assigned.option
        return [assigned.option] if assigned.kind == "locked" || (assigned.option.equipment & short).empty?
        [assigned.option, *assignment.others(place.index, short: short)]
      end

      def move(assignment, place, option, short:)
        before = assignment.assigned[place.index]
        piece = ((before.option.equipment - (option&.equipment || [])) & short).first
        @moved << Moved.new(assignment.participant, place, piece, before.option, option)
        assignment.put(place.index, Assignment::Assigned.new(option, option ? "kit" : "sit_out", piece))
      end
    end
  end
end
