# frozen_string_literal: true

module Server
  module Records
    # One performance of a workout: a snapshot of the document, what happened, and the log.
    class Run < Base
      include OfStudio

      belongs_to :studio, class_name: "Server::Records::Studio"
      belongs_to :workout, class_name: "Server::Records::Workout", optional: true
      belongs_to :instructor, class_name: "Server::Records::Instructor", optional: true
      belongs_to :group_class, class_name: "Server::Records::GroupClass", optional: true
      has_many :attendances, class_name: "Server::Records::Attendance"
      has_many :events, -> { order(:at_ms, :event_id) }, class_name: "Server::Records::RunEvent"
      has_one :hall_code, class_name: "Server::Records::HallCode"
      has_many :log_revisions, class_name: "Server::Records::LogRevision"
      scope :kept, -> { where(deleted_at: nil) }
      scope :newest_first, -> { order(Arel.sql("coalesce(started_at, created_at) DESC")) }

      # The key is another run's.
      class KeyTaken < StandardError; end

      # The same client key is the same run, however often it is sent.
      # @return [Run]
      # @raise [KeyTaken] where the key is of a run of something else
      def self.open(workout, client_key:, by:)
        found = workout.studio.runs.create_with(
          workout: workout, instructor: by, title: workout.title, document: workout.document, total_s: workout.total_s
        ).find_or_create_by!(client_key: client_key)
        raise KeyTaken unless found.workout_id == workout.id && found.group_class_id.nil?
        found
      end

      # A class's run: its own copy of the circuit, its people on the log. While one
      # is open, whoever starts the class goes on with that one.
      # @return [Run]
      # @raise [KeyTaken] where the key is of a run of something else
      def self.of_class(group_class, client_key:, by:)
        group_class.with_lock do
          open = group_class.runs.kept.where(finished_at: nil, logged_at: nil).order(:created_at).first
          next open if open
          found = group_class.studio.runs.create_with(
            workout: group_class.workout, group_class: group_class, instructor: by, title: group_class.title, document: group_class.document, total_s: group_class.total_s
          ).find_or_create_by!(client_key: client_key)
          raise KeyTaken unless found.group_class_id == group_class.id
          found
        end
      end

      # @return [Array<Person>] who stands on the log: a class's roster, else everybody who trains here
      def people
        return studio.people.training.to_a unless group_class
        group_class.coming.map(&:person) | attendances.map(&:person)
      end

      # What a device saw happen. The same event is kept once, however often it is sent.
      # @param held [Hash] as in Running::Event::FORM
      # @param by [Instructor, nil]
      def happened(held, by:, person: nil)
        at_ms = Runs::DeviceTime.corrected(held["at_ms"], ahead_ms: held.fetch("server_ahead_ms", 0))
        with_lock do
          events.create_with(studio_id: studio_id, instructor: by, person: person, kind: held["kind"], at_ms: at_ms, device_ms: held["at_ms"], created_at: Time.now.utc,
            data: held.slice(*Sparrow::Running::Event::DATA).except("person_id").compact).find_or_create_by!(event_id: held["id"])
          forget_told
          note_times
        end
      end

      # What follows from its events is worked out once, until there may be others.
      def reload(*)
        forget_told
        super
      end

      # @return [Array<Sparrow::Running::Event>]
      def told
        @told ||= events.map(&:to_event)
      end

      # @return [Sparrow::Running::Clock]
      def clock
        @clock ||= Sparrow::Running::Clock.new(told)
      end

      # The plan with what was changed of it while it ran.
      # @return [Sparrow::Running::Altered]
      def altered
        @altered ||= Sparrow::Running::Altered.of(document, told, catalogue: studio.catalogue)
      end

      # What of the plan was reached; nil where nobody started a clock: then nothing says otherwise than the plan.
      # @return [Sparrow::Running::Reached, nil]
      def reached
        return unless clock.started?
        @reached ||= Sparrow::Running::Reached.new(timeline, clock, now_ms: Runs::DeviceTime.now_ms)
      end

      # The same for one person: from when they came until they left, and where groups rotate with theirs.
      # @return [Sparrow::Running::Reached, nil] #reached itself where it is the same
      def reached_by(person_id)
        there = presence
        order = turns[person_id]
        return reached if (there.throughout?(person_id) && order.nil?) || !clock.started?
        between = (there.late_s(person_id) || 0)..(there.gone_s(person_id) || Float::INFINITY) unless there.throughout?(person_id)
        Sparrow::Running::Reached.new(timeline, clock, now_ms: Runs::DeviceTime.now_ms, between: between, order: order)
      end

      # @return [Sparrow::Running::Presence]
      def presence
        @presence ||= Sparrow::Running::Presence.new(told)
      end

      # What taps say of the blocks that people pace.
      # @return [Sparrow::Running::BlockResults]
      def block_results
        @block_results ||= Sparrow::Running::BlockResults.new(timeline, told)
      end

      # @return [String] ready, running, finished or logged
      def state
        return "logged" if logged_at
        return "finished" if finished_at
        started_at ? "running" : "ready"
      end

      # @return [Sparrow::Logging::Sheet]
      def sheet
        @sheet ||= Sparrow::Logging::Sheet.new(timeline.workout, catalogue: studio.catalogue)
      end

      # @return [Sparrow::Plan::Timeline]
      def timeline
        altered.timeline
      end

      # What each person was given: as it was when the log was first written, else
      # as the fit has it now.
      # @return [Hash{String => Hash{Array(String, String) => Sparrow::Logging::PlannedTarget}}] by person; empty without a class
      def planned_targets
        return {} unless group_class
        logged = attendances.select(&:planned_targets).to_h { |attendance| [attendance.person_id, attendance.targets] }
        return logged if group_class.coming.all? { |entry| logged.key?(entry.person_id) }
        fitted.merge(logged)
      end

      # What was handed in for each person, in the log as it stands: their exceptions.
      # A log from before submissions were kept has the results that differ from the plan.
      # @return [Hash{String => Array<Hash>}] by person
      def submitted
        kept = log_revisions.find_by(number: log_version)
        return kept.content["attendances"].to_h { |line| [line["person_id"], line["exceptions"] || []] } if kept
        attendances.includes(:results).to_h { |attendance| [attendance.person_id, attendance.results.reject(&:planned).map(&:as_exception)] }
      end

      # Reps that were tapped for one person at one station; of totals their level's, where nobody tapped their own.
      # @param level [String] whom they follow
      # @return [Hash{Array(String, String) => Integer}]
      def counted_of(person_id, level)
        block_results.reps(level, person_id).merge(counted.fetch(person_id, {}))
      end

      # Reps that were tapped for one person at one station.
      # @return [Hash{String => Hash{Array(String, String) => Integer}}] by person
      def counted
        @counted ||= reps_of_people
      end

      private

      # @return [Hash{String => Integer}] by person; empty where nobody's turn says when they work
      def turns
        @turns ||= (group_class && by_turns?) ? group_class.turns : {}
      end

      def by_turns?
        document.fetch("blocks").any? { |block| Sparrow::Plan::Format.named(block["format"]).by_turns?(block) }
      end

      def forget_told
        @told = @turns = @clock = @altered = @sheet = @reached = @presence = @block_results = @counted = nil
        events.reset
      end

      def reps_of_people
        taps = Sparrow::Running::Event.standing(told).select { |event| event.kind == "tapped" && event.person_id && event.station }
        taps.group_by(&:person_id).transform_values { |held| held.group_by { |tap| [tap.block, tap.station] }.transform_values { |own| own.sum(&:amount) } }
      end

      # When it began and ended, for lists.
      def note_times
        held = clock
        group_class&.keep_turns if by_turns? && held.started?
        at = ->(instant) { instant && Time.at(0, instant, :millisecond).utc }
        update!(started_at: at.call(held.started_at_ms) || started_at, finished_at: at.call(held.ended_at_ms) || (logged_at && finished_at))
      end

      def fitted
        sheet = Fit::ClassFit.new(group_class, document: document).sheet
        sheet.assignments.to_h do |assignment|
          cells = sheet.cells(assignment.participant.id)
          [assignment.participant.id, cells.to_h { |cell| [[cell.place.block.id, cell.place.station.id], Sparrow::Logging::PlannedTarget.of_cell(cell)] }]
        end
      end
    end
  end
end
