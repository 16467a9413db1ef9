# frozen_string_literal: true

module Sparrow
  module Plan
    # The workout document's shape, version 1. The published schema is made from it.
    module Form
      extend self

      S = Schema

      # What was read before stands in its place as it is.
      class AsRead
        def initialize(shape)
          @shape = shape
        end

        def read(value, trail)
          value.is_a?(KeptBlocks::Kept) ? value : @shape.read(value, trail)
        end

        def json_schema(names)
          @shape.json_schema(names)
        end
      end

      ID = S::Text.new(length: 1..40, form: /\A[A-Za-z0-9_-]+\z/, says: Sparrow.say("plan.may_hold_letters_digits_and__"))
      LINE = S::Text.new(length: 0..120)
      NOTE = S::Text.new(length: 0..1000)
      CATALOGUE_ID = S::Text.new(length: 1..60, form: /\A[a-z0-9_]+\z/, says: Sparrow.say("plan.is_not_a_movements_id"))
      VARIATION_ID = S::Text.new(length: 3..121, form: /\A[a-z0-9_]{1,60}\.[a-z0-9_]{1,60}\z/, says: Sparrow.say("plan.is_not_a_variations_id"))
      F = Format::Fields
      SHORT = F::SHORT
      COUNT = F::COUNT
      RANGE = F::RANGE
      PERCENT = S::Decimal.new(1..400)
      ROLE = S::OneOf.new("warm_up", "main", "finisher", "cool_down", "pause")
      COUNTING = S::OneOf.new(*Counting::RULES)
      SIDES = S::OneOf.new("both", "split", "each")
      SCALING = S::OneOf.new("variation", "share", "hold", "range", "clean_reps", "tempo", "load", "rest", "rounds")
      TEMPO = S::Text.new(length: 1..15, form: /\A(?!0-0-0-0)\d(\.5)?(-\d(\.5)?){3}\z/, says: Sparrow.say("plan.must_be_four_digits_such_as"))
      PACE = S::Decimal.new(0.5..3)

      def by_level(shape)
        S::Record.new(Level::ALL.to_h { |level| [level, shape] })
      end

      def between(shape)
        S::Either.new(shape, object: S::Record.new({"min" => shape, "max" => shape}, required: %w[min max]))
      end

      SHARES = by_level(PERCENT)
      SECONDS_RANGE = S::Record.new({"min" => F::WORK, "max" => F::WORK}, required: %w[min max])
      PART = S::Record.new({"movement" => CATALOGUE_ID, "reps" => COUNT}, required: %w[movement reps])
      PARTS = S::List.new(PART, size: 1..8, noun: "parts")
      PRESCRIPTION_KEYS = {
        "variation" => VARIATION_ID, "reps" => between(COUNT), "hold_s" => between(F::WORK), "work_s" => F::WORK, "rest_s" => F::REST,
        "tempo" => TEMPO, "load_kg" => S::Decimal.new(0..200), "counting" => COUNTING, "sides" => SIDES, "note" => NOTE, "parts" => PARTS, "sits_out" => S::BooleanType.new
      }.freeze
      # Another version for who must spare a joint, of any ladder.
      ALTERNATIVE = S::Record.new({"for" => S::OneOf.new(*Catalogue::Variation::JOINTS), "variation" => VARIATION_ID}, required: %w[for variation])
      REPS = PRESCRIPTION_KEYS.fetch("reps")
      HOLD = PRESCRIPTION_KEYS.fetch("hold_s")

      # Keys that a format has no use for are set aside where they stood, until one knows them again:
      # all that any format declares. Where two declare one key, the wider shape came first.
      def set_aside_of_block
        @set_aside_of_block ||= S::Record.new(Format.with_stations.map(&:block_shapes).reduce({}) { |known, more| more.merge(known) })
      end

      def set_aside_of_station
        @set_aside_of_station ||= S::Record.new(Format.all.map(&:station_fields).reduce({}, :merge))
      end

      def set_aside_of_level
        @set_aside_of_level ||= S::Record.new({"reps" => REPS, **Format.all.map(&:level_fields).reduce({}, :merge)})
      end

      STATION_KEYS = {
        "id" => ID, "movement" => CATALOGUE_ID, "parts" => PARTS, "counting" => COUNTING, "sides" => SIDES,
        "work_s" => F::WORK, "rest_s" => F::REST, "note" => NOTE, "scaling" => SCALING, "shares" => SHARES, "optional" => S::BooleanType.new,
        "alternatives" => S::List.new(ALTERNATIVE, size: 0..8, noun: "alternatives")
      }.freeze

      # @param format [Format]
      def station(format)
        levels = by_level(S::Record.new({**PRESCRIPTION_KEYS, **format.level_fields, "set_aside" => set_aside_of_level}))
        S::Record.new({**STATION_KEYS, "levels" => levels, "set_aside" => set_aside_of_station, **format.station_fields}, required: %w[id levels])
      end

      ANY_BLOCK = {"id" => ID, "title" => LINE, "note" => NOTE, "role" => ROLE, "get_ready_s" => F::REST}.freeze

      # @param format [Format]
      def block(format)
        own = {**ANY_BLOCK, "format" => S::OneOf.new(format.id), **format.block_shapes}
        return S::Record.new(own, required: %w[id role format] + format.needed) unless format.stations?
        stations = S::List.new(AsRead.new(station(format)), size: 0..60, noun: "stations")
        held = {**own, "scaling" => SCALING, "shares" => SHARES, "set_aside" => set_aside_of_block, "stations" => stations}
        S::Record.new(held, required: %w[id role format stations] + format.needed)
      end

      # Made when the first block is read: by then every format has said what it is.
      def by_format
        @by_format ||= Format.all.to_h { |format| [format.id, block(format)] }
      end

      BLOCK = AsRead.new(S::Tagged.new("format") { by_format })

      FINDING = S::Text.new(length: 1..200, form: %r{\A[A-Za-z0-9_/-]+\z}, says: Sparrow.say("plan.is_not_a_finding"))
      CONDITIONS = S::Record.new({
        "no_kit" => S::BooleanType.new, "no_jumps" => S::BooleanType.new, "small_room" => S::BooleanType.new, "position" => S::OneOf.new("standing", "seated"),
        "kit" => S::Record.new((Catalogue::Variation::EQUIPMENT - %w[wall]).to_h { |item| [item, S::IntegerType.new(0..500, "pieces")] })
      })
      HOUSE_KEYS = {
        "pace" => by_level(PACE), "transition_s" => SHORT, "position_change_s" => SHORT, "reserve" => S::IntegerType.new(0..20),
        "fill" => S::IntegerType.new(50..100, "percent"), "set_rest_s" => SHORT, "fives_from" => S::IntegerType.new(5..1000),
        "shares" => SHARES, "hold_shares" => SHARES, "load_shares" => SHARES, "rest_shares" => SHARES, "round_shares" => SHARES, "lowering_s" => by_level(S::IntegerType.new(0..9, "seconds")),
        "ranges" => by_level(RANGE), "hold_ranges" => by_level(SECONDS_RANGE)
      }.freeze
      HOUSE = S::Record.new(HOUSE_KEYS)
      WORKOUT_KEYS = {
        "format" => S::OneOf.new("willing-sparrow/workout"), "version" => S::OneOf.new(1),
        "title" => S::Text.new(length: 1..120), "note" => NOTE, "slot_minutes" => S::IntegerType.new(5..240, "minutes"),
        "head_count" => S::IntegerType.new(1..200, "people"), "depth" => S::OneOf.new("parallel", "full"), "house" => HOUSE,
        "conditions" => CONDITIONS, "left_as_is" => S::List.new(FINDING, size: 0..200, noun: "findings"),
        "blocks" => S::List.new(BLOCK, size: 0..30, noun: "blocks")
      }.freeze
      WORKOUT_NEEDED = %w[format version title blocks].freeze
      WORKOUT = S::Record.new(WORKOUT_KEYS, required: WORKOUT_NEEDED)

      # What is defined once in the published schema.
      DEFINED = {
        "id" => ID, "line" => LINE, "note" => NOTE, "catalogue_id" => CATALOGUE_ID, "variation_id" => VARIATION_ID, "work_s" => F::WORK, "rest_s" => F::REST,
        "short_s" => F::SHORT, "long_s" => F::LONG, "round_count" => F::ROUNDS, "reps_count" => COUNT, "role" => ROLE, "counting" => COUNTING, "sides" => SIDES,
        "scaling" => SCALING, "tempo" => TEMPO, "pace" => PACE, "percent" => PERCENT, "reps" => REPS, "hold" => HOLD, "band" => RANGE,
        "seconds_band" => SECONDS_RANGE, "shares" => SHARES, "part" => PART, "parts" => PARTS, "alternative" => ALTERNATIVE, "house" => HOUSE, "conditions" => CONDITIONS, "block" => BLOCK
      }.freeze
      ABOUT = {
        "tempo" => "Lower, pause, lift, pause, in seconds.", "shares" => "Percent of the advanced number, in place of the studio's.",
        "house" => "The standards that the circuit is planned with, where they differ from the defaults.",
        "conditions" => "What the class must keep to, and the kit that is there, where that is said.",
        "alternative" => "Instead of the station's own, for who must spare a joint; of any movement.",
        "set_aside" => "What was typed for another format and is kept for it.", "parts" => "One after the other, and counted as one.", "role" => "What the block is for."
      }.freeze
      HEAD = {
        "$id" => "urn:willing-sparrow:workout:1", "title" => "Willing Sparrow workout, version 1",
        "description" => "A circuit in blocks, each exercise in three levels. All times are whole seconds. A key with the value null is the same as a key left out."
      }.freeze

      # @return [Hash] the document's JSON Schema, draft 2020-12
      def json_schema
        aside = {"set_aside" => set_aside_of_block, "set_aside_of_station" => set_aside_of_station, "set_aside_of_level" => set_aside_of_level}
        S::JsonSchema.new({**DEFINED, **declared, **aside, **by_format.transform_keys { |format| "#{format}_block" }}, about: ABOUT).document(WORKOUT, HEAD)
      end

      private

      # What formats declare of their stations and levels, by its key.
      def declared
        Format.with_stations.flat_map { |format| [format.station_fields, format.level_fields] }.reduce({}, :merge)
          .reject { |key, shape| DEFINED.key?(key) || DEFINED.each_value.any? { |other| other.equal?(shape) } }
      end
    end
  end
end
