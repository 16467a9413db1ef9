# frozen_string_literal: true

module Server
  module Figures
    # A figure as JSON. The house's do not change while the process lives: each is solved
    # once, when it is first asked for.
    module View
      # A picture so much wider than high has two poses side by side on a card, others three.
      WIDE = 1.2

      # @param variation [Sparrow::Catalogue::Variation]
      # @return [String, nil] JSON; nil where nothing is drawn for it
      def self.text(variation)
        return drawn(variation) unless house?(variation)
        @house ||= {}
        @house[variation.id] ||= drawn(variation).freeze
      end

      # @param names [Array<String>] of base poses
      # @param view [String, nil]
      # @return [Hash]
      # @raise [Sparrow::Refused] where they do not go together
      def self.composed(names, view)
        Sparrow::Figure::Drawing.new(Sparrow::Figure::Library.house.composed(names, view)).with_faults
      rescue ArgumentError, KeyError
        raise Sparrow::Refused.at("/poses", Sparrow.say("figure.do_not_go_together"))
      end

      # @param variation [Sparrow::Catalogue::Variation, nil]
      # @return [Hash, nil] the key poses of a figure as one still picture, for a card
      def self.strip(variation)
        return if variation.nil?
        return stills(variation) unless house?(variation)
        @strips ||= {}
        @strips[variation.id] ||= stills(variation).freeze
      end

      def self.stills(variation)
        motion = Sparrow::Figure::Library.house.for(variation)
        return unless motion
        drawing = Sparrow::Figure::Drawing.new(motion)
        most = (drawing.box[2] > drawing.box[3] * WIDE) ? 2 : 3
        drawing.to_h.slice("box", "order", "far", "tints", "trunk", "props", "unit", "floor").merge("stills" => drawing.stills(most: most))
      rescue ArgumentError, KeyError
        nil
      end

      def self.house?(variation)
        !Sparrow::Catalogue.house.variation(variation.id).nil?
      end

      def self.drawn(variation)
        motion = Sparrow::Figure::Library.house.for(variation)
        motion && JSON.generate(Sparrow::Figure::Drawing.new(motion).with_faults)
      rescue ArgumentError, KeyError
        # A base pose that was chosen once may have changed since.
        nil
      end
      private_class_method :stills, :house?, :drawn
    end
  end
end
