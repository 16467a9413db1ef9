# frozen_string_literal: true

module Sparrow
  class Catalogue
    # The shape of a movement's file, version 1. The published schema is made from it.
    module Form
      extend self

      S = Schema
      ID = S::Text.new(length: 1..40, form: /\A[a-z0-9_]+\z/, says: Sparrow.say("catalogue.may_hold_small_letters_digits_and"))
      LINE = S::Text.new(length: 2..60)
      SENTENCE = S::Text.new(length: 8..240)
      CUE = S::Text.new(length: 3..60)
      VARIATION_ID = S::Text.new(length: 3..121, form: /\A[a-z0-9_]{1,60}\.[a-z0-9_]{1,60}\z/, says: Sparrow.say("catalogue.name_a_version"))
      JOINT = S::OneOf.new(*Variation::JOINTS, unknown: ->(value) { Sparrow.say("catalogue.value_is_not_a_joint_we_know", value: value) })
      MUSCLE = S::OneOf.new(*Variation::MUSCLES, unknown: ->(value) { Sparrow.say("catalogue.value_is_not_a_muscle_we_know", value: value) })
      LEVEL = S::OneOf.new(*Level::ALL)
      TEMPO = S::Text.new(length: 1..15, form: /\A(?!0-0-0-0)\d(\.5)?(-\d(\.5)?){3}\z/, says: Sparrow.say("catalogue.must_be_four_numbers_of_seconds"))

      def joints
        S::List.new(JOINT, size: 0..Variation::JOINTS.size, distinct: true, noun: "joints")
      end

      def words(values, size: 0..values.size)
        S::List.new(S::OneOf.new(*values), size: size, distinct: true)
      end

      DEMAND = S::Record.new({"value" => S::Decimal.new(0.01..3), "basis" => S::OneOf.new("measured", "estimate"), "why" => SENTENCE}, required: %w[value basis why])
      FAULT = S::Record.new({"see" => CUE, "say" => S::Text.new(length: 2..40)}, required: %w[see say])
      PIECE = S::Record.new({"item" => S::OneOf.new(*Variation::EQUIPMENT), "count" => S::IntegerType.new(1..4, "pieces"), "load_kg" => S::Decimal.new(0.5..50)}, required: %w[item count])
      LEVERS = S::Record.new(Variation::LEVERS.to_h { |lever| [lever, LINE] })
      UNFLAGGED = S::Record.new([*Variation::JOINTS, *Variation::STRAINS].to_h { |flag| [flag, SENTENCE] })
      TARGET = S::Record.new({"reps" => S::IntegerType.new(1..100), "hold_s" => S::IntegerType.new(5..180, "seconds")})
      FIGURE_KEYS = {"like" => VARIATION_ID, "poses" => S::List.new(ID, size: 1..4, noun: "poses"), "view" => S::OneOf.new("side", "front", "back", "quarter")}.freeze
      FIGURE = S::Record.new(FIGURE_KEYS)

      VARIATION_KEYS = {
        "id" => ID, "name" => LINE, "also" => S::List.new(LINE, size: 0..12), "levels" => words(Level::ALL, size: 1..3), "demand" => DEMAND, "levers" => LEVERS,
        "impact" => S::OneOf.new(*Variation::IMPACTS), "position" => S::OneOf.new(*Variation::POSITIONS), "through" => words(Variation::POSITIONS),
        "weight_on" => words(Variation::WEIGHT_ON, size: 1..4), "hold" => S::BooleanType.new, "gets_down" => S::BooleanType.new,
        "joints" => joints, "moves" => joints, "strains" => words(Variation::STRAINS), "unflagged" => UNFLAGGED, "kit" => S::List.new(PIECE, size: 0..6, noun: "pieces of kit"),
        "space" => S::OneOf.new(*Variation::SPACES), "muscles" => S::List.new(MUSCLE, size: 1..8, distinct: true, noun: "muscles"),
        "sides" => S::OneOf.new(*Variation::SIDES), "counting" => S::OneOf.new(*(Counting::RULES - %w[compound])), "measure" => S::OneOf.new(*Variation::MEASURES),
        "tempo" => TEMPO, "standard" => SENTENCE, "cues" => S::List.new(CUE, size: 3..5, distinct: true, noun: "cues"),
        "faults" => S::List.new(FAULT, size: 2..4, noun: "faults"), "breathing" => S::Text.new(length: 8..120),
        "cautions" => S::List.new(S::Text.new(length: 8..160), size: 1..5, noun: "cautions"), "prerequisite" => S::Text.new(length: 0..160), "target" => TARGET, "guessed_from" => VARIATION_ID, "figure" => FIGURE
      }.freeze
      OPTIONAL = %w[also through unflagged tempo prerequisite guessed_from figure].freeze
      VARIATION = S::Record.new(VARIATION_KEYS, required: VARIATION_KEYS.keys - OPTIONAL)

      SPARES = S::Record.new(Variation::JOINTS.to_h { |joint| [joint, VARIATION_ID] }, required: Movement::SPARED)
      MOVEMENT_KEYS = {
        "id" => ID, "name" => LINE, "pattern" => S::OneOf.new(*Movement::PATTERNS), "plane" => S::OneOf.new(*Movement::PLANES), "role" => S::OneOf.new(*Movement::ROLES),
        "summary" => SENTENCE, "also" => S::List.new(LINE, size: 0..20), "spares" => SPARES,
        "opens" => S::Record.new(Level::ALL.to_h { |level| [level, ID] }, required: Level::ALL), "ladder" => S::List.new(VARIATION, size: 1..8, noun: "versions")
      }.freeze
      MOVEMENT = S::Record.new(MOVEMENT_KEYS, required: MOVEMENT_KEYS.keys - %w[role also])

      DEFINED = {
        "id" => ID, "line" => LINE, "sentence" => SENTENCE, "cue" => CUE, "variation_id" => VARIATION_ID, "joint" => JOINT, "muscle" => MUSCLE, "tempo" => TEMPO, "demand" => DEMAND,
        "fault" => FAULT, "piece" => PIECE, "levers" => LEVERS, "unflagged" => UNFLAGGED, "target" => TARGET, "figure" => FIGURE, "variation" => VARIATION, "spares" => SPARES
      }.freeze
      ABOUT = {
        "demand" => "Relative difficulty, and where it comes from: a source, or the anchors it lies between.", "fault" => "What goes wrong, and the word that mends it.",
        "levers" => "What makes this version easier or harder than its neighbours.", "unflagged" => "Why a joint or strain that would follow from the placing of the body is not flagged.",
        "spares" => "For a sore joint, the version to take instead, of this ladder or another.", "tempo" => "Lower, pause, lift, pause, in seconds; halves are allowed.",
        "figure" => "What is drawn: another version's moving figure, or up to four base poses by name.",
        "piece" => "What one person needs, how many of it, and how heavy."
      }.freeze
      HEAD = {"$id" => "urn:willing-sparrow:movement:1", "title" => "A movement family and its ladder"}.freeze

      # @return [Hash] the file's JSON Schema, draft 2020-12
      def json_schema
        S::JsonSchema.new(DEFINED, about: ABOUT).document(MOVEMENT, HEAD)
      end

      # @param document [Object] a parsed file
      # @return [Array<Problem>] empty where its shape is sound
      def validation_errors(document)
        Schema.read(MOVEMENT, document)
        document.fetch("ladder").each_with_index.flat_map { |variation, index| counted(variation, "/ladder/#{index}") }
      rescue Refused => refused
        refused.problems
      end

      private

      # What is counted has a tempo and a number to aim at.
      def counted(variation, at)
        return [] unless variation["measure"] == "reps"
        [
          (Problem.new(pointer: "#{at}/tempo", message: Sparrow.say("catalogue.is_missing_where_reps_are_counted")) unless variation["tempo"]),
          (Problem.new(pointer: "#{at}/target/reps", message: Sparrow.say("catalogue.is_missing_where_reps_are_counted")) unless variation["target"]["reps"])
        ].compact
      end
    end
  end
end
