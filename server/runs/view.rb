# frozen_string_literal: true

module Server
  module Runs
    # A run with what the Floor is drawn from: the document as it was, its
    # timeline and calls, and what has happened, in the server's time.
    class View < Line
      def to_h
        super.merge("document" => @run.altered.document, "changed_from_s" => @run.altered.from_s, "events" => @run.events.map(&:to_h), "log_version" => @run.log_version, "now_ms" => Runs::DeviceTime.now_ms,
          "groups" => GroupSizes.of(@run), "preview" => Sparrow::Preview.new(@run.altered.document, timeline: @run.timeline, catalogue: @run.studio.catalogue).to_h)
      end
    end
  end
end
