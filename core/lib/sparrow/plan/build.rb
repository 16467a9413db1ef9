# frozen_string_literal: true

module Sparrow
  module Plan
    # Turns a sound document into values. Here, once, level beats station beats
    # block, the school fills in what a level leaves open, and the variation the rest.
    class Build
      # What a paced set takes where neither number nor variation says: half a minute.
      OPEN_SET_S = 30
      # A variation that is kept up for a time has no tempo; in a compound count its moves go by the second.
      STEP_S = 1

      # @param document [Hash] sound, in its normal form
      # @param known [Hash{Hash => Block, Station}] what was made before, by what it was made from, compared by identity
      def initialize(document, catalogue, known = {})
        @document = document
        @catalogue = catalogue
        @known = known
        @house = Standards::House.read(document["house"])
      end

      # @return [Workout]
      def workout
        blocks = @document.fetch("blocks").each_with_index.map { |given, position| @known[given] || block(given, position) }
        Workout.new(
          title: @document.fetch("title"), slot_minutes: @document["slot_minutes"], head_count: @document["head_count"],
          depth: @document.fetch("depth", "parallel"), house: @house, blocks: blocks.freeze, document: @document
        )
      end

      private

      def block(given, position)
        stations = given.fetch("stations", []).each_with_index.map do |station, index|
          @known[station] || station(station, given, "/blocks/#{position}/stations/#{index}")
        end
        format = Format.named(given.fetch("format"))
        Block.new(
          id: given.fetch("id"), position: position, title: given.fetch("title", ""), role: given.fetch("role"),
          format: format, house: @house, get_ready_s: given.fetch("get_ready_s", 0), seconds: given["seconds"],
          rounds: given.fetch("rounds", 1), rounds_by_level: rounds_by_level(given),
          escalate: given.fetch("escalate", false), work_s: given["work_s"], rest_s: given["rest_s"],
          round_rest_s: given["round_rest_s"], rest_after_last: given.fetch("rest_after_last", false),
          switch_s: given.fetch("switch_s", 0), interval_s: given.fetch("interval_s") { format.default("interval_s") },
          gate: given.fetch("gate") { format.default("gate") || "round" }, cap_s: given["cap_s"], target_s: given["target_s"],
          set_rest_s: given.fetch("set_rest_s", @house.set_rest_s), day: given.fetch("day", "heavier"),
          flow: given.fetch("flow", "together"), scaling: given["scaling"], stations: stations.freeze,
          own: format.own(given)
        )
      end

      # In the school of fewer rounds, a level that says nothing goes a share of them.
      def rounds_by_level(given)
        typed = given.fetch("rounds_by_level", {})
        return typed unless given["scaling"] == "rounds" && given["rounds"]
        Level::ALL.to_h do |level|
          [level, [Standards::Rounding.to_step(given["rounds"] * @house.share(:round_shares, level), 1), 1].max]
        end.merge(typed)
      end

      def station(given, block, pointer)
        movement = @catalogue.movement(given["movement"])
        parts = given["parts"]&.map { |part| part.merge("movement" => @catalogue.movement(part["movement"])).freeze }&.freeze
        school = given["scaling"] || block["scaling"]
        filled = Standards::Fill.new(school, @house, movement, shares: given["shares"] || block["shares"],
          rest_s: given["rest_s"] || block["rest_s"]).call(given.fetch("levels"))
        levels = Level::ALL.to_h do |level|
          [level, prescription(level, filled.fetch(level), given, block: block, movement: movement, parts: parts, pointer: pointer)]
        end
        Station.new(
          id: given.fetch("id"), pointer: pointer, movement: movement, parts: parts,
          name: movement ? movement.name : parts.map { |part| part["movement"].name }.join(" + "),
          in_rounds: given["in_rounds"], note: given["note"], levels: levels.freeze, scaling: school,
          counts: counts(given, block, levels, pointer: pointer)
        )
      end

      def counts(given, block, levels, pointer:)
        Format.named(block["format"]).counts(given, block, @house, levels: levels)
      rescue Standards::Distribution::Impossible => impossible
        raise Refused.at("#{pointer}/ladder/total", Sparrow.say("plan.cannot_be_split_for_every_level", message: impossible.message))
      end

      def prescription(level, given, station, block:, movement:, parts:, pointer:)
        variation = movement&.variation(given["variation"])
        tempo = given["tempo"] && Tempo.parse(given["tempo"])
        counting = given["counting"] || station["counting"] || variation.counting
        format = Format.named(block["format"])
        given = opened(given, station, variation) if format.clock_of(block) == "own_pace"
        own_parts = parts&.map { |part| part.merge("variation" => part["movement"].variation_for(level)).freeze }
        Prescription.new(
          level: level, pointer: "#{pointer}/levels/#{level}", variation: variation, reps: range(given["reps"]),
          hold: range(given["hold_s"]), own_work_s: given["work_s"],
          work_s: given["work_s"] || station["work_s"] || block["work_s"] || format.window_s(block),
          rest_s: given["rest_s"] || station["rest_s"] || block["rest_s"] || 0,
          sides: given["sides"] || station["sides"] || "both",
          counting: Counting.of(counting, parts: parts ? parts.map { |part| part["reps"] } : []),
          tempo: tempo, seconds_per_move: seconds_per_move(level, variation, tempo, parts: own_parts),
          parts: own_parts, load_kg: given["load_kg"], splits: given["splits"], quota: range(given["quota"]),
          filled: given["filled"] || [].freeze, note: given["note"]
        )
      end

      # A set that is paced by the person must end: where nothing is asked, the
      # variation's own target is.
      def opened(given, station, variation)
        return given if given["reps"] || given["hold_s"] || given["work_s"] || station["work_s"] || station["ladder"]
        own = variation ? variation.target.slice("reps", "hold_s") : {"reps" => 1}
        own = {"work_s" => OPEN_SET_S} if own.empty?
        given.merge(own, "filled" => [*given["filled"], *own.keys])
      end

      # A typed tempo is taken as typed; the house pace stretches a default one only.
      # @return [Rational, nil] nil for a variation that is not counted
      def seconds_per_move(level, variation, tempo, parts:)
        return Rational(tempo.seconds) if tempo
        return variation.tempo && (variation.tempo.seconds * @house.pace.fetch(level)) if variation
        parts.sum { |part| (part["variation"].tempo&.seconds || STEP_S) * part["reps"] } * @house.pace.fetch(level) / parts.sum { |part| part["reps"] }
      end

      def range(given)
        given.is_a?(Hash) ? (given["min"]..given["max"]) : (given && (given..given))
      end
    end
  end
end
