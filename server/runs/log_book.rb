# frozen_string_literal: true

module Server
  module Runs
    # Takes a run's log and writes it whole: attendances and the results that
    # follow from them, in one transaction, once for each submission. What was
    # handed in is kept each time, so that an earlier log can be brought back.
    class LogBook
      # A log that met a newer one.
      class Outdated < StandardError; end

      FORM = Sparrow::Schema::Record.new({
        "submission_id" => Sparrow::Schema::Text.new(length: 8..64), "log_version" => Sparrow::Schema::IntegerType.new(0..1_000_000),
        "note" => Sparrow::Schema::Text.new(length: 0..2000), "attendances" => Sparrow::Logging::Form::ATTENDANCES
      }, required: %w[submission_id log_version attendances])
      # What only who was there can have.
      OF_THE_PRESENT = %w[effort pain pain_action exceptions blocks].freeze

      # @param run [Records::Run]
      # @param by [Records::Instructor, nil] who writes
      def initialize(run, by: nil)
        @run = run
        @by = by
      end

      # Sent twice, it is written once.
      # @param body [Hash] as in FORM
      # @raise [Sparrow::Refused, Outdated]
      def write(body)
        submitted = Sparrow::Schema.read(FORM, body)
        submitted = submitted.merge("attendances" => submitted.fetch("attendances").map { |line| line["present"] ? line : line.except(*OF_THE_PRESENT) })
        # What the fit gives takes a while to compute: it is known before the run is locked.
        @planned = @run.planned_targets
        @run.with_lock do
          next if @run.last_submission == submitted.fetch("submission_id")
          raise Outdated unless @run.log_version == submitted.fetch("log_version")
          put(unseen_kept(submitted))
        end
      end

      # @param revision [Records::LogRevision] of this run
      # @raise [Sparrow::Refused]
      def bring_back(revision)
        here = @run.studio.people.where(id: revision.content["attendances"].map { |line| line["person_id"] }).pluck(:id)
        @planned = @run.planned_targets
        @run.with_lock do
          put("submission_id" => SecureRandom.uuid, "note" => revision.content["note"],
            "attendances" => revision.content["attendances"].select { |line| here.include?(line["person_id"]) })
          Records::AuditEvent.note(@by, "log_brought_back", @run, version: revision.number) if @by
        end
      end

      private

      def put(submitted)
        replace(submitted.fetch("attendances"))
        @run.update!(log_version: @run.log_version + 1, last_submission: submitted["submission_id"], log_note: submitted["note"],
          logged_at: Time.now.utc, finished_at: @run.finished_at || Time.now.utc)
        keep(submitted)
        Pulse::Bridge.close(@run)
      end

      def keep(submitted)
        attendances = submitted.fetch("attendances")
        @run.log_revisions.create!(studio_id: @run.studio_id, instructor: @by, number: @run.log_version, content: submitted.slice("note", "attendances"),
          people: attendances.size, present: attendances.count { |line| line["present"] }, created_at: Time.now.utc)
        Records::AuditEvent.note_reading(@by, "log_written", @run) if @by
      end

      # A helper is not shown what hurt or what was noted: what they send does not take it away.
      def unseen_kept(submitted)
        return submitted unless @by&.role == "helper"
        kept = @run.attendances.index_by(&:person_id)
        lines = submitted.fetch("attendances").map do |line|
          before = kept[line["person_id"]]
          (before && line["present"]) ? {"pain" => before.pain, "pain_action" => before.pain_action, "note" => before.note}.compact.merge(line) : line
        end
        submitted.merge("attendances" => lines, "note" => submitted["note"] || @run.log_note)
      end

      def replace(attendances)
        rows = checked(attendances)
        look_back(rows.map { |_, person, _| person })
        Records::Attendance.where(studio_id: @run.studio_id, run_id: @run.id).delete_all
        rows.each do |line, person, results|
          attendance = @run.attendances.create!(
            studio_id: @run.studio_id, person: person, present: line["present"], level: line.fetch("level", person.level),
            **line.slice("effort", "pain", "pain_action", "note"), blocks: blocks(line, person), created_at: Time.now.utc,
            planned_targets: @planned[person.id] && Records::Attendance.targets_as_stored(@planned[person.id])
          )
          insert(attendance, results)
        end
      end

      def insert(attendance, results)
        return if results.empty?
        fresh = @freshness.of(results, attendance.level, @profiles.fetch(attendance.person_id))
        rows = results.zip(fresh).map { |result, share| result.to_h.merge(studio_id: @run.studio_id, attendance_id: attendance.id, freshness: share) }
        Records::Result.insert_all!(rows)
      end

      # What was known of everybody before: with it a late set is turned back to what is there fresh.
      def look_back(people)
        People::Evidence.load(people)
        day = (@run.started_at || @run.created_at).to_date
        @profiles = people.to_h { |person| [person.id, person.estimates(day, for_class: @run.group_class, catalogue: @run.studio.catalogue).profile] }
        @freshness = Sparrow::Logging::Freshness.new(@run.timeline, catalogue: @run.studio.catalogue)
      end

      # @raise [Sparrow::Refused] with every unknown person and station
      def checked(attendances)
        people = known
        problems = []
        problems << Sparrow::Problem.new(pointer: "/attendances", message: Sparrow.say("server.runs.would_take_everybody_out_of_this")) if attendances.empty? && @run.attendances.any?
        seen = {}
        rows = attendances.each_with_index.map do |line, index|
          at = "/attendances/#{index}"
          person = people[line["person_id"]]
          problems << Sparrow::Problem.new(pointer: "#{at}/person_id", message: @run.group_class ? Sparrow.say("server.runs.is_not_on_this_classs_roster") : Sparrow.say("server.common.is_nobody_in_this_studio")) unless person
          problems << Sparrow::Problem.new(pointer: "#{at}/person_id", message: Sparrow.say("server.runs.is_listed_twice")) if seen[line["person_id"]]
          seen[line["person_id"]] = true
          refused(problems) { blocks(line, person, at: "#{at}/blocks") } if person
          [line, person, person ? results(line, person, at, problems: problems) : []]
        end
        Sparrow::Refused.where(problems)
        rows
      end

      # Who may stand in the log: of a class its roster, and whoever stood there before.
      def known
        people = @run.studio.people
        people = people.where(id: @run.group_class.roster.map(&:person_id) | @run.attendances.map(&:person_id) | @run.log_revisions.flat_map { |kept| kept.content["attendances"].map { |line| line["person_id"] } }) if @run.group_class
        people.index_by(&:id)
      end

      def results(line, person, at, problems:)
        return [] unless line["present"]
        refused(problems) do
          @run.sheet.results(line.fetch("level", person.level), line.fetch("exceptions", []), planned: @planned.fetch(person.id, {}),
            counted: @run.counted_of(person.id, line.fetch("level", person.level)), reached: @run.reached_by(person.id), logged_faults: logged_faults.fetch(person.id, []), at: "#{at}/exceptions")
        end
      end

      # @return [Hash{String => Array<String>}] by person
      def logged_faults
        @logged_faults ||= @run.submitted.transform_values { |exceptions| exceptions.flat_map { |exception| exception["faults"] || [] } }
      end

      # What was typed of the blocks that people pace, over what taps say.
      def blocks(line, person, at: "/blocks")
        return [] unless line["present"]
        @run.sheet.block_results(line.fetch("blocks", []), @run.block_results.of(line.fetch("level", person.level), person.id), at: at)
      end

      # @return [Array] empty where it is refused; then +problems+ say why
      def refused(problems)
        yield
      rescue Sparrow::Refused => refused
        problems.concat(refused.problems)
        []
      end
    end
  end
end
