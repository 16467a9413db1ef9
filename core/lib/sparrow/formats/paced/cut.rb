# frozen_string_literal: true

module Sparrow
  module Formats
    module Paced
      # What is left of a visit that a cap cuts off.
      module Cut
        # @param visit [Plan::Visit]
        # @param end_s [Integer] the second at which everything stops
        # @param set_rest_s [Integer] between the sets of one visit
        # @return [Plan::Visit, nil] nil where it had not begun
        def self.visit(visit, end_s, set_rest_s)
          return visit if visit.start_s + visit.work_s <= end_s
          return if visit.start_s >= end_s
          elapsed_s = end_s - visit.start_s
          Plan::Visit.new(visit.station, visit.round, visit.prescription, counted(visit, elapsed_s, set_rest_s), visit.start_s, elapsed_s)
        end

        # @return [Integer] whole reps, as counted, in the time there was
        def self.counted(visit, elapsed_s, set_rest_s)
          prescription = visit.prescription
          return 0 unless prescription.seconds_per_move && visit.counted.positive?
          (visit.sets || [visit.counted]).sum do |count|
            set_s = prescription.set_s(count)
            done = (elapsed_s >= set_s) ? count : prescription.counting.counted(([elapsed_s, 0].max / prescription.seconds_per_move).floor)
            elapsed_s -= set_s + set_rest_s
            done
          end
        end
      end
    end
  end
end
