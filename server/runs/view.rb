# frozen_string_literal: true

module Server
  module Runs
    # A run with what the Floor is drawn from: the document as it was, its
    # timeline and calls, and the clock as last told.
    class View < Line
      attributes :document, :clock, :log_version
      attribute(:now_ms) { Runs::Clock.now_ms }
      attribute(:preview) { |run| Sparrow::Preview.new(run.document, catalogue: run.studio.catalogue).to_h }
    end
  end
end
