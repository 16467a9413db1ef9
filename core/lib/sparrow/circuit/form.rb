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
      ROUNDS = S::Whole.new(1..50)
      COUNT = S::Whole.new(1..1000)
      ROLE = S::OneOf.new("warm_up", "main", "finisher", "cool_down", "pause")
      COUNTING = S::OneOf.new(*Counting::RULES)
      SIDES = S::OneOf.new("both", "split", "each")
      SCALING = S::OneOf.new("variation", "share", "hold", "range", "clean_reps", "tempo", "load", "rest", "rounds")
      TEMPO = S::Text.new(length: 1..7, form: /\A(?!0-0-0-0)\d-\d-\d-\d\z/, says: "must be four digits such as 3-0-1-0, not all 0")
      PACE = S::Decimal.new(0.5..3)

      def by_level(shape)
        S::Record.new(Level::ALL.to_h { |level| [level, shape] })
      end

      RANGE = S::Record.new({"min" => COUNT, "max" => COUNT}, required: %w[min max])
      REPS = S::Choice.new { |value| value.is_a?(Hash) ? RANGE : COUNT }

      PRESCRIPTION = S::Record.new({
        "variation" => VARIATION_ID, "reps" => REPS, "hold_s" => WORK, "work_s" => WORK, "rest_s" => REST,
        "tempo" => TEMPO, "load_kg" => S::Decimal.new(0..200), "counting" => COUNTING, "sides" => SIDES, "note" => NOTE
      })
      PART = S::Record.new({"movement" => CATALOGUE_ID, "reps" => COUNT}, required: %w[movement reps])
      STATION = S::Record.new({
        "id" => ID, "movement" => CATALOGUE_ID, "parts" => S::List.new(PART, size: 1..8, noun: "parts"),
        "counting" => COUNTING, "sides" => SIDES, "work_s" => WORK, "rest_s" => REST,
        "in_rounds" => S::List.new(ROUNDS, size: 1..50, distinct: true, noun: "rounds"), "note" => NOTE,
        "levels" => by_level(PRESCRIPTION)
      }, required: %w[id levels])

      ANY_BLOCK = {"id" => ID, "title" => LINE, "note" => NOTE, "role" => ROLE, "get_ready_s" => REST}.freeze
      PAUSE = S::Record.new(
        ANY_BLOCK.merge("format" => S::OneOf.new("pause"), "seconds" => S::Whole.new(1..7200, "seconds")),
        required: %w[id role format seconds]
      )
      INTERVALS = S::Record.new(
        ANY_BLOCK.merge(
          "format" => S::OneOf.new("intervals"), "flow" => S::OneOf.new("together"), "rounds" => ROUNDS,
          "rounds_by_level" => by_level(ROUNDS), "escalate" => S::Flag.new, "work_s" => WORK, "rest_s" => REST,
          "round_rest_s" => REST, "rest_after_last" => S::Flag.new, "switch_s" => SHORT, "scaling" => SCALING,
          "stations" => S::List.new(STATION, size: 0..60, noun: "stations")
        ),
        required: %w[id role format work_s rest_s rounds stations]
      )
      BY_FORMAT = {"intervals" => INTERVALS, "pause" => PAUSE}.freeze
      # Where the format is unknown, that one thing is said and not that every key is wrong.
      UNKNOWN_FORMAT = Class.new do
        def read(value, trail)
          return trail.refuse("must be an object") unless value.is_a?(Hash)
          return trail.refuse("is missing", "format") if value["format"].nil?
          trail.refuse("must be one of #{BY_FORMAT.keys.join(", ")}", "format")
        end
      end.new
      BLOCK = S::Choice.new { |value| (value.is_a?(Hash) && BY_FORMAT[value["format"]]) || UNKNOWN_FORMAT }

      HOUSE = S::Record.new({
        "pace" => by_level(PACE), "transition_s" => SHORT, "position_change_s" => SHORT, "reserve" => S::Whole.new(0..20)
      })
      WORKOUT = S::Record.new({
        "format" => S::OneOf.new("willing-sparrow/workout"), "version" => S::OneOf.new(1),
        "title" => S::Text.new(length: 1..120), "note" => NOTE, "slot_minutes" => S::Whole.new(5..240, "minutes"),
        "depth" => S::OneOf.new("parallel", "full"), "house" => HOUSE,
        "blocks" => S::List.new(BLOCK, size: 0..30, noun: "blocks")
      }, required: %w[format version title blocks])
    end
  end
end
