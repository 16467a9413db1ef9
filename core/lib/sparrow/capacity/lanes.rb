# frozen_string_literal: true

module Sparrow
  module Capacity
    # The three levels' house profiles taken through a class, each once.
    class Lanes
      # @param timeline [Plan::Timeline]
      # @param kept [Plan::KeptBlocks] where what blocks asked before is found
      def initialize(timeline, kept: Plan::KeptBlocks::NONE)
        @timeline = timeline
        @kept = kept
        @forecasts = {}
        @worst = {}
      end

      # @param lane [String] a level
      # @return [Array<Forecast::Point>]
      def points(lane)
        forecast(lane).points
      end

      # The set of this cell that leaves least: nil where the profiles say nothing of it.
      # @param prescription [Plan::Prescription]
      # @return [Forecast::Point, nil]
      def worst(prescription)
        (@worst[prescription.level] ||= forecast(prescription.level).worst)[prescription]
      end

      # The most reps (or seconds held) of this cell that leave +reserve+ in every round, all other
      # cells as they are.
      # @param below [Integer] to stay under
      # @param amounts [Hash] what other cells are to ask, by prescription
      # @return [Integer] 0 where not one does
      def highest(prescription, reserve:, below:, amounts: {})
        forecast(prescription.level).highest(prescription, reserve: reserve, below: below, amounts: amounts)
      end

      private

      def forecast(lane)
        @forecasts[lane] ||= Forecast.new(@timeline, lane, kept: @kept)
      end
    end
  end
end
