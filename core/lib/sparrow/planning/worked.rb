# frozen_string_literal: true

module Sparrow
  module Planning
    # What several classes together worked, by level: seconds by muscle and by joint, and the sums of their balance.
    module Worked
      # @param timelines [Array<Plan::Timeline>]
      # @return [Hash{String => Hash}] level to "muscles" and "joints" (seconds), and to pattern, plane, position and impact
      #   ({"work_s", "moves"} by value), the most work first
      def self.of(timelines)
        parts = timelines.map { |timeline| [Suggest::Loads.new(timeline), Plan::Balance.new(timeline).to_h] }
        Level::ALL.to_h do |level|
          loads = {"muscles" => parts.map { |held, _| held.muscles[level] }, "joints" => parts.map { |held, _| held.joints[level] }}
          sums = Plan::Balance::BY.to_h { |by| [by, parts.map { |_, balance| balance.fetch(level).fetch(by) }] }
          [level, {**loads.transform_values { |all| ordered(all) { |one, other| one + other } }, **sums.transform_values { |all| ordered(all) { |one, other| one.merge(other) { |_, mine, more| mine + more } } }}]
        end
      end

      def self.ordered(all, &sum)
        all.reduce({}) { |known, more| known.merge(more) { |_, one, other| sum.call(one, other) } }
          .sort_by { |name, held| [-(held.is_a?(Hash) ? held["work_s"] : held), name] }.to_h
      end
      private_class_method :ordered
    end
  end
end
