# frozen_string_literal: true

module Sparrow
  module Formats
    module Paced
      # The pace that a target time demands of a lane.
      module Pace
        # Faster than this part of the default tempo is called implausible.
        PLAUSIBLE_FROM = Rational(7, 10)

        # @param visits [Array<Plan::Visit>] of the lane
        # @param predicted_s [Integer] the time that the lane takes by itself, without waiting for others
        # @return [Plan::Forecast::Demand, nil] nil where no target is set or nothing is counted
        def self.demanded(block, visits, predicted_s)
          return unless block.target_s
          counted = visits.select { |visit| visit.counted.positive? && visit.prescription.seconds_per_move }
          return if counted.empty?
          available_s = block.target_s - (predicted_s - counted.sum { |visit| working_s(visit) })
          of_default = available_s / counted.sum { |visit| default_s(visit) }
          Plan::Forecast::Demand.new(seconds_per_rep: (available_s / counted.sum(&:counted).to_r).round(2).to_f.clamp(0, nil),
            of_default: of_default.round(2).to_f.clamp(0, nil), plausible: of_default >= PLAUSIBLE_FROM)
        end

        def self.working_s(visit)
          (visit.sets || [visit.counted]).sum { |count| visit.prescription.set_s(count) }
        end

        # A compound's own pace stands in where it has no single variation.
        def self.default_s(visit)
          tempo = visit.prescription.variation&.tempo
          visit.moves * (tempo ? Rational(tempo.seconds) : visit.prescription.seconds_per_move)
        end
        private_class_method :working_s, :default_s
      end
    end
  end
end
