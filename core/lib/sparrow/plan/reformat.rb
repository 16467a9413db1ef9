# frozen_string_literal: true

module Sparrow
  module Plan
    # Another format for a block, with nothing lost of what was typed: keys that
    # the new format knows are kept, a few are converted, the others are set
    # aside in the block itself and come back when a format knows them again.
    # docs/formats/changing-formats.md holds the table, and a spec holds it to this.
    class Reformat
      # @param block [Hash] of a document, half typed or not
      # @param format [String] the id of one with stations
      # @return [Hash] the block in that format
      # @raise [Refused] where it is not even in the form of a block with stations
      def self.call(block, format)
        raise Refused.at("/block", Sparrow.say("plan.must_be_a_block_with_stations")) unless block?(block)
        new(block, format).call
      end

      # Numbers may be anything that was typed; what holds them must be in its form.
      def self.block?(block)
        block.is_a?(Hash) && Format.find(block["format"])&.stations? && holder?(block["set_aside"]) && list?(block["stations"]) do |station|
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
        @from = Format.named(block["format"])
        @to = Format.named(format)
      end

      # @return [Hash]
      def call
        return @block if @from.equal?(@to)
        moved = shift(@block, @to.block_shapes, Reformat.every(:block_shapes))
        moved = @to.opening.merge(moved) { |_, opening, typed| typed.nil? ? opening : typed }
        moved = one_number(unknown_choices(moved))
        moved.merge("format" => @to.id, "stations" => (@block["stations"] || []).map { |station| station(station) })
      end

      # What becomes of each key that a block or its stations may hold.
      # @return [Hash{String => Array<String>}] "kept", "converted", "set_aside"
      def self.fates(from, to)
        from, to = Format.named(from), Format.named(to)
        converted = (to.takes_from(from) + from.gives_to(to) + narrowed(from, to)).uniq
        known = keys(to) + ["reps"]
        held = keys(from)
        {"kept" => (held & known - converted).sort, "converted" => converted.sort, "set_aside" => (held - known - converted).sort}
      end

      # @return [String] the fates of all pairs, a line each, as Markdown
      def self.table
        formats = Format.with_stations.map(&:id)
        rows = formats.product(formats).reject { |from, to| from == to }.map do |from, to|
          cells = fates(from, to).values_at("kept", "converted", "set_aside").map { |keys| keys.empty? ? "–" : keys.join(", ") }
          "| #{from} → #{to} | #{cells.join(" | ")} |"
        end
        ["| change | kept | converted | set aside |", "|---|---|---|---|", *rows].join("\n")
      end

      # @return [Hash{String => #read}] what any format declares of blocks, stations or levels
      def self.every(part)
        Format.with_stations.map { |format| format.public_send(part) }.reduce({}, :merge)
      end

      # @return [Array<String>] every key that a block of a format, its stations and levels may hold
      def self.keys(format)
        [*format.block_shapes.keys, *format.station_fields.keys, *format.level_fields.keys, *("reps" if format.reps?)].uniq
      end

      # @return [Array<String>] keys with fewer choices in +to+ than in +from+, or with one number where that may have several
      def self.narrowed(from, to)
        from.fields.filter_map do |field|
          other = to.fields.find { |candidate| candidate.key == field.key }
          field.key if (other&.choices && (field.choices - other.choices).any?) || (other && ByRound::KINDS.include?(field.kind) && other.kind != field.kind)
        end
      end
      private_class_method :keys, :narrowed

      private

      # A choice that the new format does not offer is kept for later.
      def unknown_choices(moved)
        unknown = @to.fields.select { |field| field.choices && moved[field.key] && !field.choices.include?(moved[field.key]) }.map(&:key)
        return moved if unknown.empty?
        moved.except(*unknown).merge("set_aside" => (moved["set_aside"] || {}).merge(moved.slice(*unknown)))
      end

      # Where the new format has one number for all rounds, or for a range, it gets the longest; the others are kept for later.
      def one_number(moved)
        longest(moved, @to.fields.reject { |field| ByRound::KINDS.include?(field.kind) }.map(&:key))
      end

      # The same of what a station or a level has of its own.
      def own_times(moved, known)
        longest(moved, Plan::Format::Fields::OWN_TIMES.keys - known.keys)
      end

      def longest(moved, keys)
        several = keys.select { |key| moved[key].is_a?(Array) || (moved[key].is_a?(Hash) && moved[key].key?("max")) }
        return moved if several.empty?
        moved.merge(several.to_h { |key| [key, ByRound.longest(moved[key])] }).merge("set_aside" => (moved["set_aside"] || {}).merge(moved.slice(*several)))
      end

      # Moves keys between a holder and its "set_aside".
      def shift(holder, known, movable)
        aside = (holder["set_aside"] || {}).dup
        back = aside.select { |key, kept| known.key?(key) && (holder[key].nil? || holder[key] == ByRound.longest(kept)) }
        leaving = holder.select { |key, value| movable.key?(key) && !known.key?(key) && !value.nil? }
        aside = aside.except(*back.keys).merge(leaving) { |_, kept, now| (ByRound.longest(kept) == now) ? kept : now }
        moved = holder.except("set_aside", *leaving.keys).merge(back)
        aside.empty? ? moved : moved.merge("set_aside" => aside)
      end

      def station(input)
        moved = own_times(shift(input, @to.station_fields, Reformat.every(:station_fields).except(*Form::STATION_KEYS.keys)), @to.station_fields)
        moved = @to.adopt_station(moved, input, @block)
        levels = (input["levels"] || {}).to_h { |level, held| [level, level_of(held, input, moved)] }
        moved.merge("levels" => levels)
      end

      def level_of(held, input, moved)
        known = @to.level_fields.merge(@to.reps_at?(moved) ? {"reps" => Form::REPS} : {})
        level = own_times(shift(held, known, {"reps" => Form::REPS, **Reformat.every(:level_fields).except(*Form::PRESCRIPTION_KEYS.keys)}), known)
        @to.adopt_level(level, @from.number_of(held, input, @block), moved)
      end
    end
  end
end
