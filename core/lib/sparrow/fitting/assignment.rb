# frozen_string_literal: true

module Sparrow
  module Fitting
    # Settles one person's cells in the order of the class, each with the others as they are.
    class Assignment
      # What somebody is given at a place. +kind+: "fits", "unknown" (the model says nothing of
      # it), "lowered", "substitute", "sit_out", "by_plan" (their level sits it out), "locked", "remembered", "kit" or "waits".
      Assigned = Value.row(:option, :kind, :why)
      # Numbers come down, and what cannot is given anew, until all hold; a few turns are enough.
      MOST_TURNS = 20

      attr_reader :course, :forecast, :participant, :assigned, :order

      # @param order [Integer] the person's place in the roster
      # @param to_reserve [Boolean] whether steps up are taken, not offered
      def initialize(course, participant, order: 0, kit: nil, to_reserve: false)
        @course = course
        @participant = participant
        @order = order
        @to_reserve = to_reserve
        @levels = []
        @allowed = Allowed.new(participant, kit)
        @limits = participant.limits_today
        @forecast = PersonForecast.new(course, course.visits(participant.pacing_level, order), participant.estimates.profile(state: participant.state))
        @highest = Level::ALL.to_h { |level| [level, Highest.new(course, @forecast, course.reserve(level))] }
        @choosing = Choosing.new(course, @allowed, level: method(:level_at), highest: ->(index) { highest(index) }, used: method(:used))
        @steps = StepUp.new(self)
        @assigned = course.places.map { |place| start(place) }
        @changes = 0
        @seen = {}
      end

      # @return [self]
      def call
        return self if participant.waits?
        PASSES.times { @course.places.each { |place| look_at(place) } }
        @verified = @changes if @seen.each_value.all?(@changes)
        verify
        self
      end

      # What would be given here by the rules alone, all other cells as they are.
      # @return [Assigned]
      def best(index)
        found = @choosing.best(index, @limits)
        (@to_reserve && found.kind == "fits") ? Assigned.new(@steps.taken(index, found.option), found.kind) : found
      end

      # @param option [Option]
      # @return [String, nil] why it may not be given here
      def barred(index, option)
        @allowed.limit(option) || @allowed.house(option, standard(index))
      end

      # @return [String, nil] why it may not be given: the person's own limits, today's soreness
      def limit(option)
        @allowed.limit(option)
      end

      # Why no more is given than this, where the class goes to the reserve.
      # @return [String, nil]
      def bound(index)
        option = @assigned[index].option
        @steps.bound(index, option) if @to_reserve && option&.variation
      end

      # @return [StepUp::Step, nil] what may be offered to somebody who is ready for more
      def step_up(index)
        @steps.offered(index)
      end

      # What else could stand here for shared kit: easier versions, then what stands in.
      # @param short [Array<String>] pieces
      # @return [Array<Option>] each with a number that holds; of what stands in those that need none of the pieces
      def others(index, short:)
        first = @assigned[index].option
        return [] unless first&.variation
        found = easier_without(index, first, short)
        return found if found.any? { |option| needs(option, short).empty? }
        [*found, @choosing.standing_in(index, @limits, without: short)].compact
      end

      # @param most [Integer]
      # @return [Array<Option>] of other ladders, that nothing rules out, the first to be thought of first
      def stand_ins(index, most)
        @choosing.stand_ins(index, @limits).first(most)
      end

      # The highest number of a variation that leaves the reserve in every round.
      # @param numbers [Array<Integer>] the highest first
      # @return [Integer, nil] nil where not the least does
      def most(index, option, numbers)
        highest(index).highest(index, option, numbers)
      end

      def put(index, assigned)
        @changes += 1 unless assigned.option.equal?(@assigned[index].option)
        @assigned[index] = assigned
        @forecast.give(index, assigned.option)
      end

      # Numbers that would not leave the reserve, now that all is settled, come down; what cannot come down is given anew.
      # Locked cells are the instructor's.
      # @param handed_out [Boolean] whether kit is shared out: then nobody takes a piece that they do not have
      def verify(handed_out: false)
        @handed_out = handed_out
        return if @verified == @changes
        MOST_TURNS.times do
          wrong = @course.places.find { |place| !holds?(place.index) }
          return @verified = @changes unless wrong
          put(wrong.index, down(wrong.index, @assigned[wrong.index]))
        end
        @course.places.each { |place| put(place.index, Assigned.new(nil, "sit_out")) unless holds?(place.index) }
      end

      # What the level itself would be given.
      # @return [Option, nil] nil where it sits the station out
      def standard(index)
        @course.standard(index, level_at(@course.places[index]))
      end

      # @return [String] the level whose prescription the person takes at a place
      def level_at(place)
        @levels[place.index] ||= own_level(place)
      end

      # @return [Highest]
      def highest(index)
        @highest.fetch(level_at(@course.places[index]))
      end

      private

      # Where levels work in different ways, or one of them not at all, whose rounds somebody follows says what they do.
      def own_level(place)
        pattern = @course.pattern(place.index) or return place.level || participant.pacing_level
        own = participant.level(pattern)
        place.level ? [place.level, own].min_by { |level| Level.rank(level) } : own
      end

      # A version that needs no fewer of the pieces than a harder one is no help.
      def easier_without(index, first, short)
        least = needs(first, short)
        @choosing.free(index).select { |option| option.demand < first.demand }.each_with_object([]) do |option, kept|
          needed = needs(option, short)
          next unless short.empty? || needed.size < least.size
          found = highest(index).best(index, option, to: option.least) or next
          kept << found
          least = needed
        end
      end

      def needs(option, short)
        option.equipment.select { |piece| short.include?(piece) }
      end

      # Where nothing has changed since it was looked at, the answer would be the same.
      def look_at(place)
        return if @seen[place.index] == @changes
        put(place.index, decided(place))
        @seen[place.index] = @changes
      end

      def start(place)
        own = standard(place.index)
        assigned = if participant.waits?
          Assigned.new(nil, "waits")
        else
          Assigned.new(own, own ? "fits" : "by_plan")
        end
        @forecast.give(place.index, assigned.option)
        assigned
      end

      def decided(place)
        return Assigned.new(nil, "by_plan") unless standard(place.index)
        chosen(place) || best(place.index)
      end

      # The instructor's own choice: a locked one stands; one remembered is taken
      # where nothing rules it out and it leaves the reserve.
      def chosen(place)
        choice = participant.choices[[place.block.id, place.station.id]]
        return unless choice
        variation = @course.catalogue.variation(choice.variation)
        return unless variation || choice.variation.nil?
        option = @course.option(place.index, variation, level_at(place))
        option = @course.asking(option, choice.number) if choice.number
        return if @allowed.limit(option)
        return Assigned.new(option, "locked", choice) if choice.locked
        Assigned.new(option, "remembered", choice) if barred(place.index, option).nil? && highest(place.index).holds?(place.index, option)
      end

      # @return [Array<String>] ids of the versions given at other places
      def used(index)
        station = @course.places[index].station
        @assigned.each_with_index.filter_map { |assigned, at| assigned.option&.variation&.id unless @course.places[at].station.equal?(station) }
      end

      def holds?(index)
        held = @assigned[index]
        held.option.nil? || held.kind == "locked" || highest(index).holds?(index, held.option)
      end

      # Something that needs no piece but those that the person has there.
      def instead(index, option)
        found = others(index, short: []).find { |other| (other.equipment - option.equipment).empty? }
        found ? Assigned.new(found, "substitute") : Assigned.new(nil, "sit_out")
      end

      def down(index, held)
        option = held.option
        number = (option.unit == "open") ? nil : most(index, option, option.numbers(from: option.number || option.top, to: option.least))
        return @handed_out ? instead(index, option) : best(index) unless number
        kind = (held.kind == "fits" && number < option.low) ? "lowered" : held.kind
        Assigned.new(@course.asking(option, number), kind, held.why)
      end
    end
  end
end
