# frozen_string_literal: true

module Server
  module Views
    # A run with what the Floor is drawn from: the document as it was, its
    # timeline and calls, and the clock as last told.
    class RunWhole < RunLine
      attributes :document, :clock, :log_version
      attribute(:now_ms) { RunClock.now_ms }
      attribute(:preview) { |run| Sparrow::Preview.new(run.document, catalogue: run.studio.catalogue).to_h }
    end
  end
end
