# frozen_string_literal: true

module Server
  module People
    # Everything about one person, to be handed to them.
    class Export
      def initialize(person)
        @person = person
      end

      # @return [Hash]
      def to_h
        People::View.new(@person).to_h.except("ruled_out").merge(
          "format" => "willing-sparrow/person", "version" => 1,
          "classes" => @person.attendances.includes(:run, :results).map { |attendance| attendance(attendance) },
          "own_entries" => Records::OwnEntry.where(studio_id: @person.studio_id, person_id: @person.id).order(:entered_at).map(&:entry),
          "counted" => Records::RunEvent.where(studio_id: @person.studio_id, person_id: @person.id, kind: "tapped").order(:at_ms).map { |event| event.data.slice("block", "station", "amount") },
          "rosters" => Records::RosterEntry.where(studio_id: @person.studio_id, person_id: @person.id).includes(:group_class).map { |entry| roster(entry) },
          "choices" => Records::Choice.where(studio_id: @person.studio_id, person_id: @person.id).map { |choice| choice.attributes.slice("block", "station", "variation", "number", "why") }
        )
      end

      private

      def attendance(attendance)
        Runs::AttendanceLine.new(attendance, attendance.run.submitted).to_h.merge("title" => attendance.run.title, "on" => Http::Json.instant(attendance.run.started_at))
      end

      def roster(entry)
        entry.attributes.slice("present", "level", "tired").merge("sore" => entry.sore || [], "title" => entry.group_class.title, "starts_at" => Http::Json.instant(entry.group_class.starts_at))
      end
    end
  end
end
