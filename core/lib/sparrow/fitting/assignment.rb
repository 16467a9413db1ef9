# frozen_string_literal: true

module Sparrow
  module Fitting
    # Settles one person's cells in the order of the class: the hardest variation that
    # leaves the reserve in its worst round; else the easiest with its number
    # lowered; else something of the pattern that spares the joint; else nothing.
    class Assignment
      # What somebody is given at a place. +kind+: "fits", "unknown" (the model says nothing of
      # it), "lowered", "substitute", "sit_out", "locked", "remembered", "kit" or "waits".
      Assigned = Value.row(:option, :kind, :why)

      attr_reader :course, :forecast, :participant, :assigned

      # @param order [Integer] the person's place in the roster
      def initialize(course, participant, order: 0, kit: nil)
        @course = course
        @participant = participant
        @allowed = Allowed.new(participant, kit)
        @forecast = PersonForecast.new(course, course.visits(participant.pacing_level, order), participant.estimates.profile(state: participant.state), sore: participant.sore)
        @standards = course.places.map { |place| course.standard(place.index, level_at(place)) }
        @barred = {}.compare_by_identity
        @stand_ins = StandIns.new(course, participant.limits, free: ->(index, option) { !barred(index, option) })
        @free = {}
        @without_limits = {}
        @assigned = course.places.map { |place| start(place) }
        @changes = 0
        @seen = {}
      end

      # @return [self]
      def call
        return self if participant.waits?
        PASSES.times { @course.places.each { |place| look_at(place) } }
        verify
        self
      end

      # What would be given here by the rules alone, all other cells as they are.
      # @return [Given]
      def best(index)
        return unmet(index) unless @forecast.meets?(index)
        return unknown(index) unless @forecast.known?(index, @standards[index])
        ceiling = choose(index, without_limits(index), nil) if limited?(index)
        return ceiling if ceiling&.kind == "sit_out"
        choose(index, free(index), ceiling)
      end

      # @param option [Option]
      # @return [String, nil] why it may not be given here
      def barred(index, option)
        @barred.fetch(option) { @barred[option] = @allowed.limit(option) || @allowed.house(option, @standards[index]) }
      end

      # What else could stand here, none of it harder than what does: for shared kit.
      # @return [Array<Option>] the hardest first, each with a number that holds
      def others(index)
        first = @assigned[index].option
        return [] unless first&.variation
        easier = free(index).select { |option| option.demand < first.demand }
        easier.filter_map { |option| passing([option], index) || lowered(option, index) }
      end

      # Something of the same pattern that needs none of these pieces, where the ladder itself has nothing.
      # @return [Option, nil]
      def elsewhere(index, without:)
        first = @assigned[index].option
        return unless first&.variation
        substitute(index, nil, @assigned[index]) { |option| (option.equipment & without).empty? }
      end

      # The highest number of a variation that leaves the reserve in every round.
      # @param asked [Hash{Integer => Option}] the variation with each number
      # @return [Integer, nil] nil where not the least does
      def highest(index, asked, top)
        return top if keeps?(index, asked[top])
        down = (1..(top - 1)).bsearch { |less| keeps?(index, asked[top - less]) }
        down && top - down
      end

      def put(index, assigned)
        @changes += 1 unless assigned.option.equal?(@assigned[index].option)
        @assigned[index] = assigned
        @forecast.give(index, assigned.option)
      end

      # Numbers that the model would not have last, now that all is settled, come
      # down; what cannot come down is left out. Locked cells are the instructor's.
      def verify
        changed = true
        while changed
          changed = false
          @course.places.each do |place|
            held = @assigned[place.index]
            next if held.option.nil? || held.kind == "locked" || @forecast.leaves?(place.index, held.option, 0)
            put(place.index, down(place.index, held))
            changed = true
          end
        end
      end

      # What the level itself would be given.
      # @return [Option]
      def standard(index)
        @standards[index]
      end

      private

      def level_at(place)
        pattern = place.station.movement&.pattern
        pattern ? participant.level(pattern) : participant.pacing_level
      end

      # Where nothing has changed since it was looked at, the answer would be the same.
      def look_at(place)
        return if @seen[place.index] == @changes
        put(place.index, decided(place))
        @seen[place.index] = @changes
      end

      def start(place)
        assigned = participant.waits? ? Assigned.new(nil, "waits") : Assigned.new(@standards[place.index], "fits")
        @forecast.give(place.index, assigned.option)
        assigned
      end

      def decided(place)
        chosen(place) || best(place.index)
      end

      # The instructor's own choice: a locked one stands; one remembered is taken
      # where nothing rules it out and it leaves something.
      def chosen(place)
        choice = participant.choices[[place.block.id, place.station.id]]
        return unless choice
        variation = @course.catalogue.variation(choice.variation)
        return unless variation || choice.variation.nil?
        option = @course.options(place.index).find { |known| known.variation == variation && (variation || known.level == @standards[place.index].level) } ||
          @course.option(place.index, variation, @standards[place.index].level)
        option = option.asking(choice.number) if choice.number && choice.number != option.number
        return if @allowed.limit(option)
        return Assigned.new(option, "locked", choice) if choice.locked
        Assigned.new(option, "remembered", choice) if barred(place.index, option).nil? && @forecast.leaves?(place.index, option, LOWERED_LEAVES)
      end

      # @return [Array<Option>] those that nothing rules out, the hardest first
      def free(index)
        @free[index] ||= @course.options(index).reject { |option| barred(index, option) }
      end

      # @return [Boolean] whether their limits alone rule something of the ladder out
      def limited?(index)
        without_limits(index).size > free(index).size
      end

      # Those that the person's limits alone rule out among them.
      def without_limits(index)
        @without_limits[index] ||= @course.options(index).reject { |option| @allowed.house(option, @standards[index]) }
      end

      # @param ceiling [Given, nil] what they would be given without their limits: never harder than that
      def choose(index, options, ceiling)
        options = options.select { |option| option.demand <= ceiling.option.demand } if ceiling
        found = passing(options, index)
        return Assigned.new(found, "fits") if found
        easiest = options.last
        less = easiest && lowered(easiest, index)
        return Assigned.new(less, "lowered") if less
        elsewhere = substitute(index, easiest, ceiling)
        elsewhere ? Assigned.new(elsewhere, "substitute") : Assigned.new(nil, "sit_out")
      end

      def passing(options, index)
        options.find { |option| keeps?(index, option) }
      end

      # @return [Boolean] whether the reserve is left in every round
      def keeps?(index, option)
        @forecast.leaves?(index, option, @course.reserve)
      end

      # The highest number that leaves something, in the steps in which it is called.
      # @return [Option, nil]
      def lowered(option, index, leaves: LOWERED_LEAVES)
        return if option.unit == "open"
        top = option.number || @course.places[index].station.at(option.level).stop_s
        steps = (1..((top - option.least) / option.step)).bsearch do |down|
          @forecast.leaves?(index, option.asking(top - down * option.step), leaves_of(option, leaves))
        end
        steps && option.asking(top - steps * option.step)
      end

      # In a hold the part of the target would stand for a reserve; lowered, a second is enough.
      def leaves_of(option, leaves)
        (option.unit == "reps") ? leaves : 0
      end

      # The first stand-in that holds, none harder than what was refused.
      def substitute(index, easiest, ceiling)
        place = @course.places[index]
        movement = place.station.movement
        return unless movement
        below = [easiest&.demand, ceiling&.option&.demand].compact.min || @standards[index].demand
        spared = (ceiling || easiest.nil?) && limited?(index)
        @stand_ins.each(index, @standards[index].level, named: spared, muscles: easiest.nil?).each do |option|
          next if easiest ? option.demand >= below : option.demand > below
          next if block_given? && !yield(option)
          fits = passing([option], index) || lowered(option, index)
          return fits if fits
        end
        nil
      end

      # Where the model knows nothing the level's own variation stands, or the next easier that is free.
      def unknown(index)
        found = free(index).find { |option| option.demand <= @standards[index].demand }
        return Assigned.new(found, "unknown") if found
        elsewhere = @course.places[index].station.movement && substitute(index, nil, nil)
        elsewhere ? Assigned.new(elsewhere, "substitute") : Assigned.new(nil, "sit_out")
      end

      # What they would be given where nobody comes in time: it is shown all the same, so nothing is barred.
      def unmet(index)
        found = unknown(index)
        (found.option == @standards[index]) ? Assigned.new(found.option, "fits") : found
      end

      def down(index, held)
        less = lowered(held.option, index, leaves: 0)
        if less
          Assigned.new(less, (held.kind == "fits") ? "lowered" : held.kind, held.why)
        else
          Assigned.new(nil, "sit_out")
        end
      end
    end
  end
end
