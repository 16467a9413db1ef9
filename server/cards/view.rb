# frozen_string_literal: true

module Server
  module Cards
    # One participant's own card: what they do, and nothing about why, nor about anybody else.
    class View
      # @param group_class [Records::GroupClass]
      # @param cells [Array<Sparrow::Fitting::Cell>]
      # @param name [String]
      def initialize(group_class, cells, name)
        @class = group_class
        @cells = cells
        @name = name
      end

      # @return [Hash]
      def to_h
        {"title" => @class.title, "starts_at" => Http::Json.instant(@class.starts_at), "name" => @name, "place" => @class.place&.name,
         "stations" => @cells.map { |cell| station(cell) }, "advice" => ADVICE}
      end

      ADVICE = Sparrow.say("server.cards.stop_for_chest_pain_dizziness_unusual")

      private

      def station(cell)
        variation = cell.option&.variation
        {"block" => cell.place.block.name, "station" => cell.place.station.name, "level" => cell.level, "name" => cell.option ? variation&.name || cell.place.station.name : nil,
         "target" => cell.option ? cell.target : Sparrow.say("server.cards.see_your_instructor"), "rounds" => cell.option ? cell.place.block.round_count : 1, "standard" => variation&.standard,
         "cues" => variation&.cues || [], "breathing" => variation&.breathing, "cautions" => variation&.cautions || [], "strip" => Figures::View.strip(variation)}
      end
    end
  end
end
