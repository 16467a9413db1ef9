# frozen_string_literal: true

module Server
  module Records
    # A participant. +level+ is the level whose rounds and stops they usually
    # follow, +levels+ what they chose per pattern. The emergency contact and all that
    # is private is encrypted; health notes are kept by consent only.
    class Person < Base
      include OfStudio

      # Names of before, which the version before still writes (20261127000011).
      self.ignored_columns = %w[lane]
      attribute :level, :string, default: "beginner"

      belongs_to :studio, class_name: "Server::Records::Studio"
      has_many :benchmarks, class_name: "Server::Records::Benchmark"
      has_many :attendances, class_name: "Server::Records::Attendance"
      scope :training, -> { where(archived_at: nil).order(:name, :id) }

      serialize :contact, coder: JSON
      serialize :health, coder: JSON
      encrypts :contact, :health

      # @return [Array<Sparrow::People::Limits::Limit>] those that hold on a day
      def limits_on(date)
        Sparrow::People::Limits::Form.limits_of(health || {}).select { |limit| limit.on?(date) }
      end

      # @return [String] one of Sparrow::People::Screening::STATES
      def screening
        Sparrow::People::Limits::Form.screening_state(health || {})
      end

      def new_on?(date)
        Sparrow::People::Membership.new?(since, on: date)
      end

      # @param today [Date]
      # @param for_class [GroupClass, nil] what came after it began is not known yet
      # @return [Sparrow::Capacity::Estimates]
      def estimates(today, for_class: nil, catalogue: studio.catalogue)
        Sparrow::Capacity::Estimates.new(levels: levels, pacing_level: level, evidence: People::Evidence.of(self, catalogue, for_class: for_class), today: today)
      end

      # Best given beforehand, for all who are looked at: by Evidence.load.
      attr_writer :telling_results

      # @return [Array<Result>] as Result.telling_of has them
      def telling_results
        @telling_results || Result.telling_of([self])
      end

      # Everything about them, gone: what only counts stays, without a name.
      def erase
        transaction do
          RunEvent.where(studio_id: studio_id, person_id: id).delete_all
          Attendance.where(studio_id: studio_id, person_id: id).delete_all
          destroy!
        end
      end
    end
  end
end
