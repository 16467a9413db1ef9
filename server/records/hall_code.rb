# frozen_string_literal: true

module Server
  module Records
    # The key under which a run is shown in the hall, until a time; one for a run.
    class HallCode < Base
      include OfStudio

      belongs_to :run, class_name: "Server::Records::Run"
    end
  end
end
