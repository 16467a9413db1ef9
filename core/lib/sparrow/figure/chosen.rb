# frozen_string_literal: true

module Sparrow
  module Figure
    # What a studio chose to draw for its own versions: it must be there, and go together.
    module Chosen
      # @param document [Hash] a movement, of sound shape
      # @raise [Refused] with a pointer for each that cannot be drawn
      def self.check(document, library: Library.house)
        Refused.where(document.fetch("ladder").each_with_index.filter_map do |variation, index|
          key, message = complaint(variation["figure"] || {}, library)
          Problem.new(pointer: "/ladder/#{index}/figure/#{key}", message: message) if key
        end)
      end

      def self.complaint(figure, library)
        return ["like", Sparrow.say("figure.has_no_figure")] if figure["like"] && !library.written(figure["like"])
        unknown = (figure["poses"] || []) - library.pose_names
        return ["poses", Sparrow.say("figure.is_no_pose_we_know", pose: unknown.first)] if unknown.any?
        library.composed(figure["poses"], figure["view"]) if figure["poses"]
        nil
      rescue ArgumentError, KeyError
        ["poses", Sparrow.say("figure.do_not_go_together")]
      end
      private_class_method :complaint
    end
  end
end
