# frozen_string_literal: true

module Server
  module Pulse
    # Pulses of a run, for the instructor alone: who has agreed, and how hard they work by the last beat.
    class View
      # A beat that is older says nothing any more.
      FRESH_S = 20

      # @param run [Records::Run]
      def initialize(run)
        @run = run
      end

      # @return [Hash]
      def to_h
        straps = Records::PulseStrap.where(studio_id: @run.studio_id, run_id: @run.id).includes(:person)
        {"open" => !@run.pulse_key.nil?, "straps" => straps.map { |strap| line(strap) }}
      end

      private

      def line(strap)
        fresh = strap.heard_at && strap.heard_at > FRESH_S.seconds.ago
        age = strap.person.birth_year && Time.now.utc.year - strap.person.birth_year
        {"person_id" => strap.person_id, "bpm" => (strap.bpm if fresh), "effort" => (Sparrow::Running::Effort.of(strap.bpm, age) if fresh && strap.bpm)}
      end
    end
  end
end
