# frozen_string_literal: true

module Server
  module Screens
    # What a screen in the hall is drawn from: the plan, what happened, and the versions that are done. Nobody's name, limit or count.
    class HallView
      # What is not about a person.
      KINDS = (Sparrow::Running::Event::OF_THE_CLOCK + %w[taken_back changed tapped]).freeze

      # @param run [Records::Run]
      def initialize(run)
        @run = run
      end

      # @return [Hash]
      def to_h
        {"title" => @run.title, "document" => @run.altered.document, "changed_from_s" => @run.altered.from_s, **events, "preview" => Sparrow::Preview.of(@run.timeline, catalogue: catalogue).to_h.merge("findings" => []), "movements" => movements}
      end

      # @return [Hash] "events" and the server's time
      def events
        {"events" => @run.events.reject(&:person_id).select { |event| KINDS.include?(event.kind) }.map(&:to_h), "now_ms" => Runs::DeviceTime.now_ms}
      end

      private

      def catalogue
        @run.studio.catalogue
      end

      # Those of the class, with what the hall reads of them.
      def movements
        ids = @run.timeline.workout.each_station.flat_map { |_, station| [station.movement&.id, *station.alternatives&.map { |held| held.variation.movement_id }] }.compact.uniq
        ids.filter_map { |id| catalogue.movement(id) }.map { |movement| Movements::View.movement(movement) }
      end
    end
  end
end
