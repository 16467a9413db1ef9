# frozen_string_literal: true

module Server
  module Runs
    # One tap.
    class TickLine
      include Alba::Resource

      attributes :client_key, :block, :station, :lane, :person_id, :amount
      attribute(:at) { |tick| Http::Json.instant(tick.at) }
    end
  end
end
