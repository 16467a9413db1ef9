# frozen_string_literal: true

module Sparrow
  module Review
    # One thing noticed: where, what, why it matters, and what may mend it, the best first. severity is "stop" (it
    # cannot be run so), "warn" or "note".
    class Finding < Value.of(:rule, :topic, :source, :severity, :place, :what, :why, :fixes, :about)
      SEVERITIES = %w[stop warn note].freeze

      # @return [String] by which it is known again in another version of the plan, and may be set aside
      def key
        [rule, place.block, place.station, place.level, about].compact.join("/")
      end

      # @return [Array<Fix>]
      def candidates
        fixes.is_a?(Proc) ? fixes.call : fixes
      end

      # @return [Fix, nil] the one that needs no looking for
      def fix
        fixes.first unless fixes.is_a?(Proc)
      end

      # @param shown [Fix, nil] the fix that is offered
      # @return [Hash] in the preview's form
      def to_h(shown = fix)
        {"rule" => rule, "key" => key, "topic" => topic, "source" => source, "severity" => severity, "place" => place.to_h.transform_keys(&:to_s).compact,
         "what" => what, "why" => why, "fix" => shown && {"label" => shown.label, "patch" => shown.patch}}
      end
    end
  end
end
