# frozen_string_literal: true

module Server
  class Routes
    # Signing in and out.
    module SessionRoutes
      FORM = Sparrow::Shape::Record.new({
        "email" => Sparrow::Shape::Text.new(length: 1..200), "password" => Sparrow::Shape::Text.new(length: 1..200)
      }, required: %w[email password])

      # What these routes look up.
      module Helpers
        def session_view
          {"instructor" => {"id" => instructor.id, "name" => instructor.name, "email" => instructor.email},
           "studio" => {"id" => studio.id, "name" => studio.name, "instructors" => studio.instructors.order(:name).map { |held| {"id" => held.id, "name" => held.name} }}}
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/session") do
          raise Problems.not_signed_in unless instructor
          render_json(session_view)
        end

        app.post("/api/session") do
          given = body_as(FORM)
          @instructor = Records::Instructor.with_credentials(given["email"], given["password"])
          raise Problems::Error.new(401, "Not signed in", "That address and password do not go together.") unless @instructor
          Records::SignIn.close(env["rack.session"]["token"]) if env["rack.session"]["token"]
          env["rack.session.options"][:renew] = true
          env["rack.session"]["token"] = Records::SignIn.open(@instructor)
          render_json(session_view, status: 201)
        end

        app.delete("/api/session") do
          Records::SignIn.close(env["rack.session"]["token"])
          env["rack.session"].clear
          status 204
        end
      end
    end
  end
end
