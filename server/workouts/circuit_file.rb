# frozen_string_literal: true

module Server
  module Workouts
    # A circuit as a file: the open document, and the studio's own movements that it names. It enters another
    # studio as it left this one; what is unknown there comes along.
    class CircuitFile
      # Beyond so many movements nobody looks.
      MOST_MOVEMENTS = 60

      def initialize(studio)
        @studio = studio
      end

      # @param workout [Records::Workout]
      # @return [Hash] the document with "movements"
      def of(workout)
        own = along(Sparrow::Plan::Mentions.movements(workout.document))
        own.empty? ? workout.document : workout.document.merge("movements" => own)
      end

      # @param file [Hash] as in of
      # @return [Array(Sparrow::Preview, Array<String>)] the circuit, and the names of the movements that came along
      # @raise [Sparrow::Refused] with pointers into the file
      def read(file)
        raise Sparrow::Refused.at("", Sparrow.say("server.workouts.is_not_a_circuits_file")) unless file.is_a?(Hash) && file["format"] == "willing-sparrow/workout"
        document = file.except("movements")
        added = []
        movements(file).each do |movement, index|
          document, name = take(document, movement, index)
          added << name if name
        end
        [Sparrow::Preview.new(document, catalogue: @studio.reload.catalogue), added]
      end

      private

      # What a movement names as its ways round comes along too.
      def along(ids, known = {})
        stored = @studio.studio_movements.where(movement_id: ids - known.keys).to_h { |one| [one.movement_id, one.document] }
        return known.values if stored.empty?
        named = stored.each_value.flat_map { |document| document.fetch("spares", {}).each_value.map { |version| version.split(".").first } }
        along(named, known.merge(stored))
      end

      # Ways round come before what names them.
      def movements(file)
        held = file.fetch("movements", []) || []
        raise Sparrow::Refused.at("/movements", Sparrow.say("schema.must_be_a_list")) unless held.is_a?(Array) && held.size <= MOST_MOVEMENTS
        held.each_with_index.to_a.reverse
      end

      # The same movement is not taken twice; another of that name gets one of its own.
      # @return [Array(Hash, String)] the document, and the name of the movement where it was added
      def take(document, movement, index)
        raise Sparrow::Refused.at("/movements/#{index}", Sparrow.say("schema.must_be_an_object")) unless movement.is_a?(Hash) && movement["id"].is_a?(String)
        id = movement["id"]
        here = @studio.studio_movements.find_by(movement_id: id)
        return [document, nil] if here && here.document == movement
        if here
          other = Records::StudioMovement.free_id(@studio, id)
          movement, document = Sparrow::Plan::Mentions.renamed(movement, id, other), Sparrow::Plan::Mentions.renamed(document, id, other)
        end
        [document, add(movement, index)]
      end

      def add(movement, index)
        Records::StudioMovement.add(@studio.reload, movement)
        movement["name"]
      rescue Sparrow::Refused => refused
        raise Sparrow::Refused.new(refused.problems.map { |problem| problem.with(pointer: "/movements/#{index}#{problem.pointer}") })
      end
    end
  end
end
