# frozen_string_literal: true

module Sparrow
  module Running
    # What an instructor may change of the plan while the class runs. Each kind is a file: it takes a block of the document, and
    # where the class stands, and gives the block as it is from here on. What has passed stays as it was (Spliced).
    module Changes
      BLOCK = Plan::Form::ID
      # The shape of all kinds; which keys a kind needs it says itself.
      CHANGE = Schema::Record.new({
        "kind" => Schema::OneOf.new("leave_out_station", "leave_out_block", "fewer_rounds", "shorter", "other_version"), "block" => BLOCK, "station" => BLOCK, "rounds" => Plan::Format::Fields::ROUNDS,
        "what" => Schema::OneOf.new("work", "rest"), "by_s" => Schema::IntegerType.new(1..600, "seconds"), "variation" => Plan::Form::VARIATION_ID,
        "levels" => Schema::List.new(Schema::OneOf.new(*Level::ALL), size: 1..3, distinct: true, noun: "levels")
      }, required: %w[kind])
      # So many are made at once at most.
      LIST = Schema::List.new(CHANGE, size: 1..6, noun: "changes")

      # @return [Hash{String => Module}] by the kind's name
      def self.kinds
        @kinds ||= [LeaveOutStation, LeaveOutBlock, FewerRounds, Shorter, OtherVersion].to_h { |kind| [kind::KIND, kind] }.freeze
      end

      # @return [Array<Problem>] of what a kind must say
      def self.problems(changes)
        changes.each_with_index.flat_map do |change, index|
          kinds.fetch(change["kind"])::NEEDS.reject { |key| change[key] }.map { |key| Problem.new(pointer: "/changes/#{index}/#{key}", message: Sparrow.say("running.is_missing")) }
        end
      end

      # @param document [Hash] as it stands
      # @param change [Hash] as in shape
      # @param standing [Standing]
      # @return [Hash] the document from here on
      # @raise [Refused] where it names what the plan has not, or what is over
      def self.apply(document, change, standing)
        blocks = document.fetch("blocks")
        chosen = change["block"] ? blocks.select { |block| block["id"] == change["block"] } : blocks
        raise Refused.at("/changes/block", Sparrow.say("running.is_not_a_block_of_this_class")) if chosen.empty?
        raise Refused.at("/changes/block", Sparrow.say("running.is_over")) if chosen.all? { |block| standing.of(block["id"]) == :behind }
        kind = kinds.fetch(change.fetch("kind"))
        changed = blocks.filter_map { |block| (chosen.include?(block) && standing.of(block["id"]) != :behind) ? kind.call(block, change, standing) : block }
        document.merge("blocks" => changed)
      end

      # A station that goes on in some rounds only, or is gone; its numbers where they are of a total.
      # @param last [Integer] the last round that it takes part in
      # @return [Hash, nil] nil where no round is left of it
      def self.until_round(station, block, last)
        rounds = [block["rounds"] || 1, *block.fetch("rounds_by_level", {}).values].max
        had = (1..rounds).select { |round| station["in_rounds"].nil? || station["in_rounds"].include?(round) }
        kept = had.select { |round| round <= last }
        return if kept.empty?
        return station if kept == had && station["in_rounds"].nil?
        with_total_of(station.merge("in_rounds" => kept), station["ladder"], kept.size, had.size)
      end

      # A total over rounds becomes what is left of it, each round as it was.
      def self.with_total_of(station, ladder, kept, had)
        return station unless ladder && kept < had
        weights = ladder["counts"] || Standards::Distribution.weights(ladder["shape"], had)
        counts = Standards::Distribution.over(ladder["total"], weights, step: ladder.fetch("step", 1)).first(kept)
        station.merge("ladder" => {"total" => counts.sum, "shape" => "typed", "counts" => counts})
      end
      private_class_method :with_total_of
    end
  end
end
