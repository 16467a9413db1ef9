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
      # More than so many rounds nobody wants to do, and more than two of them more or less is another class.
      MOST_ROUNDS = 6
      MOST_ROUNDS_CHANGED = 2
      # Beside other work, fewer rounds change.
      PAIRED_ROUNDS_CHANGED = 1

      # So much less work is too much to give away for a slot.
      LEAST_WORK = Rational(2, 3)

      # One way: the pairs it puts, the total it comes to, what it is in words, and how much of the work it leaves.
      Option = Value.of(:pairs, :total_s, :label, :kind, :work)

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
        fitting = options.select { |option| option.total_s <= @slot_s && nearer?(option.total_s) && option.work >= LEAST_WORK }
        fitting.sort_by { |option| [cost(option), option.label] }.uniq { |option| [option.kind, option.pairs.first.first] }.first(SHOWN)
      end

      # A class that has time to spare is not made shorter still.
      def nearer?(total_s)
        (@total_s > @slot_s) || total_s > @total_s
      end

      def cost(option)
        @slot_s - option.total_s + (option.pairs.size - 1) * SECOND_KEY_COSTS_S
      end

      def shown(option)
        {"label" => option.label, "total_s" => option.total_s, "left_s" => @slot_s - option.total_s, "costs" => costs(option.work).to_s,
         "patch" => [*option.pairs, ["/slot_minutes", @minutes]].map { |path, value| {"op" => "add", "path" => path, "value" => value} }}
      end

      # What it does to the work of the class, of the level that works longest.
      def costs(work)
        percent = ((work - 1) * 100).round
        return Sparrow.say("planning.the_same_work") if percent.zero?
        percent.positive? ? Sparrow.say("planning.more_work", percent: percent) : Sparrow.say("planning.less_work", percent: -percent)
      end

      def options
        @workout.document.fetch("blocks").each_with_index.flat_map do |input, position|
          next [] unless %w[main finisher].include?(input["role"]) && input.fetch("stations", []).any?
          own = line(input, position)
          changes(input).map { |change| option(input, position, change, own: own) }
        end
      end

      def option(input, position, change, own:)
        changed = line(input.merge(change), position)
        total_s = @total_s - own.total_s + changed.total_s
        before_s = all_work_s
        Option.new(pairs: change.map { |key, value| ["/blocks/#{position}/#{key}", value] }, total_s: total_s, kind: change.keys, work: before_s.zero? ? 1 : Rational(before_s - work_s(own) + work_s(changed), before_s),
          label: Sparrow.say("planning.changes_in_block", changes: change.map { |key, value| words(key, value) }.join(", "), block: @workout.blocks[position].name))
      end

      def all_work_s
        @all_work_s ||= @workout.blocks.each_with_index.sum { |block, position| Plan::Balance::COUNTED.include?(block.role) ? work_s(line(@workout.document.fetch("blocks")[position], position)) : 0 }
      end

      def work_s(line)
        line.sums.each_value.map { |sums| sums["work"] }.max
      end

      # The block alone, laid out by the same rules.
      # @return [Plan::BlockLine]
      def line(input, position)
        document = @workout.document.merge("blocks" => [input])
        block = Plan::Build.new(document, @catalogue).workout.blocks.first.with(position: position)
        Plan::Timeline.lay_out(block, 0)
      end

      def changes(input)
        singles = rounds(input) + seconds(input)
        near = rounds(input).select { |one| (one["rounds"] - input["rounds"]).abs <= PAIRED_ROUNDS_CHANGED }
        pairs = near.flat_map { |one| seconds(input, %w[work_s interval_s]).map { |other| one.merge(other) } }
        singles + pairs
      end

      def rounds(input)
        return [] unless input["rounds"] && !input.key?("rounds_by_level") && Plan::Format.named(input["format"]).rounds_free?
        ((1..[MOST_ROUNDS, input["rounds"]].max).to_a - [input["rounds"]]).select { |rounds| (rounds - input["rounds"]).abs <= MOST_ROUNDS_CHANGED }.map { |rounds| {"rounds" => rounds} }
      end

      def seconds(input, keys = %w[work_s rest_s round_rest_s interval_s cap_s])
        keys.select { |key| input[key] }.flat_map do |key|
          step = (key == "cap_s") ? 30 : STEP_S
          reach = (key == "cap_s") ? 600 : MOST_CHANGE_S
          least = {"work_s" => 15, "rest_s" => 5, "round_rest_s" => 0, "interval_s" => 30, "cap_s" => 60}.fetch(key)
          shortest = Plan::ByRound.numbers(input[key]).min
          (-reach..reach).step(step).select { |by| !by.zero? && shortest + by >= least }.map { |by| {key => Plan::ByRound.moved(input[key], by)} }
        end
      end

      def words(key, value)
        return Sparrow.say("common.rounds", count: value) if key == "rounds"
        return Sparrow.say("planning.cap_at_of", of: ClockText.of(value)) if key == "cap_s"
        Sparrow.say("planning.changed_#{key}", seconds: Plan::ByRound.words(value))
      end
    end
  end
end
