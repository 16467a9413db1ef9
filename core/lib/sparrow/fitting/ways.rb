# frozen_string_literal: true

module Sparrow
  module Fitting
    # Every way in which one person could do a station, each with what it would leave: the versions of the ladder, the
    # hardest first, then a few that may stand in.
    class Ways
      STAND_INS = 3
      # +left+ is of the worst round, in the number's own unit; nil where the model says nothing. +why+ says why it may
      # not be given, nil where it may; +spared+ whether that is a limit: then nobody may choose it.
      Way = Value.row(:option, :left, :why, :spared, :own_ladder) do
        # @return [Hash]
        def to_h
          {"variation" => option.variation.id, "name" => option.variation.name, "level" => option.variation.levels.first, "number" => option.number, "unit" => option.unit,
           "left" => left, "why" => why&.to_s, "spared" => spared, "own_ladder" => own_ladder}
        end
      end

      # @param cell [Cell]
      # @param assignment [Assignment]
      def initialize(cell, assignment)
        @cell = cell
        @assignment = assignment
        @index = cell.place.index
      end

      # @return [Array<Way>] none at a set of parts
      def all
        return [] unless @cell.standard&.variation
        [*@cell.ladder.map { |option| way(option, own_ladder: true) }, *@assignment.stand_ins(@index, STAND_INS).map { |option| way(option, own_ladder: false) }]
      end

      private

      # With the highest number that holds, else with the one aimed at.
      def way(option, own_ladder:)
        given = (@cell.option if @cell.option&.variation == option.variation) || @assignment.highest(@index).best(@index, option, to: option.least) || option
        worst = @assignment.forecast.outlooks(@index, given).min_by(&:left)
        Way.new(given, worst && left(worst, given), @assignment.barred(@index, option), !@assignment.limit(option).nil?, own_ladder)
      end

      def left(worst, given)
        return worst.available.floor if worst.open || given.number.nil? || !worst.asked.positive?
        (worst.left * given.number / worst.asked).floor
      end
    end
  end
end
