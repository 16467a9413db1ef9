# frozen_string_literal: true

module Sparrow
  module Fitting
    # Who takes what where there are not enough pieces for everybody's first
    # choice: the arrangement that leaves the fewest without anything, then moves the fewest people, then those who have
    # not been moved yet in this class, and then by the fewest versions. Exact: people are gone through one by one, and
    # for every state of what is left of the scarce pieces the cheapest way there is kept; of ways that cost the same
    # that of who comes first.
    module SharedKit
      # What it costs to move somebody at all, and to leave them without anything.
      MOVED = 1_000_000
      AGAIN = 1_000
      NOTHING = 1_000_000_000
      # Beyond so many states people choose in the order of the roster instead.
      MOST_STATES = 30_000

      # The pieces that each of one person's choices needs, the first choice first and each piece as often as it is needed;
      # and how often they were moved already. What is +locked+ is theirs: these pieces are handed out first.
      Wish = Value.row(:needs, :moves, :locked)

      # @param wishes [Array<Wish>] in the order in which people choose
      # @param counts [Hash{String => Integer}] pieces that are there; one not named is not counted
      # @return [Array<Integer, nil>] the place of each person's choice, nil where none is left
      def self.arrange(wishes, counts)
        taken = wishes.select(&:locked).flat_map { |wish| wish.needs.first }.tally
        counts = counts.to_h { |piece, count| [piece, [count - taken.fetch(piece, 0), 0].max] }
        needs = wishes.map { |wish| wish.locked ? [[]] : wish.needs }
        chosen = needs.map { |choices| choices.empty? ? nil : 0 }
        scarce = scarce(needs, counts)
        worthwhile = needs.map { |choices| worthwhile(choices, scarce) }
        apart(worthwhile, scarce).each do |pieces, people|
          found = share(people.map { |person| [worthwhile[person], wishes[person].moves] }, pieces, counts)
          people.each_with_index { |person, place| chosen[person] = found[place] }
        end
        chosen
      end

      # Only a piece that more could want than there are can be short.
      def self.scarce(wishes, counts)
        wished = Hash.new(0)
        wishes.each { |choices| choices.map(&:tally).reduce { |most, other| most.merge(other) { |_, one, two| [one, two].max } }&.each { |piece, count| wished[piece] += count } }
        counts.keys.select { |piece| wished[piece] > counts[piece] }
      end

      # A later choice is worth a thought only where it spares something that each
      # earlier one needs.
      # @return [Hash{Integer => Array<String>}] the place of each such choice, with its scarce pieces
      def self.worthwhile(choices, scarce)
        choices.each_with_index.with_object({}) do |(pieces, index), kept|
          needs = pieces.select { |piece| scarce.include?(piece) }
          kept[index] = needs if kept.each_value.none? { |earlier| earlier.all? { |piece| needs.count(piece) >= earlier.count(piece) } }
        end
      end

      # Pieces that nobody's choices bind together are shared out by themselves.
      # @return [Array<Array(Array<String>, Array<Integer>)>] pieces, and the people who want any of them
      def self.apart(wishes, scarce)
        wanted = wishes.map { |choices| choices.each_value.reduce([], :|) }
        sets = scarce.zip
        wanted.each do |pieces|
          bound, free = sets.partition { |set| (set & pieces).any? }
          sets = [*free, bound.flatten] if bound.size > 1
        end
        sets.map { |set| [set, wanted.each_index.select { |person| (wanted[person] & set).any? }] }
      end

      # One choice as a step between states: what it costs, from which it can be
      # taken, and by how much it lowers the state's number.
      Step = Value.row(:choice, :cost, :possible, :weight)

      # The states are numbers: what is left of each piece, a digit each.
      def self.share(wishes, pieces, counts)
        bases = pieces.map { |piece| counts[piece] + 1 }
        states = bases.reduce(1, :*)
        return in_turn(wishes, counts) if states > MOST_STATES
        weights = bases.each_index.map { |index| bases.first(index).reduce(1, :*) }
        room = Hash.new { |known, needs| known[needs] = room(needs, bases, weights) }
        steps = wishes.map do |choices, moves|
          choices.map { |choice, needs| step([choice, moves], needs.map { |piece| pieces.index(piece) }, weights, room: room) } << Step.new(nil, NOTHING, nil, 0)
        end
        cheapest(steps, states)
      end

      # To move somebody costs more than any number of variations.
      def self.step((choice, moves), places, weights, room:)
        Step.new(choice, choice.zero? ? 0 : MOVED + moves * AGAIN + choice, room[places.tally], weights.values_at(*places).sum)
      end

      # @param needed [Hash{Integer => Integer}] how many of each piece
      # @return [Array<Boolean>] of each state, whether so many are left
      def self.room(needed, bases, weights)
        states = bases.reduce(1, :*)
        needed.map { |place, count| digits(count, bases[place], weights[place]) * (states / weights[place] / bases[place]) }
          .reduce { |one, other| one.zip(other).map { |first, second| first && second } }
      end

      # @return [Array<Boolean>] for each value of a digit and of those below it, whether it is so much at least
      def self.digits(least, base, weight)
        few = [least, base].min * weight
        Array.new(few, false) + Array.new(base * weight - few, true)
      end

      # @param steps [Array<Array<Step>>] of each person
      # @return [Array<Integer, nil>]
      def self.cheapest(steps, states)
        costs = Array.new(states)
        costs[states - 1] = 0
        reached = [states - 1]
        ways = steps.map do |own|
          costs, way, reached = further(costs, reached, own)
          way
        end
        state = reached.min_by { |index| [costs[index], index] }
        steps.zip(ways).reverse.map do |own, way|
          step = own[way[state]]
          state += step.weight
          step.choice
        end.reverse
      end

      # @param reached [Array<Integer>] the states that have a cost
      # @return [Array(Array<Integer>, Array<Integer>, Array<Integer>)] the cost of each state after one person more, the step
      #   to it, and the states reached then
      def self.further(costs, reached, own)
        after = Array.new(costs.size)
        way = Array.new(costs.size)
        states = []
        own.each_with_index do |step, place|
          cost, possible, weight = step.cost, step.possible, step.weight
          at = -1
          while (state = reached[at += 1])
            next if possible && !possible[state]
            total = costs[state] + cost
            held = after[state -= weight]
            next if held && held <= total
            states << state unless held
            after[state] = total
            way[state] = place
          end
        end
        [after, way, states]
      end

      def self.in_turn(wishes, counts)
        left = counts.dup
        wishes.map do |choices, _|
          choice, needs = choices.find { |_, pieces| pieces.tally.all? { |piece, count| left.fetch(piece, count) >= count } }
          needs&.each { |piece| left[piece] -= 1 if left.key?(piece) }
          choice
        end
      end
      private_class_method :scarce, :worthwhile, :apart, :share, :step, :room, :digits, :cheapest, :further, :in_turn
    end
  end
end
