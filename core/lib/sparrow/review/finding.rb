# frozen_string_literal: true

module Sparrow
  module Review
    # One thing noticed: where, what, why it matters, and a fix where there is
    # one. severity is "stop" (it cannot be run so), "warn" or "note".
    class Finding < Value.of(:rule, :severity, :place, :what, :why, :fix)
      SEVERITIES = %w[stop warn note].freeze

      # @return [Hash] in the preview's form
      def to_h
        {"rule" => rule, "severity" => severity, "place" => place.to_h.transform_keys(&:to_s).compact, "what" => what, "why" => why,
         "fix" => fix && {"label" => fix.label, "patch" => fix.patch}}
      end
    end
  end
end
