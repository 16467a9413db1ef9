# frozen_string_literal: true

module Sparrow
  module Running
    # Something that happened while a class ran. +id+ is made by the device; +at_ms+ is milliseconds since 1970. +at_s+ is the second
    # of the class to which the clock was moved, at which it was held or where time was put in, +add_s+ how much; +of+ the id
    # of the event that is taken back. Of "changed", "tapped", "late" and "gone" +at_s+ is the second of the plan, time that was put in
    # left out. "follows" puts somebody into another level.
    class Event < Value.of(:id, :kind, :at_ms, :at_s, :add_s, :of, :changes, :block, :station, :level, :person_id, :amount)
      # +held+ is a pause that the clock makes by itself, where all wait for all; +through+ says that all have done what comes
      # before a second.
      KINDS = %w[started paused resumed moved through held extended ended taken_back changed tapped late gone follows].freeze
      # What the clock is folded from.
      OF_THE_CLOCK = %w[started paused resumed moved through held extended ended].freeze
      INSTANT = Schema::IntegerType.new(0..9_999_999_999_999)
      SECOND = Schema::Decimal.new(0..100_000)
      # As a device sends it, in its own time, with how far the server's clock is ahead of that.
      FORM = Schema::Record.new({
        "id" => Schema::Text.new(length: 36..36, form: /\A\h{8}-\h{4}-\h{4}-\h{4}-\h{12}\z/, says: Sparrow.say("running.must_be_a_uuid")), "kind" => Schema::OneOf.new(*KINDS), "at_ms" => INSTANT,
        "at_s" => SECOND, "add_s" => Schema::IntegerType.new(1..600, "seconds"), "of" => Schema::Text.new(length: 36..36), "changes" => Changes::LIST,
        "block" => Plan::Form::ID, "station" => Plan::Form::ID, "level" => Schema::OneOf.new(*Level::ALL), "person_id" => Schema::Text.new(length: 1..64), "amount" => Schema::IntegerType.new(1..1000), "server_ahead_ms" => Schema::IntegerType.new(-9_999_999_999_999..9_999_999_999_999, "milliseconds")
      }, required: %w[id kind at_ms])
      # What each kind must say.
      NEEDS = {"moved" => %w[at_s], "through" => %w[at_s], "held" => %w[at_s], "extended" => %w[at_s add_s], "taken_back" => %w[of], "changed" => %w[at_s changes],
               "tapped" => %w[block level amount], "late" => %w[person_id at_s], "gone" => %w[person_id at_s], "follows" => %w[person_id level]}.freeze
      # What is held of an event beside its kind and its time.
      DATA = %w[at_s add_s of changes block station level person_id amount].freeze

      # @param held [Hash] as in FORM
      # @return [Event]
      def self.read(held)
        new(**held.slice("id", "kind", "at_ms", *DATA).transform_keys(&:to_sym))
      end

      # @return [Array<Problem>] of what its kind must say
      def self.problems(held)
        missing = NEEDS.fetch(held["kind"], []).reject { |key| held[key] }.map { |key| Problem.new(pointer: "/#{key}", message: Sparrow.say("running.is_missing")) }
        missing + Changes.problems(held.fetch("changes", []))
      end

      # @param events [Array<Event>] in any order, and any of them more than once
      # @return [Array<Event>] each once, in order of time, without what was taken back
      def self.standing(events)
        taken_back = events.select { |event| event.kind == "taken_back" }.map(&:of)
        events.uniq(&:id).reject { |event| taken_back.include?(event.id) }.sort_by(&:order)
      end

      # @return [Array] by which events are put in order, whichever arrived first
      def order
        [at_ms, id]
      end
    end
  end
end
