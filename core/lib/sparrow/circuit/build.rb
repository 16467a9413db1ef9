# frozen_string_literal: true

module Sparrow
  module Circuit
    # Turns a sound document into values. Here, once, level beats station beats
    # block, and the rung fills in what nobody said.
    class Build
      def initialize(document, catalogue)
        @document = document
        @catalogue = catalogue
        @house = House.read(document["house"])
      end

      # @return [Workout]
      def workout
        blocks = @document.fetch("blocks").each_with_index.map { |given, position| block(given, position) }
        Workout.new(
          title: @document.fetch("title"), slot_minutes: @document["slot_minutes"],
          depth: @document.fetch("depth", "parallel"), house: @house, blocks: blocks.freeze, document: @document
        )
      end

      private

      def block(given, position)
        stations = given.fetch("stations", []).each_with_index.map do |station, index|
          station(station, given, "/blocks/#{position}/stations/#{index}")
        end
        Block.new(
          id: given.fetch("id"), position: position, title: given.fetch("title", ""), role: given.fetch("role"),
          format: given.fetch("format"), get_ready_s: given.fetch("get_ready_s", 0), seconds: given["seconds"],
          rounds: given.fetch("rounds", 1), rounds_by_level: given.fetch("rounds_by_level", {}),
          escalate: given.fetch("escalate", false), work_s: given["work_s"], rest_s: given["rest_s"],
          round_rest_s: given["round_rest_s"], rest_after_last: given.fetch("rest_after_last", false),
          switch_s: given.fetch("switch_s", 0), scaling: given.fetch("scaling", "variation"), stations: stations.freeze
        )
      end

      def station(given, block, pointer)
        movement = @catalogue.movement(given["movement"])
        parts = given["parts"]&.map { |part| part.merge("movement" => @catalogue.movement(part["movement"])).freeze }&.freeze
        levels = Level::ALL.to_h do |level|
          [level, prescription(level, given.fetch("levels").fetch(level), given, block, movement, parts, pointer)]
        end
        Station.new(
          id: given.fetch("id"), pointer: pointer, movement: movement, parts: parts,
          name: movement ? movement.name : parts.map { |part| part["movement"].name }.join(" + "),
          in_rounds: given["in_rounds"], note: given["note"], levels: levels.freeze
        )
      end

      def prescription(level, given, station, block, movement, parts, pointer)
        variation = movement&.variation(given["variation"])
        tempo = given["tempo"] && Tempo.parse(given["tempo"])
        counting = given["counting"] || station["counting"] || variation.counting
        Prescription.new(
          level: level, pointer: "#{pointer}/levels/#{level}", variation: variation, reps: range(given["reps"]),
          hold_s: given["hold_s"], own_work_s: given["work_s"],
          work_s: given["work_s"] || station["work_s"] || block["work_s"],
          rest_s: given["rest_s"] || station["rest_s"] || block["rest_s"],
          sides: given["sides"] || station["sides"] || "both",
          counting: Counting.of(counting, parts: parts ? parts.map { |part| part["reps"] } : []),
          tempo: tempo, seconds_per_move: seconds_per_move(level, variation, tempo, parts),
          load_kg: given["load_kg"], note: given["note"]
        )
      end

      # A typed tempo is taken as typed; the house pace stretches a default one only.
      # @return [Rational, nil] nil for a rung that is not counted
      def seconds_per_move(level, variation, tempo, parts)
        return Rational(tempo.seconds) if tempo
        return variation.tempo && (variation.tempo.seconds * @house.pace.fetch(level)) if variation
        timed = parts.map { |part| [part["movement"].rung_for(level).tempo, part["reps"]] }
        return if timed.any? { |part_tempo, _| part_tempo.nil? }
        timed.sum { |part_tempo, reps| part_tempo.seconds * reps } * @house.pace.fetch(level) / timed.sum(&:last)
      end

      def range(reps)
        reps.is_a?(Hash) ? (reps["min"]..reps["max"]) : (reps && (reps..reps))
      end
    end
  end
end
