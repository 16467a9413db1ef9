# frozen_string_literal: true

module Server
  module Classes
    # A class in a list.
    class Line
      # @param group_class [Records::GroupClass]
      def initialize(group_class)
        @class = group_class
      end

      # @return [Hash]
      def to_h
        @class.attributes.slice("id", "workout_id", "slot_minutes", "series", "lock_version", "note").merge(
          "title" => @class.title, "total_s" => @class.total_s, "starts_at" => Http::Json.instant(@class.starts_at), "week" => @class.week.iso8601, "cancelled" => !@class.cancelled_at.nil?,
          "behind" => @class.outdated?, "leader" => named(@class.leader), "place" => named(@class.place),
          "coming" => @class.roster.count { |entry| entry.present != false }, "run_id" => run&.id, "run_state" => run&.state
        )
      end

      private

      # The last one.
      def run
        @run ||= @class.runs.reject(&:deleted_at).max_by(&:created_at)
      end

      def named(record)
        record && {"id" => record.id, "name" => record.name}
      end
    end
  end
end
