# frozen_string_literal: true

module Server
  class Routes
    # Who trains here.
    module PeopleRoutes
      def self.registered(app)
        app.get("/api/people") do
          render_json({"people" => Views::PersonLine.new(studio.people.training.to_a).to_h})
        end
      end
    end
  end
end
