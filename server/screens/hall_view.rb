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
        {"title" => @run.title, "document" => @run.altered.document, "changed_from_s" => @run.altered.from_s, **HallView.events(@run.studio_id, @run.id), "preview" => Sparrow::Preview.new(@run.altered.document, timeline: @run.timeline, catalogue: catalogue).to_h.merge("findings" => []), "groups" => Runs::GroupSizes.of(@run), "movements" => movements}
      end

      # @return [Hash] "events" and the server's time
      def self.events(studio_id, run_id)
        told = Records::RunEvent.where(studio_id: studio_id, run_id: run_id, person_id: nil, kind: KINDS).order(:at_ms, :event_id).pluck(:event_id, :kind, :at_ms, :data)
        {"events" => told.map { |id, kind, at_ms, data| {"id" => id, "kind" => kind, "at_ms" => at_ms, **data} }, "now_ms" => Runs::DeviceTime.now_ms}
      end

      private

      def catalogue
        @run.studio.catalogue
      end

      # Those of the class, with what the hall reads of them.
      def movements
        ids = @run.timeline.workout.each_station.flat_map { |_, station| [*station.movements.map(&:id), *station.alternatives.each_value.map(&:movement_id)] }.uniq
        ids.filter_map { |id| catalogue.movement(id) }.map { |movement| Movements::View.movement(movement) }
      end
    end
  end
end
