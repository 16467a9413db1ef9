# frozen_string_literal: true

module Server
  module Studios
    # A whole studio, gone for good.
    class Deletion
      # Tables that hold something of a studio, in an order in which none is still referred to.
      TABLES = %w[log_revisions results attendances own_entries hall_codes pulse_straps run_events runs choices roster_entries group_classes benchmarks workout_revisions workouts people places
        studio_movements invitations audit_events instructors].freeze

      # @param studio [Records::Studio]
      def initialize(studio)
        @studio = studio
      end

      # @return [Hash{String => Integer}] rows that were deleted, by table
      def call
        Records::Studio.transaction do
          connection = Records::Studio.connection
          connection.execute("SET LOCAL sparrow.removing_old_events = 'yes'")
          gone = TABLES.to_h { |table| [table, connection.exec_delete("DELETE FROM #{table} WHERE studio_id = $1", "studio deletion", [@studio.id])] }
          @studio.delete
          gone
        end
      end
    end
  end
end
