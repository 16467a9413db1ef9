# frozen_string_literal: true

module Server
  module Cards
    # What a participant may enter from their card, and what they have entered.
    class OwnEntries
      # @param group_class [Records::GroupClass]
      # @param person_id [String]
      def initialize(group_class, person_id)
        @class = group_class
        @person_id = person_id
      end

      # @param cells [Array<Sparrow::Fitting::Cell>] what they were given
      # @return [Hash, nil] nil where the class is not open for it
      def to_h(cells)
        return unless @class.own_entries
        {"stations" => cells.select { |cell| cell.option && cell.place.block.role != "warm_up" }.map { |cell| station(cell) }, "entered" => kept&.entry}
      end

      # @param entry [Hash] as in Sparrow::Logging::Form::OWN_ENTRY
      # @raise [Http::Problems::Error] where the class is not open for it
      # @raise [Sparrow::Refused] where it names a station that the class has not
      def keep(entry)
        raise Http::Problems::Error.new(403, Sparrow.say("server.cards.not_open_for_entries"), Sparrow.say("server.cards.your_instructor_has_not_opened")) unless @class.own_entries
        known = @class.document["blocks"].flat_map { |block| block.fetch("stations", []).map { |station| [block["id"], station["id"]] } }
        wrong = entry.fetch("results", []).each_with_index.reject { |result, _| known.include?(result.values_at("block", "station")) }
        Sparrow::Refused.where(wrong.map { |_, index| Sparrow::Problem.new(pointer: "/results/#{index}/station", message: Sparrow.say("logging.is_not_a_station_of_this")) })
        held = kept || Records::OwnEntry.new(studio_id: @class.studio_id, group_class: @class, person_id: @person_id)
        held.update!(content: JSON.generate(entry), entered_at: Time.now.utc)
      end

      private

      def kept
        Records::OwnEntry.find_by(studio_id: @class.studio_id, group_class_id: @class.id, person_id: @person_id)
      end

      def station(cell)
        unit = (cell.option.unit == "hold") ? "hold" : "reps"
        {"block" => cell.place.block.id, "station" => cell.place.station.id, "name" => cell.option.variation&.name || cell.place.station.name, "unit" => unit, "number" => cell.option.number}
      end
    end
  end
end
