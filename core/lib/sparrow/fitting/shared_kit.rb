# frozen_string_literal: true

module Sparrow
  module Fitting
    # Who takes what where there are not enough pieces for everybody's first
    # choice: the arrangement that moves the fewest people, and among those the
    # fewest variations. Exact: people are gone through one by one, and for every state
    # of what is left of the scarce pieces the cheapest way there is kept.
    module SharedKit
      # What it costs to move somebody at all, and to leave them without anything.
      MOVED = 1_000_000
      NOTHING = 1_000
      # Beyond so many states people choose in the order of the roster instead.
      MOST_STATES = 30_000

      # @param wishes [Array<Array<Array<String>>>] for each person, for each of their choices in
      #   order, the pieces it needs, each as often as it is needed
      # @param counts [Hash{String => Integer}] pieces that are there; one not named is not counted
      # @return [Array<Integer, nil>] the place of each person's choice, nil where none is left
      def self.arrange(wishes, counts)
        chosen = wishes.map { |choices| choices.empty? ? nil : 0 }
        scarce = scarce(wishes, counts)
        worthwhile = wishes.map { |choices| worthwhile(choices, scarce) }
        apart(worthwhile, scarce).each do |pieces, people|
          found = share(people.map { |person| worthwhile[person] }, pieces, counts)
          people.each_with_index { |person, place| chosen[person] = found[place] }
        end
        chosen
      end

      # Only a piece that more could want than there are can be short.
      def self.scarce(wishes, counts)
        counts.keys.select { |piece| wishes.sum { |choices| choices.map { |needs| needs.count(piece) }.max || 0 } > counts[piece] }
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
        known = {}
        steps = wishes.map do |choices|
          known[choices] ||= choices.map { |choice, needs| step(choice, needs.map { |piece| pieces.index(piece) }, bases, weights: weights) } << Step.new(nil, MOVED + NOTHING, nil, 0)
        end
        cheapest(steps, states)
      end

      # To move somebody costs more than any number of variations.
      def self.step(choice, places, bases, weights:)
        needed = places.tally
        possible = Array.new(bases.reduce(1, :*)) { |state| needed.all? { |place, count| state / weights[place] % bases[place] >= count } }
        Step.new(choice, choice + (choice.zero? ? 0 : MOVED), possible, weights.values_at(*places).sum)
      end

      # @param steps [Array<Array<Step>>] of each person
      # @return [Array<Integer, nil>]
      def self.cheapest(steps, states)
        costs = Array.new(states)
        costs[states - 1] = 0
        ways = steps.map do |own|
          reached, way = further(costs, own)
          costs = reached
          way
        end
        state = costs.each_index.select { |index| costs[index] }.min_by { |index| [costs[index], index] }
        steps.zip(ways).reverse.map do |own, way|
          step = own[way[state]]
          state += step.weight
          step.choice
        end.reverse
      end

      # @return [Array(Array<Integer>, Array<Integer>)] the cost of each state after one person more, and the step to it
      def self.further(costs, own)
        reached = Array.new(costs.size)
        way = Array.new(costs.size)
        own.each_with_index do |step, place|
          cost, possible, weight = step.cost, step.possible, step.weight
          state = weight
          while state < costs.size
            before = costs[state]
            if before && (possible.nil? || possible[state])
              held = reached[state - weight]
              if held.nil? || before + cost < held
                reached[state - weight] = before + cost
                way[state - weight] = place
              end
            end
            state += 1
          end
        end
        [reached, way]
      end

      def self.in_turn(wishes, counts)
        left = counts.dup
        wishes.map do |choices|
          choice, needs = choices.find { |_, pieces| pieces.tally.all? { |piece, count| left.fetch(piece, count) >= count } }
          needs&.each { |piece| left[piece] -= 1 if left.key?(piece) }
          choice
        end
      end
      private_class_method :scarce, :worthwhile, :apart, :share, :step, :cheapest, :further, :in_turn
    end
  end
end
