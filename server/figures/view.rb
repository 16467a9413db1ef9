# frozen_string_literal: true

module Server
  module Figures
    # A figure as JSON. The house's do not change while the process lives: each is solved
    # once, when it is first asked for.
    module View
      # Between two figures that are solved ahead.
      AHEAD_PAUSE_S = 0.01
      # A picture so much wider than high has two poses side by side on a card, others three.
      WIDE = 1.2

      # JSON, and an entity tag for it.
      Answer = Struct.new(:text, :tag)
      @house = {}

      # @param version [String] the id of a version
      # @return [Answer, nil] nil where the house has no such version, or nothing is drawn for it
      def self.house(version)
        @house[version] ||= Sparrow::Catalogue.house.variation(version)&.then { |variation| of(variation) }
      end

      # @param variation [Sparrow::Catalogue::Variation] a studio's own
      # @return [Answer, nil] nil where nothing is drawn for it
      def self.of(variation)
        text = drawn(variation)
        text && Answer.new(text.freeze, Digest::SHA256.hexdigest(text).slice(0, 20).freeze).freeze
      end

      # Solves the house's figures one after the other in the background, so that nobody waits
      # for the first of them; what is asked for meanwhile goes before.
      # @return [Thread]
      def self.solve_ahead
        Thread.new do
          Thread.current.priority = -2
          Sparrow::Figure::Library.house.ids.each do |version|
            house(version)
            sleep AHEAD_PAUSE_S
          end
        end
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
