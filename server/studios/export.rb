# frozen_string_literal: true

require "csv"
require "zip"

module Server
  module Studios
    # Everything that is kept of a studio, in open formats: a ZIP of JSON files, a
    # table each, and CSV of what is best read as one.
    class Export
      TABLES = %w[Person Benchmark Place Workout WorkoutRevision GroupClass RosterEntry Choice Run Attendance Result RunEvent OwnEntry LogRevision StudioMovement AuditEvent].freeze
      # What opens doors is nobody's to take along.
      INSTRUCTOR = %w[id name email role disabled_at created_at].freeze
      ABOUT = <<~TEXT
        Everything that Willing Sparrow kept of one studio.

        studio.json and instructors.json: the studio and its team, without passwords.
        data/*.json: a table each, as a list of rows; what was encrypted is readable here.
        people.csv: the people, as they are imported again.
        logbook.csv: one line for each result of each person.
        circuits/*.json: the circuits, in the format willing-sparrow/workout.

        Health notes are in it: keep it as safe as the studio itself.
      TEXT

      # @param studio [Records::Studio]
      def initialize(studio)
        @studio = studio
      end

      # @return [String] the bytes of a ZIP
      def bytes
        Zip::OutputStream.write_buffer do |zip|
          files.each do |name, text|
            zip.put_next_entry(name)
            zip.write(text)
          end
        end.string
      end

      private

      # Written one after the other.
      def files
        Enumerator.new do |written|
          written << ["README.txt", ABOUT]
          written << ["studio.json", pretty(@studio.attributes)]
          written << ["instructors.json", pretty(@studio.instructors.order(:created_at).map { |held| held.attributes.slice(*INSTRUCTOR) })]
          TABLES.each { |name| written << ["data/#{name.underscore.pluralize}.json", pretty(rows(name))] }
          written << ["people.csv", People::Csv.new(@studio).text]
          written << ["logbook.csv", logbook]
          @studio.workouts.kept.order(:created_at).each { |workout| written << ["circuits/#{workout.id}.json", pretty(workout.document)] }
        end
      end

      def rows(name)
        Records.const_get(name).where(studio_id: @studio.id).order(:id).map(&:attributes)
      end

      def logbook
        CSV.generate do |csv|
          csv << %w[run on person present level effort block station variation reps seconds reps_left skipped rounds per_round load_kg]
          runs = @studio.runs.kept.includes(attendances: %i[person results]).newest_first
          runs.each do |run|
            run.attendances.each do |attendance|
              head = [run.title, Http::Json.instant(run.started_at || run.created_at), attendance.person.name, attendance.present, attendance.level, attendance.effort]
              (attendance.results.empty? ? [nil] : attendance.results).each do |result|
                done = %i[block station variation reps seconds reps_left skipped rounds].map { |key| result&.public_send(key) }
                csv << [*head, *done, result&.per_round&.join(" "), result&.load_kg].map { |cell| People::Csv.guard(cell) }
              end
            end
          end
        end
      end

      def pretty(value)
        JSON.pretty_generate(value.as_json)
      end
    end
  end
end
