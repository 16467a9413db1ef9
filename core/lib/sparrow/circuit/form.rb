# frozen_string_literal: true

module Sparrow
  module Circuit
    # The workout document's shape, version 1. It says the same as
    # core/data/formats/workout.schema.json; change the two together.
    module Form
      extend self

      S = Shape
      ID = S::Text.new(length: 1..40, form: /\A[A-Za-z0-9_-]+\z/, says: "may hold letters, digits, - and _ only")
      LINE = S::Text.new(length: 0..120)
      NOTE = S::Text.new(length: 0..1000)
      CATALOGUE_ID = S::Text.new(length: 1..60, form: /\A[a-z0-9_]+\z/, says: "is not a movement's id")
      VARIATION_ID = S::Text.new(length: 3..121, form: /\A[a-z0-9_]{1,60}\.[a-z0-9_]{1,60}\z/, says: "is not a variation's id")
      WORK = S::Whole.new(1..3600, "seconds")
      REST = S::Whole.new(0..3600, "seconds")
      SHORT = S::Whole.new(0..120, "seconds")
      LONG = S::Whole.new(10..7200, "seconds")
      ROUNDS = S::Whole.new(1..50)
      COUNT = S::Whole.new(1..1000)
      PERCENT = S::Decimal.new(1..400)
      ROLE = S::OneOf.new("warm_up", "main", "finisher", "cool_down", "pause")
      COUNTING = S::OneOf.new(*Counting::RULES)
      SIDES = S::OneOf.new("both", "split", "each")
      FLOW = S::OneOf.new("together", "rotate")
      SCALING = S::OneOf.new("variation", "share", "hold", "range", "clean_reps", "tempo", "load", "rest", "rounds")
      TEMPO = S::Text.new(length: 1..7, form: /\A(?!0-0-0-0)\d-\d-\d-\d\z/, says: "must be four digits such as 3-0-1-0, not all 0")
      PACE = S::Decimal.new(0.5..3)

      def by_level(shape)
        S::Record.new(Level::ALL.to_h { |level| [level, shape] })
      end

      def between(shape)
        range = S::Record.new({"min" => shape, "max" => shape}, required: %w[min max])
        S::Choice.new { |value| value.is_a?(Hash) ? range : shape }
      end

      RANGE = S::Record.new({"min" => COUNT, "max" => COUNT}, required: %w[min max])
      SECONDS_RANGE = S::Record.new({"min" => WORK, "max" => WORK}, required: %w[min max])
      PRESCRIPTION_KEYS = {
        "variation" => VARIATION_ID, "reps" => between(COUNT), "hold_s" => between(WORK), "work_s" => WORK, "rest_s" => REST,
        "tempo" => TEMPO, "load_kg" => S::Decimal.new(0..200), "counting" => COUNTING, "sides" => SIDES, "note" => NOTE
      }.freeze
      SPLITS = S::List.new(COUNT, size: 1..50, noun: "sets")
      LADDER = S::Record.new({
        "total" => COUNT, "shape" => S::OneOf.new(*Scaling::Distribution::SHAPES), "step" => S::Whole.new(1..50),
        "counts" => S::List.new(COUNT, size: 1..50, noun: "rounds")
      }, required: %w[total shape])
      PART = S::Record.new({"movement" => CATALOGUE_ID, "reps" => COUNT}, required: %w[movement reps])
      IN_ROUNDS = S::List.new(ROUNDS, size: 1..50, distinct: true, noun: "rounds")

      # What a format's stations and levels may hold beyond the keys of all.
      STATION_EXTRAS = {
        "intervals" => {"in_rounds" => IN_ROUNDS}, "every_minute" => {"in_rounds" => IN_ROUNDS}, "rounds" => {"in_rounds" => IN_ROUNDS},
        "ladder" => {"in_rounds" => IN_ROUNDS, "ladder" => LADDER}, "amrap" => {}, "chipper" => {}, "quota" => {}
      }.freeze
      LEVEL_EXTRAS = {"chipper" => {"splits" => SPLITS}, "quota" => {"quota" => RANGE}}.freeze

      # Keys that a block keeps while its format has no use for them.
      def set_aside(keys)
        S::Record.new(keys)
      end

      def station(format)
        levels = PRESCRIPTION_KEYS.merge(LEVEL_EXTRAS.fetch(format, {}))
        S::Record.new({
          "id" => ID, "movement" => CATALOGUE_ID, "parts" => S::List.new(PART, size: 1..8, noun: "parts"),
          "counting" => COUNTING, "sides" => SIDES, "work_s" => WORK, "rest_s" => REST, "note" => NOTE,
          "scaling" => SCALING, "shares" => by_level(PERCENT),
          "levels" => by_level(S::Record.new(levels.merge("set_aside" => set_aside("splits" => SPLITS, "quota" => RANGE, "reps" => PRESCRIPTION_KEYS["reps"])))),
          "set_aside" => set_aside("in_rounds" => IN_ROUNDS, "ladder" => LADDER), **STATION_EXTRAS.fetch(format)
        }, required: %w[id levels])
      end

      ANY_BLOCK = {"id" => ID, "title" => LINE, "note" => NOTE, "role" => ROLE, "get_ready_s" => REST}.freeze
      PAUSE = S::Record.new(
        ANY_BLOCK.merge("format" => S::OneOf.new("pause"), "seconds" => S::Whole.new(1..7200, "seconds")),
        required: %w[id role format seconds]
      )
      LEVELLED = {"rounds" => ROUNDS, "rounds_by_level" => by_level(ROUNDS), "escalate" => S::Flag.new}.freeze
      GATED = {"gate" => S::OneOf.new("station", "round", "free"), "cap_s" => LONG, "target_s" => LONG}.freeze
      RESTED = {"rest_s" => REST, "round_rest_s" => REST}.freeze
      TIMED = {"work_s" => WORK, "rest_after_last" => S::Flag.new, "switch_s" => SHORT}.freeze
      # Each format's own keys.
      BLOCK_KEYS = {
        "intervals" => {**LEVELLED, **RESTED, **TIMED, "flow" => FLOW},
        "every_minute" => {**LEVELLED, "interval_s" => S::Whole.new(10..600, "seconds"), "flow" => FLOW},
        "rounds" => {**LEVELLED, **RESTED, **GATED},
        "amrap" => {"cap_s" => LONG},
        "chipper" => {**GATED, "gate" => S::OneOf.new("station", "free"), "set_rest_s" => SHORT},
        "ladder" => {**LEVELLED.except("escalate"), **RESTED, **GATED},
        "quota" => {"day" => S::OneOf.new("lighter", "heavier")}
      }.freeze
      # Without these a format cannot be laid out.
      NEEDED = {
        "intervals" => %w[work_s rest_s rounds], "every_minute" => %w[rounds], "rounds" => %w[rounds], "amrap" => %w[cap_s],
        "chipper" => [], "ladder" => %w[rounds], "quota" => []
      }.freeze
      ALL_BLOCK_KEYS = BLOCK_KEYS.values.reduce(:merge).merge(GATED).freeze

      def block(format)
        S::Record.new(
          ANY_BLOCK.merge(
            "format" => S::OneOf.new(format), "scaling" => SCALING, "shares" => by_level(PERCENT), "set_aside" => set_aside(ALL_BLOCK_KEYS),
            "stations" => S::List.new(station(format), size: 0..60, noun: "stations"), **BLOCK_KEYS.fetch(format)
          ),
          required: %w[id role format stations] + NEEDED.fetch(format)
        )
      end

      BY_FORMAT = {**BLOCK_KEYS.keys.to_h { |format| [format, block(format)] }, "pause" => PAUSE}.freeze
      # Where the format is unknown, that one thing is said and not that every key is wrong.
      UNKNOWN_FORMAT = Class.new do
        def read(value, trail)
          return trail.refuse("must be an object") unless value.is_a?(Hash)
          return trail.refuse("is missing", "format") if value["format"].nil?
          trail.refuse("must be one of #{BY_FORMAT.keys.join(", ")}", "format")
        end
      end.new
      BLOCK = S::Choice.new { |value| (value.is_a?(Hash) && BY_FORMAT[value["format"]]) || UNKNOWN_FORMAT }

      HOUSE_KEYS = {
        "pace" => by_level(PACE), "transition_s" => SHORT, "position_change_s" => SHORT, "reserve" => S::Whole.new(0..20),
        "fill" => S::Whole.new(50..100, "percent"), "set_rest_s" => SHORT, "fives_from" => S::Whole.new(5..1000),
        "shares" => by_level(PERCENT), "hold_shares" => by_level(PERCENT), "load_shares" => by_level(PERCENT),
        "rest_shares" => by_level(PERCENT), "round_shares" => by_level(PERCENT), "lowering_s" => by_level(S::Whole.new(0..9, "seconds")),
        "ranges" => by_level(RANGE), "hold_ranges" => by_level(SECONDS_RANGE)
      }.freeze
      HOUSE = S::Record.new(HOUSE_KEYS)
      WORKOUT = S::Record.new({
        "format" => S::OneOf.new("willing-sparrow/workout"), "version" => S::OneOf.new(1),
        "title" => S::Text.new(length: 1..120), "note" => NOTE, "slot_minutes" => S::Whole.new(5..240, "minutes"),
        "head_count" => S::Whole.new(1..200, "people"), "depth" => S::OneOf.new("parallel", "full"), "house" => HOUSE,
        "blocks" => S::List.new(BLOCK, size: 0..30, noun: "blocks")
      }, required: %w[format version title blocks])
    end
  end
end
