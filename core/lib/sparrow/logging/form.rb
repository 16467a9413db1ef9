# frozen_string_literal: true

module Sparrow
  module Logging
    # The shape of a log as it is handed in after a run: who was there, and only
    # what differed from the plan.
    module Form
      S = Schema
      # Since November 2026; to go with the columns of that name.
      FORMERLY = {"lane" => "level"}.freeze
      PAIN_WHERE = (Catalogue::Variation::JOINTS + %w[chest elsewhere]).freeze
      EXCEPTION_KEYS = {
        "block" => Plan::Form::ID, "station" => Plan::Form::ID, "level" => S::OneOf.new(*Level::ALL),
        "variation" => S::Text.new(length: 1..64), "reps" => S::IntegerType.new(0..1000), "seconds" => S::IntegerType.new(0..3600), "reps_left" => S::IntegerType.new(0..50), "skipped" => S::BooleanType.new, "done" => S::BooleanType.new,
        "per_round" => S::List.new(S::IntegerType.new(0..1000), size: 1..50, noun: "rounds"), "load_kg" => S::Decimal.new(0..200), "faults" => S::List.new(S::Text.new(length: 1..120), size: 0..8, distinct: true, noun: "faults")
      }.freeze
      EXCEPTION = S::Record.new(EXCEPTION_KEYS, required: %w[block station])
      # What was done about it.
      PAIN_ACTIONS = %w[stopped_there easier_version went_gently stopped_training sent_for_help].freeze
      # What was done of a block that people pace: rounds and reps into the next, or when somebody was through with it.
      BLOCK_RESULT = S::Record.new({
        "block" => Plan::Form::ID, "rounds" => S::IntegerType.new(0..500), "reps" => S::IntegerType.new(0..1000), "finish_s" => S::IntegerType.new(1..14_400, "seconds")
      }, required: %w[block])
      ATTENDANCE = S::Record.new({
        "person_id" => S::Text.new(length: 1..64), "present" => S::BooleanType.new, "level" => S::OneOf.new(*Level::ALL),
        "effort" => S::IntegerType.new(0..10), "pain" => S::OneOf.new(*PAIN_WHERE), "pain_action" => S::OneOf.new(*PAIN_ACTIONS),
        "blocks" => S::List.new(BLOCK_RESULT, size: 0..30, noun: "blocks"), "note" => S::Text.new(length: 0..500),
        "exceptions" => S::List.new(EXCEPTION, size: 0..600, noun: "exceptions")
      }, required: %w[person_id present], formerly: FORMERLY)
      # What somebody enters of their own.
      OWN_ENTRY = S::Record.new({
        "effort" => S::IntegerType.new(0..10), "pain" => S::OneOf.new(*PAIN_WHERE), "note" => S::Text.new(length: 0..300),
        "results" => S::List.new(S::Record.new(EXCEPTION_KEYS.slice("block", "station", "reps", "seconds", "reps_left"), required: %w[block station]), size: 0..100, noun: "results")
      })
      ATTENDANCES = S::List.new(ATTENDANCE, size: 0..200, noun: "people")
    end
  end
end
