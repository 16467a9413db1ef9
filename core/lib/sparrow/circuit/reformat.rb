# frozen_string_literal: true

module Sparrow
  module Circuit
    # Another format for a block, with nothing lost of what was typed: keys that
    # the new format knows are kept, a few are converted, the others are set
    # aside in the block itself and come back when a format knows them again.
    # docs/formats/changing-formats.md holds the table, and a spec holds it to this.
    class Reformat
      FORMATS = Form::BLOCK_KEYS.keys.freeze
      # What a format opens with where nothing stands yet.
      OPENING = {
        "intervals" => {"work_s" => 40, "rest_s" => 20, "rounds" => 3}, "every_minute" => {"interval_s" => 60, "rounds" => 3},
        "rounds" => {"rounds" => 3}, "amrap" => {"cap_s" => 720}, "chipper" => {}, "ladder" => {"rounds" => 4}, "quota" => {"day" => "heavier"}
      }.freeze
      # A day's total where nothing says it: so many times the number of one set.
      SETS_A_DAY = {"min" => 3, "max" => 5}.freeze
      # Only these gates are known to a chipper.
      CHIPPER_GATES = %w[station free].freeze

      # @param block [Hash] of a document, half typed or not
      # @param format [String] one of FORMATS
      # @return [Hash] the block in that format
      # @raise [Refused] where it is not even in the form of a block with stations
      def self.call(block, format)
        raise Refused.new([Problem.new(pointer: "/block", message: "must be a block with stations")]) unless block?(block)
        new(block, format).call
      end

      # Numbers may be anything that was typed; what holds them must be in its form.
      def self.block?(block)
        block.is_a?(Hash) && FORMATS.include?(block["format"]) && holder?(block["set_aside"]) && list?(block["stations"]) do |station|
          holder?(station["ladder"]) && holder?(station["set_aside"]) && holder?(station["levels"]) &&
            (station["levels"] || {}).each_value.all? { |level| level.is_a?(Hash) && holder?(level["set_aside"]) }
        end
      end

      def self.holder?(held)
        held.nil? || held.is_a?(Hash)
      end

      def self.list?(held, &each)
        held.nil? || (held.is_a?(Array) && held.all? { |entry| entry.is_a?(Hash) && each.call(entry) })
      end
      private_class_method :block?, :holder?, :list?

      def initialize(block, format)
        @block = block
        @from = block["format"]
        @to = format
      end

      # @return [Hash]
      def call
        return @block if @from == @to
        moved = shift(@block, Form::BLOCK_KEYS.fetch(@to), Form::ALL_BLOCK_KEYS)
        moved = OPENING.fetch(@to).merge(moved) { |_, opening, typed| typed.nil? ? opening : typed }
        moved = unknown_gate(moved) if @to == "chipper" && moved["gate"] && !CHIPPER_GATES.include?(moved["gate"])
        moved.merge("format" => @to, "stations" => (@block["stations"] || []).map { |station| station(station) })
      end

      # What becomes of each key that a block or its stations may hold.
      # @return [Hash{String => Array<String>}] "kept", "converted", "set_aside"
      def self.fates(from, to)
        block_keys = Form::BLOCK_KEYS.fetch(from).keys
        station_keys = Form::STATION_EXTRAS.fetch(from).keys
        level_keys = Form::LEVEL_EXTRAS.fetch(from, {}).keys + (%w[ladder quota].include?(from) ? [] : ["reps"])
        converted = converted(from, to)
        kept = (block_keys & Form::BLOCK_KEYS.fetch(to).keys) + (station_keys & Form::STATION_EXTRAS.fetch(to).keys)
        kept += level_keys & (Form::LEVEL_EXTRAS.fetch(to, {}).keys + ["reps"])
        {"kept" => (kept - converted).sort, "converted" => converted.sort, "set_aside" => (block_keys + station_keys + level_keys - kept - converted).sort}
      end

      # @return [String] the fates of all pairs, a line each, as Markdown
      def self.table
        rows = FORMATS.product(FORMATS).reject { |from, to| from == to }.map do |from, to|
          cells = fates(from, to).values_at("kept", "converted", "set_aside").map { |keys| keys.empty? ? "–" : keys.join(", ") }
          "| #{from} → #{to} | #{cells.join(" | ")} |"
        end
        ["| change | kept | converted | set aside |", "|---|---|---|---|", *rows].join("\n")
      end

      def self.converted(from, to)
        keys = []
        keys << "reps" if to == "ladder" || (to == "quota" && !%w[ladder quota].include?(from))
        keys << "ladder" if from == "ladder" && to != "quota"
        keys << "gate" if to == "chipper" && %w[rounds ladder].include?(from)
        keys.uniq - ((from == "ladder") ? ["reps"] : [])
      end
      private_class_method :converted

      private

      # A chipper has no rounds to wait after: nobody waits, and the gate is kept for later.
      def unknown_gate(moved)
        moved.except("gate").merge("set_aside" => (moved["set_aside"] || {}).merge("gate" => moved["gate"]))
      end

      # Moves keys between a holder and its "set_aside".
      def shift(holder, known, movable)
        aside = (holder["set_aside"] || {}).dup
        back = aside.select { |key, _| known.key?(key) && holder[key].nil? }
        leaving = holder.select { |key, value| movable.key?(key) && !known.key?(key) && !value.nil? }
        aside = aside.except(*back.keys).merge(leaving)
        moved = holder.except("set_aside", *leaving.keys).merge(back)
        aside.empty? ? moved : moved.merge("set_aside" => aside)
      end

      def station(given)
        moved = shift(given, Form::STATION_EXTRAS.fetch(@to), {"in_rounds" => true, "ladder" => true})
        moved["ladder"] ||= ladder(given) if @to == "ladder" && ladder(given)
        moved.delete("ladder") if moved["ladder"].nil?
        levels = (given["levels"] || {}).to_h { |level, held| [level, level_of(held, given, moved)] }
        moved.merge("levels" => levels)
      end

      # A number in each round becomes a total over the rounds: the advanced one's.
      def ladder(given)
        number = plain((given["levels"] || {}).dig("advanced", "reps"))
        return unless number.is_a?(Integer) && number.positive?
        rounds = @block["rounds"] || @block.dig("set_aside", "rounds") || OPENING["ladder"]["rounds"]
        return unless rounds.is_a?(Integer) && rounds.between?(1, 50)
        total = number * rounds
        {"total" => total, "shape" => (total >= rounds * (rounds + 1) / 2) ? "descending" : "flat"} if total <= 1000
      end

      def level_of(held, given, moved)
        known = {"reps" => !moved.key?("ladder"), **Form::LEVEL_EXTRAS.fetch(@to, {})}.select { |_, knows| knows }
        level = shift(held, known, {"splits" => true, "quota" => true, "reps" => true})
        level = {**level, "reps" => per_round(given)} if known["reps"] && level["reps"].nil? && given["ladder"] && @to != "quota" && per_round(given)
        level = level.except("splits") if @to == "chipper" && level["splits"] && level["reps"].nil?
        level = {**level, "quota" => quota(held, given)} if @to == "quota" && level["quota"].nil?
        level
      end

      # A ladder's total becomes the number of its largest round where no other was typed.
      def per_round(given)
        total, rounds = given.dig("ladder", "total"), @block["rounds"]
        return unless total.is_a?(Integer) && rounds.is_a?(Integer) && rounds.positive?
        [total / rounds, 1].max
      end

      def quota(held, given)
        number = plain(held["reps"]) || per_round(given) || 10
        number = 10 unless number.is_a?(Integer) && number.positive?
        SETS_A_DAY.transform_values { |sets| (number * sets).clamp(1, 1000) }
      end

      def plain(reps)
        reps.is_a?(Hash) ? reps["max"] : reps
      end
    end
  end
end
