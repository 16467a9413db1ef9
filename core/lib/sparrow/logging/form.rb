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
      EXCEPTION = S::Record.new({
        "block" => Plan::Form::ID, "station" => Plan::Form::ID, "level" => S::OneOf.new(*Level::ALL),
        "variation" => S::Text.new(length: 1..64), "reps" => S::IntegerType.new(0..1000), "seconds" => S::IntegerType.new(0..3600), "reps_left" => S::IntegerType.new(0..50), "skipped" => S::BooleanType.new
      }, required: %w[block station])
      ATTENDANCE = S::Record.new({
        "person_id" => S::Text.new(length: 1..64), "present" => S::BooleanType.new, "level" => S::OneOf.new(*Level::ALL),
        "effort" => S::IntegerType.new(0..10), "pain" => S::OneOf.new(*PAIN_WHERE), "note" => S::Text.new(length: 0..500),
        "exceptions" => S::List.new(EXCEPTION, size: 0..600, noun: "exceptions")
      }, required: %w[person_id present], formerly: FORMERLY)
      ATTENDANCES = S::List.new(ATTENDANCE, size: 0..200, noun: "people")
    end
  end
end
