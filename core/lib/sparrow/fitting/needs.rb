# frozen_string_literal: true

module Sparrow
  module Fitting
    # The circuit's three targets beside what this roster really needs: for
    # each level the variation that most of it was given, and the highest number that
    # leaves all of those their reserve. A compound keeps its parts.
    class Needs
      # A number is raised to no more than this many times the circuit's own.
      MOST_TIMES = 2

      # One level at one place; from and to are variation, number and words.
      Row = Value.row(:place, :level, :people, :as_planned, :from, :to, :patch)

      # What somebody wants a level to do at a station: the number in the version's own unit.
      Target = Value.row(:block, :station, :level, :variation, :number)

      # @param sheet [Sheet]
      def initialize(sheet)
        @sheet = sheet
      end

      # @return [Array<Row>] of every level that somebody follows, at every place
      def rows
        @sheet.course.places.flat_map { |place| (place.level ? [place.level] : Level::ALL).filter_map { |level| row(place, level) } }
      end

      # @param targets [Array<Target>] as they were shown, on this sheet or an earlier one
      # @return [Array<Array(String, Object)>] what changes in the document: pointer and value
      # @raise [Refused] where one cannot be had here any more; pointers into the list
      def patches(targets)
        found = targets.map { |target| patch_to(target) }
        problems = found.each_with_index.filter_map { |answer, index| Problem.new(pointer: "/#{index}", message: answer) unless answer.is_a?(Array) }
        Refused.where(problems)
        found.flatten(1)
      end

      private

      # @return [Array, String] what changes, or why nothing can
      def patch_to(target)
        place = @sheet.course.place(target.block, target.station, target.level) || @sheet.course.place(target.block, target.station)
        return Sparrow.say("fitting.names_a_station_that_is_not") unless place&.station&.at(target.level)
        movement = place.station.at(target.level).movement
        variation = target.variation && movement&.variation(target.variation)
        return Sparrow.say("fitting.names_a_version_that_n_does", n: movement&.name || Sparrow.say("fitting.a_set_of_parts")) if target.variation && variation.nil?
        from = as_typed(@sheet.course.option(place.index, place.station.at(target.level).variation, target.level), place.station)
        option = @sheet.course.option(place.index, variation || from.variation, target.level)
        patch(place, target.level, from, to: (target.number && option.number) ? option.asking(target.number) : option)
      end

      def row(place, level)
        followers = @sheet.assignments.select { |assignment| assignment.participant.pacing_level == level && assignment.assigned[place.index].option }
        return if followers.empty? || place.station.at(level).nil?
        standard = @sheet.course.option(place.index, place.station.at(level).variation, level)
        to = wanted(place, level, followers)
        planned = followers.count { |assignment| assignment.assigned[place.index].option.then { |option| option.variations == standard.variations && option.number == standard.number } }
        from = as_typed(standard, place.station)
        Row.new(place, level, followers.size, planned, from, to, patch(place, level, from, to: to))
      end

      # What stands in the circuit, though the window may have no time for all of it.
      def as_typed(standard, station)
        typed = station.at(standard.level)
        return standard if typed.quota || station.counts || !%w[reps hold].include?(standard.unit)
        standard.with(prescription: typed, number: (typed.reps || typed.hold).max)
      end

      def wanted(place, level, followers)
        assigned = followers.to_h { |assignment| [assignment, assignment.assigned[place.index].option] }.select { |_, option| own?(place, option, level) }
        return @sheet.course.option(place.index, place.station.at(level).variation, level) if assigned.empty?
        people = assigned.keys.group_by { |assignment| assigned[assignment].variation&.id }.values.max_by { |held| [held.size, -assigned[held.first].demand] }
        option = @sheet.course.option(place.index, assigned[people.first].variation, level)
        number = number(place, option, people)
        number ? option.asking(number) : option
      end

      # Somebody's own substitute is no level's target, nor are another level's parts.
      def own?(place, option, level)
        movement = place.station.at(level).movement
        movement ? option.variation&.movement_id == movement.id : option.level == level
      end

      # @return [Integer, nil] nil where the variation is asked for without a number, or its total decides
      def number(place, option, people)
        return if option.number.nil? || option.unit == "work" || place.station.counts || option.prescription.quota
        top = [option.number * most_times(option), fits(place, option)].compact.min
        called(place, option, lowest_highest(place.index, option, people, top: top))
      end

      # Each looks only below what the others have left; who cannot do even one does not decide.
      def lowest_highest(index, option, people, top:)
        people.reduce(top) { |most, assignment| assignment.most(index, option, most.downto(1).to_a) || most }
      end

      # Steps and jumps have seconds enough for far more than anybody should do of them.
      def most_times(option)
        (option.variations.any? { |variation| Capacity::BY_TIME.include?(variation.pattern) }) ? 1 : MOST_TIMES
      end

      def fits(place, option)
        return unless option.unit == "reps" && place.block.timed?
        station = place.station.with(levels: place.station.levels.merge(option.level => option.prescription))
        Planning::WindowFit.of(place.block, station, option.level).fits
      end

      def called(place, option, highest)
        rounded = Planning::Solve::Cell.new(place.block, place.station, option.prescription).rounded(highest)
        rounded.positive? ? rounded : highest
      end

      def patch(place, level, from, to:)
        pointer = place.station.at(level).pointer
        steps = []
        steps << ["#{pointer}/variation", to.variation.id] unless to.variation == from.variation
        steps << ["#{pointer}/#{(to.unit == "hold") ? "hold_s" : "reps"}", to.number] if to.number && to.number != from.number
        steps
      end
    end
  end
end
