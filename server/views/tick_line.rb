# frozen_string_literal: true

module Server
  module Views
    # One tap.
    class TickLine
      include Alba::Resource

      attributes :client_key, :block, :station, :lane, :person_id, :amount
      attribute(:at) { |tick| Views.instant(tick.at) }
    end
  end
end
