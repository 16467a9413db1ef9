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
        blocks = @document.fetch("blocks").each_with_index.map { |input, position| @known[input] || block(input, position) }
        Workout.new(
          title: @document.fetch("title"), slot_minutes: @document["slot_minutes"], head_count: @document["head_count"],
          depth: @document.fetch("depth", "parallel"), house: @house, conditions: Conditions.read(@document["conditions"]),
          blocks: blocks.freeze, document: @document
        )
      end

      private

      def block(input, position)
        stations = input.fetch("stations", []).each_with_index.map do |station, index|
          @known[station] || station(station, input, "/blocks/#{position}/stations/#{index}")
        end
        format = Format.named(input.fetch("format"))
        Block.new(
          id: input.fetch("id"), position: position, title: input.fetch("title", ""), role: input.fetch("role"),
          format: format, house: @house, get_ready_s: input.fetch("get_ready_s", 0), seconds: input["seconds"],
          rounds: input.fetch("rounds", 1), rounds_by_level: rounds_by_level(input),
          escalate: input.fetch("escalate", false),
          round_rest_s: input["round_rest_s"], rest_after_last: input.fetch("rest_after_last", false),
          switch_s: input.fetch("switch_s", 0), interval_s: input.fetch("interval_s") { format.default("interval_s") },
          gate: input.fetch("gate") { format.default("gate") || "round" }, cap_s: input["cap_s"], target_s: input["target_s"],
          set_rest_s: input.fetch("set_rest_s", @house.set_rest_s), day: input.fetch("day", "heavier"),
          flow: input.fetch("flow", "together"), scaling: input["scaling"], stations: stations.freeze,
          own: format.own(input)
        )
      end

      # In the school of fewer rounds, a level that says nothing goes a share of them.
      def rounds_by_level(input)
        typed = input.fetch("rounds_by_level", {})
        return typed unless input["scaling"] == "rounds" && input["rounds"]
        Level::ALL.to_h do |level|
          [level, [Standards::Rounding.to_step(input["rounds"] * @house.share(:round_shares, level), 1), 1].max]
        end.merge(typed)
      end

      def station(input, block, pointer)
        movement = @catalogue.movement(input["movement"])
        parts = parts(input["parts"])
        school = input["scaling"] || block["scaling"]
        going = input.fetch("levels").reject { |_, held| held["sits_out"] }
        filled = Standards::Fill.new(school, @house, @catalogue, shares: input["shares"] || block["shares"],
          rest_s: rest_of_school(input, block)).call(going)
        levels = (Level::ALL & going.keys).to_h do |level|
          [level, prescription(level, filled.fetch(level), input, block: block, pointer: pointer)]
        end
        Station.new(
          id: input.fetch("id"), pointer: pointer, movement: movement, parts: parts,
          name: name(movement, parts, levels),
          in_rounds: input["in_rounds"], note: input["note"], levels: levels.freeze, scaling: school,
          counts: counts(input, block, levels, pointer: pointer), optional: input.fetch("optional", false),
          alternatives: (input["alternatives"] || []).to_h { |held| [held["for"], @catalogue.variation(held["variation"])] }.freeze
        )
      end

      # As its movement is called; where no level does that, as what they do.
      def name(movement, parts, levels)
        return movement.name if movement && levels.each_value.any? { |held| held.movement.equal?(movement) }
        return parts.map { |part| part.movement.name }.join(" + ") if parts && levels.each_value.any? { |held| held.parts&.map(&:movement) == parts.map(&:movement) }
        levels.each_value.map { |held| held.movements.map(&:name).join(" + ") }.uniq.join(" / ")
      end

      def counts(input, block, levels, pointer:)
        Format.named(block["format"]).counts(input, block, @house, levels: levels)
      rescue Standards::Distribution::Impossible => impossible
        raise Refused.at("#{pointer}/ladder/total", Sparrow.say("plan.cannot_be_split_for_every_level", message: impossible.message))
      end

      # A level's own version or parts, of whatever movement; else the station's parts.
      def prescription(level, input, station, block:, pointer:)
        variation = @catalogue.variation(input["variation"])
        parts = parts(input["parts"] || station["parts"], level) unless variation
        tempo = input["tempo"] && Tempo.parse(input["tempo"])
        format = Format.named(block["format"])
        input = opened(input, station, variation) if format.clock_of(block) == "own_pace"
        works = ByRound.read(input["work_s"] || station["work_s"] || block["work_s"] || format.window_s(block))
        Prescription.new(
          level: level, pointer: "#{pointer}/levels/#{level}", movement: variation && @catalogue.movement(variation.movement_id), variation: variation,
          reps: range(input["reps"]), hold: range(input["hold_s"]), own_work_s: ByRound.numbers(input["work_s"]).max, work_s: works&.seconds&.max, works: works, rests: rests(input, station, block),
          sides: input["sides"] || station["sides"] || "both",
          counting: Counting.of(counting(input, station, variation), parts: parts ? parts.map(&:reps) : []),
          tempo: tempo, seconds_per_move: seconds_per_move(level, variation, tempo, parts: parts),
          parts: parts, load_kg: input["load_kg"], splits: input["splits"], quota: range(input["quota"]),
          filled: input["filled"] || [].freeze, note: input["note"]
        )
      end

      # @return [Array<Part>, nil] with the versions of a level, where one is given
      def parts(input, level = nil)
        input&.map do |part|
          movement = @catalogue.movement(part["movement"])
          Part.new(movement, part["reps"], level && movement.variation_for(level))
        end&.freeze
      end

      # What the station says of counting holds for its own movement or its own parts.
      def counting(input, station, variation)
        return "compound" unless variation
        own = variation.movement_id == station["movement"]
        input["counting"] || (station["counting"] if own) || variation.counting
      end

      # Whoever says something of the rest says all of it; a ratio stands before seconds.
      def rests(input, station, block)
        holder = [input, station, block].find { |held| held["rest_ratio"] || held["rest_s"] }
        holder && ByRound.read(holder["rest_ratio"] ? {"ratio" => holder["rest_ratio"]} : holder["rest_s"])
      end

      # The rest of the first round, of which a school gives its levels a share; none of a station's own ratio.
      def rest_of_school(station, block)
        ByRound.read(station["rest_s"] || block["rest_s"])&.in_round(1) unless station["rest_ratio"]
      end

      # A set that is paced by the person must end: where nothing is asked, the
      # variation's own target is.
      def opened(input, station, variation)
        return input if input["reps"] || input["hold_s"] || input["work_s"] || station["work_s"] || station["ladder"]
        own = variation ? variation.target.slice("reps", "hold_s") : {"reps" => 1}
        own = {"work_s" => OPEN_SET_S} if own.empty?
        input.merge(own, "filled" => [*input["filled"], *own.keys])
      end

      # A typed tempo is taken as typed; the house pace stretches a default one only.
      # @return [Rational, nil] nil for a variation that is not counted
      def seconds_per_move(level, variation, tempo, parts:)
        return Rational(tempo.seconds) if tempo
        return variation.tempo && (variation.tempo.seconds * @house.pace.fetch(level)) if variation
        parts.sum { |part| (part.variation.tempo&.seconds || STEP_S) * part.reps } * @house.pace.fetch(level) / parts.sum(&:reps)
      end

      def range(input)
        input.is_a?(Hash) ? (input["min"]..input["max"]) : (input && (input..input))
      end
    end
  end
end
