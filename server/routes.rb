# frozen_string_literal: true

module Server
  # The application's routes: each parses, calls one thing and renders. What
  # they share, who is asking and how errors are told, is here.
  class Routes < Sinatra::Base
    set :root, File.join(ROOT, "server")
    set :environment, Settings.current.mode.to_sym
    set :host_authorization, {permitted_hosts: []}
    set :protection, false # Security sets the headers and refuses forged requests
    set :show_exceptions, false
    set :raise_errors, false
    set :dump_errors, false
    set :logging, false
    set :sessions, false
    set :static, false
    disable :method_override

    PUBLIC = [%r{\A/health\z}, %r{\A/api/session\z}, %r{\A/api/cards/[^/]+\z}].freeze

    before do
      content_type :json
      if request.path_info.start_with?("/api/") && PUBLIC.none? { |path| path.match?(request.path_info) }
        raise Problems.not_signed_in unless instructor
      end
    end

    helpers do
      # @return [Records::Instructor, nil] who is signed in
      def instructor
        return @instructor if defined?(@instructor)
        @instructor = Records::SignIn.instructor_of(env["rack.session"]["token"])
      end

      # @return [Records::Studio] from which every query begins
      def studio
        instructor.studio
      end

      # @return [Date] the latest day that it is anywhere: what is typed is of the day where they are
      def latest_day
        Date.today + 1
      end

      # @return [Hash] the request's body
      # @raise [Problems::Error] where it is not a JSON object
      def body_hash
        unless request.media_type == "application/json"
          raise Problems::Error.new(415, "Not JSON", "Send JSON, with the content type application/json.")
        end
        text = request.body.read.to_s.force_encoding(Encoding::UTF_8)
        raise EncodingError unless text.valid_encoding?
        given = JSON.parse(text, max_nesting: 40)
        raise Problems::Error.new(400, "Not an object", "The body must be a JSON object.") unless given.is_a?(Hash)
        given
      rescue JSON::ParserError, EncodingError
        raise Problems::Error.new(400, "Malformed JSON", "The body is not JSON that can be read.")
      end

      # @return [Hash] the body in the form's shape
      def body_as(form)
        Sparrow::Shape.read(form, body_hash)
      end

      # @return [Sparrow::Preview] of a document in the body
      # @raise [Problems::Error] with pointers into the body
      def preview_of(document, under:)
        Sparrow::Preview.new(document, catalogue: studio.catalogue)
      rescue Sparrow::Refused => refused
        raise Problems.unprocessable(refused, under: under)
      end

      def render_json(value, status: 200)
        self.status(status)
        JSON.generate(value)
      end
    end

    register HealthRoutes
    register SessionRoutes
    register TodayRoutes
    register MovementRoutes
    register PreviewRoutes
    register PlanningRoutes
    register HouseRoutes
    register WorkoutRoutes
    register PeopleRoutes
    register BenchmarkRoutes
    register PlaceRoutes
    register ClassRoutes
    register RosterRoutes
    register FitRoutes
    register CardRoutes
    register RunRoutes
    register TickRoutes
    register PageRoutes

    not_found do
      next if response.media_type == Problems::CONTENT_TYPE
      tell(Problems.not_found)
    end

    error(Problems::Error) { |error| tell(error) }
    error(Sparrow::Refused) { |refused| tell(Problems.unprocessable(refused)) }
    error(ActiveRecord::RecordNotFound) { tell(Problems.not_found) }
    error(Sinatra::BadRequest) { tell(Problems::Error.new(400, "Bad request", "The request could not be read.")) }

    error(ActiveRecord::ConnectionNotEstablished, ActiveRecord::StatementInvalid) do |error|
      env["sparrow.error"] = error.class.name
      tell(Problems::Error.new(503, "Not available", "The database does not answer. What you typed is still here; try again shortly."))
    end

    error do |error|
      env["sparrow.error"] = "#{error.class} at #{error.backtrace&.first.to_s.delete_prefix(ROOT)}"
      tell(Problems::Error.new(500, "Something went wrong", "This is our fault. Tell us the request id."))
    end

    helpers do
      def tell(error)
        status error.status
        content_type Problems::CONTENT_TYPE
        body JSON.generate(Problems.body(error.status, error.title, error.message, errors: error.errors, extra: error.extra,
          request_id: env[Middleware::RequestLog::ID]))
      end
    end
  end
end
