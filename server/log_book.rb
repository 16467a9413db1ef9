# frozen_string_literal: true

module Server
  # Takes a run's log and writes it whole: attendances and the results that
  # follow from them, in one transaction, once for each submission.
  class LogBook
    # A log that met a newer one.
    class Outdated < StandardError; end

    FORM = Sparrow::Shape::Record.new({
      "submission_id" => Sparrow::Shape::Text.new(length: 8..64), "log_version" => Sparrow::Shape::Whole.new(0..1_000_000),
      "note" => Sparrow::Shape::Text.new(length: 0..2000), "attendances" => Sparrow::Logging::Form::ATTENDANCES
    }, required: %w[submission_id log_version attendances])

    def initialize(run)
      @run = run
    end

    # Sent twice, it is written once.
    # @param body [Hash] as in FORM
    # @raise [Sparrow::Refused, Outdated]
    def write(body)
      given = Sparrow::Shape.read(FORM, body)
      @run.with_lock do
        next if @run.last_submission == given.fetch("submission_id")
        raise Outdated unless @run.log_version == given.fetch("log_version")
        replace(given.fetch("attendances"))
        @run.update!(log_version: @run.log_version + 1, last_submission: given["submission_id"], log_note: given["note"],
          logged_at: Time.now.utc, finished_at: @run.finished_at || Time.now.utc)
      end
    end

    private

    def replace(attendances)
      @given = @run.given
      @counted = @run.counted
      rows = checked(attendances)
      Records::Attendance.where(run_id: @run.id).delete_all
      rows.each do |given, person, results|
        attendance = @run.attendances.create!(
          studio_id: @run.studio_id, person: person, present: given["present"], lane: given.fetch("lane", person.lane),
          **given.slice("effort", "pain", "note"), created_at: Time.now.utc,
          given: @given[person.id] && Records::Attendance.given_as_stored(@given[person.id])
        )
        insert(attendance, results)
      end
    end

    def insert(attendance, results)
      return if results.empty?
      Records::Result.insert_all!(results.map { |result| result.to_h.merge(studio_id: @run.studio_id, attendance_id: attendance.id) })
    end

    # @raise [Sparrow::Refused] with every unknown person and station
    def checked(attendances)
      people = @run.studio.people.index_by(&:id)
      problems = []
      seen = {}
      rows = attendances.each_with_index.map do |given, index|
        at = "/attendances/#{index}"
        person = people[given["person_id"]]
        problems << Sparrow::Problem.new(pointer: "#{at}/person_id", message: "is nobody in this studio") unless person
        problems << Sparrow::Problem.new(pointer: "#{at}/person_id", message: "is listed twice") if seen[given["person_id"]]
        seen[given["person_id"]] = true
        [given, person, person ? results(given, person, at, problems) : []]
      end
      raise Sparrow::Refused.new(problems) if problems.any?
      rows
    end

    def results(given, person, at, problems)
      return [] unless given["present"]
      @run.sheet.results(given.fetch("lane", person.lane), given.fetch("exceptions", []), given: @given.fetch(person.id, {}),
        counted: @counted.fetch(person.id, {}), at: "#{at}/exceptions")
    rescue Sparrow::Refused => refused
      problems.concat(refused.problems)
      []
    end
  end
end
