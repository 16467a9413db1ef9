# frozen_string_literal: true

module Server
  module Studios
    # The demo scenario: loaded where it is asked for, thrown away like any studio.
    module Demo
      # @return [Boolean] whether it was loaded now; false where it is there
      def self.load
        Records::Installation.current.update!(demo_loaded_at: Time.now.utc)
        scenario.load
      end

      # It is loaded where it is asked for by name, and at the first start of a
      # database that nobody has used; never in production without being asked for.
      # @return [Boolean]
      def self.wanted?(settings)
        return true if settings.demo?
        return false if settings.production? || settings.empty?
        Records::Studio.none? && Records::Installation.current.demo_loaded_at.nil?
      end

      def self.email
        scenario::INSTRUCTORS.values.first
      end

      def self.password
        scenario::PASSWORD
      end

      def self.scenario
        require File.join(ROOT, "demo", "scenario")
        ::Demo::Scenario
      end
      private_class_method :scenario
    end
  end
end
