# frozen_string_literal: true

module Server
  module Records
    # Somebody who wears a strap in a run and has agreed to it, with the last beat that was heard.
    class PulseStrap < Base
      include OfStudio

      belongs_to :run, class_name: "Server::Records::Run"
      belongs_to :person, class_name: "Server::Records::Person"
    end
  end
end
