# frozen_string_literal: true

module Server
  module Records
    # A circuit on a date with a roster, a place and its kit. The document is a
    # snapshot: a later edit of the circuit comes along only when somebody says so.
    class GroupClass < Base
      include OfStudio

      self.locking_column = nil

      # A save that met a newer version.
      class Outdated < StandardError; end

      belongs_to :studio, class_name: "Server::Records::Studio"
      belongs_to :workout, class_name: "Server::Records::Workout", optional: true
      belongs_to :place, class_name: "Server::Records::Place", optional: true
      belongs_to :leader, class_name: "Server::Records::Instructor", optional: true
      has_many :roster, -> { includes(:person) }, class_name: "Server::Records::RosterEntry"
      has_many :choices, class_name: "Server::Records::Choice"
      has_many :entered, class_name: "Server::Records::OwnEntry"
      has_many :runs, class_name: "Server::Records::Run"
      scope :kept, -> { where(cancelled_at: nil) }

      # @return [Date] the day that it is on where the studio is
      def day
        starts_at.in_time_zone(studio.time_zone).to_date
      end

      # @return [Date] the first day of its week, where it takes place
      def week
        Sparrow::Week.first_day(day, studio.week_start)
      end

      # @return [Boolean] whether the circuit has been changed since it was taken
      def outdated?
        !workout.nil? && workout.deleted_at.nil? && workout.lock_version != workout_version && workout.document != document
      end

      # The circuit as it is now.
      def snapshot_from(workout)
        update!(workout: workout, workout_version: workout.lock_version, title: workout.title, document: workout.document, total_s: workout.total_s)
      end

      # @return [Hash, nil] pieces in the room: the class's own count, else the place's
      def kit_there
        kit || place&.kit
      end

      # @return [Array<RosterEntry>] who is not away, by name
      def coming
        roster.reject { |entry| entry.present == false }.sort_by { |entry| [entry.person.name, entry.person_id] }
      end

      # In whose turn groups are made: by name, until the class has begun. From then on everybody has theirs, whoever is marked
      # as away later; who comes later is next.
      # @return [Hash{String => Integer}] by person
      def turns
        kept, others = coming.partition(&:turn)
        following = (roster.filter_map(&:turn).max || -1) + 1
        {**kept.to_h { |entry| [entry.person_id, entry.turn] }, **others.each_with_index.to_h { |entry, index| [entry.person_id, following + index] }}
      end

      # Keeps everybody's turn, also that of who came since it was last kept.
      def keep_turns
        now = turns
        coming.reject(&:turn).each { |entry| entry.update!(turn: now.fetch(entry.person_id)) }
      end

      # @yield the change, under a lock
      # @raise [Outdated] where another change came first
      def update_if_version(version)
        with_lock do
          raise Outdated unless lock_version == version
          yield
          update!(lock_version: lock_version + 1)
        end
      end

      # The same at another time, with the same people and nobody checked in. Which
      # instants are a week apart is for the calendar of the one who plans.
      # @param at [Time]
      # @return [GroupClass]
      def repeat(at)
        copy = studio.group_classes.create!(attributes.slice("workout_id", "workout_version", "place_id", "leader_id", "series", "title", "document",
          "total_s", "slot_minutes", "kit", "note").merge("starts_at" => at))
        roster.each { |entry| copy.roster.create!(studio_id: studio_id, person_id: entry.person_id, level: entry.person.level) }
        copy
      end
    end
  end
end
