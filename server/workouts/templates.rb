# frozen_string_literal: true

module Server
  module Workouts
    # The ready-made circuits, each with what it comes to.
    module Templates
      # @return [Array<Hash>]
      def self.all
        @all ||= Sparrow::Plan::Templates.all.map { |template| line(template) }.freeze
      end

      def self.line(template)
        workout = Sparrow::Plan.read(template.document)
        main = workout.blocks.reject { |block| !block.format.stations? || %w[warm_up cool_down].include?(block.role) }
        {"id" => template.id, "title" => template.title, "about" => template.about, "tags" => template.tags,
         "total_s" => Sparrow::Plan::Timeline.compile(workout).total_s, "slot_minutes" => workout.slot_minutes, "kit" => Sparrow::Plan::Mentions.kit(template.document, Sparrow::Catalogue.house),
         "formats" => main.map { |block| block.format.id }.uniq, "schools" => main.filter_map(&:scaling).uniq, "stations" => main.sum { |block| block.stations.size }}
      end
      private_class_method :line
    end
  end
end
