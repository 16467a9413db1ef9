# frozen_string_literal: true

module Sparrow
  module Planning
    # The nearest few ways to bring a class to its slot, each a change of one or
    # two numbers of one block. Nothing is changed here.
    class FitToSlot
      SHOWN = 5
      STEP_S = 5
      # A second number changed must win at least this much.
      SECOND_KEY_COSTS_S = 30
      # More change in one number than this is another class.
      MOST_CHANGE_S = 30
      MOST_ROUNDS = 12
      MOST_ROUNDS_CHANGED = 4
      # Beside other work, fewer rounds change.
      PAIRED_ROUNDS_CHANGED = 1

      # One way: the pairs it puts, the total it comes to, and in words.
      Option = Value.of(:pairs, :total_s, :label, :kind)

      # @param workout [Plan::Workout]
      # @param minutes [Integer] the slot
      def initialize(workout, minutes:, catalogue: Catalogue.house)
        @workout = workout
        @catalogue = catalogue
        @minutes = minutes
        @slot_s = minutes * 60
        @total_s = Plan::Timeline.compile(@workout).total_s
      end

      # @return [Hash] "slot_s", "total_s" as it is, and "options" ({label, total_s, left_s, patch}), the nearest first
      def call
        {"slot_s" => @slot_s, "total_s" => @total_s, "options" => best.map { |option| shown(option) }}
      end

      private

      def best
        fitting = options.select { |option| option.total_s <= @slot_s && option.total_s != @total_s }
        fitting.sort_by { |option| [cost(option), option.label] }.uniq { |option| [option.kind, option.pairs.first.first] }.first(SHOWN)
      end

      def cost(option)
        @slot_s - option.total_s + (option.pairs.size - 1) * SECOND_KEY_COSTS_S
      end

      def shown(option)
        {"label" => option.label, "total_s" => option.total_s, "left_s" => @slot_s - option.total_s,
         "patch" => [*option.pairs, ["/slot_minutes", @minutes]].map { |path, value| {"op" => "add", "path" => path, "value" => value} }}
      end

      def options
        @workout.document.fetch("blocks").each_with_index.flat_map do |input, position|
          next [] unless %w[main finisher].include?(input["role"]) && input.fetch("stations", []).any?
          own_s = block_s(input, position)
          changes(input).map { |change| option(input, position, change, own_s: own_s) }
        end
      end

      def option(input, position, change, own_s:)
        total_s = @total_s - own_s + block_s(input.merge(change), position)
        Option.new(pairs: change.map { |key, value| ["/blocks/#{position}/#{key}", value] }, total_s: total_s, kind: change.keys,
          label: Sparrow.say("planning.changes_in_block", changes: change.map { |key, value| words(key, value) }.join(", "), block: @workout.blocks[position].name))
      end

      # The block alone, laid out by the same rules.
      def block_s(input, position)
        document = @workout.document.merge("blocks" => [input])
        block = Plan::Build.new(document, @catalogue).workout.blocks.first.with(position: position)
        Plan::Timeline.lay_out(block, 0).total_s
      end

      def changes(input)
        singles = rounds(input) + seconds(input)
        near = rounds(input).select { |one| (one["rounds"] - input["rounds"]).abs <= PAIRED_ROUNDS_CHANGED }
        pairs = near.flat_map { |one| seconds(input, %w[work_s interval_s]).map { |other| one.merge(other) } }
        singles + pairs
      end

      def rounds(input)
        return [] unless input["rounds"] && !input.key?("rounds_by_level") && Plan::Format.named(input["format"]).rounds_free?
        ((1..MOST_ROUNDS).to_a - [input["rounds"]]).select { |rounds| (rounds - input["rounds"]).abs <= MOST_ROUNDS_CHANGED }.map { |rounds| {"rounds" => rounds} }
      end

      def seconds(input, keys = %w[work_s rest_s round_rest_s interval_s cap_s])
        keys.select { |key| input[key] }.flat_map do |key|
          step = (key == "cap_s") ? 30 : STEP_S
          reach = (key == "cap_s") ? 600 : MOST_CHANGE_S
          least = {"work_s" => 15, "rest_s" => 5, "round_rest_s" => 0, "interval_s" => 30, "cap_s" => 60}.fetch(key)
          (-reach..reach).step(step).map { |by| input[key] + by }.select { |value| value >= least && value != input[key] }.map { |value| {key => value} }
        end
      end

      def words(key, value)
        return Sparrow.say("common.rounds", count: value) if key == "rounds"
        return Sparrow.say("planning.cap_at_of", of: ClockText.of(value)) if key == "cap_s"
        Sparrow.say("planning.changed_#{key}", seconds: value)
      end
    end
  end
end
