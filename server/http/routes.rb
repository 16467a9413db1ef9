# frozen_string_literal: true

module Server
  module Http
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

      # Who may use a route stands where the route is written, and nothing stands for
      # closed: only instructors and owners come in. "helper" lets in everybody who is
      # signed in, "owner" owners alone, "open" anybody.
      ACCESS = {instructor: %w[instructor owner], helper: %w[helper instructor owner], owner: %w[owner], open: nil}.freeze

      # A route as it was written: verb, pattern, who may use it, the form of its body or nil.
      Declared = Struct.new(:verb, :pattern, :access, :takes)

      class << self
        # @return [Array<Declared>]
        def declared
          @declared ||= []
        end

        # @param access [Symbol] a key of ACCESS
        # @param takes [Sparrow::Schema::Record] the form of its body, which +input+ then is; from it
        #   the API's description is made
        # @param heavy [Boolean] whether it takes turns with other heavy work
        # @param stale [Boolean] whether it may read from a copy of the database that is a moment old
        def route(verb, path, options = {}, &block)
          access = options.fetch(:access, :instructor)
          ACCESS.fetch(access)
          declared << Declared.new(verb, path, access, options[:takes])
          rest = options.except(:access, :heavy, :stale)
          work = around(block, heavy: options[:heavy], stale: options[:stale])
          super(verb, path, {admitted: access, **rest}, &work)
        end

        private

        def around(block, heavy:, stale:)
          return block unless heavy || stale
          name = :"around_#{block.source_location.join("_")}_#{declared.size}"
          define_method(name, &block)
          arity = block.arity
          inner = ->(routes, args) { routes.send(name, *((arity < 0) ? args : args.first(arity))) }
          inner = inner.then { |work| ->(routes, args) { HEAVY.turn { work.call(routes, args) } } } if heavy
          inner = inner.then { |work| ->(routes, args) { Database.reading { work.call(routes, args) } } } if stale
          proc { |*args| inner.call(self, args) }
        end
      end

      set(:admitted) do |access|
        condition do
          admit(access)
          true
        end
      end

      set(:takes) do |form|
        condition do
          @takes = form
          true
        end
      end

      HEAVY = Http::HeavyWork.for_threads(Settings.current.threads)

      before { content_type :json }

      helpers do
        # @return [Records::Instructor, nil] who is signed in
        def instructor
          return @instructor if defined?(@instructor)
          @sign_in = Records::SignIn.of(env["rack.session"]["token"])
          @instructor = @sign_in&.instructor
        end

        # @return [Records::SignIn] this browser's
        def sign_in
          instructor
          @sign_in
        end

        # Lets in who may use a route, before anything of it is done.
        # @raise [Http::Problems::Error]
        def admit(access)
          roles = ACCESS.fetch(access)
          return unless roles
          raise Http::Problems.not_signed_in unless instructor
          raise Http::Problems.not_allowed unless roles.include?(instructor.role)
        end

        # @return [Boolean] whether health notes are kept from who is asking
        def helper?
          instructor.role == "helper"
        end

        # @return [Records::Studio] from which every query begins
        def studio
          instructor.studio
        end

        # A list in pages: ?page=2&per=50. Without them the first page, which is large.
        # @param per [Integer] lines of a page, where nobody says
        # @return [Array(Array, Hash)] the records of the page, and what is told of the paging
        def paged(records, per: 200)
          number = Integer(params.fetch("page", "1"), 10, exception: false).to_i.clamp(1, 10_000)
          size = Integer(params.fetch("per", per.to_s), 10, exception: false).to_i.clamp(1, 500)
          found = records.limit(size + 1).offset((number - 1) * size).to_a
          [found.first(size), {"page" => number, "per" => size, "more" => found.size > size}]
        end

        # @return [Hash] the request's body
        # @raise [Http::Problems::Error] where it is not a JSON object
        def body_hash
          unless request.media_type == "application/json"
            raise Http::Problems::Error.new(415, Sparrow.say("server.http.not_json"), "Send JSON, with the content type application/json.")
          end
          text = request.body.read.to_s.force_encoding(Encoding::UTF_8)
          raise EncodingError unless text.valid_encoding?
          input = JSON.parse(text, max_nesting: 40)
          raise Http::Problems::Error.new(400, Sparrow.say("server.http.not_an_object"), Sparrow.say("server.http.the_body_must_be_a_json")) unless input.is_a?(Hash)
          input
        rescue JSON::ParserError, EncodingError
          raise Http::Problems::Error.new(400, Sparrow.say("server.http.malformed_json"), Sparrow.say("server.http.the_body_is_not_json_that"))
        end

        # @return [Hash] the body in the form that the route takes
        # @raise [Http::Problems::Error, Sparrow::Refused] where it is not
        def input
          @input ||= Sparrow::Schema.read(@takes, body_hash)
        end

        # @return [Sparrow::Preview] of a document in the body
        # @raise [Http::Problems::Error] with pointers into the body
        def preview_of(document, under:)
          Sparrow::Preview.new(document, catalogue: studio.catalogue)
        rescue Sparrow::Refused => refused
          raise Http::Problems.unprocessable(refused, under: under)
        end

        # What is computed of a document; of a large one in a process of its own.
        # @yieldreturn [Hash]
        # @raise [Http::Problems::Error] with pointers into the body
        def large_json(document, under:)
          Http::Apart.where_large(document) { JSON.generate(yield) }
        rescue Sparrow::Refused => refused
          raise Http::Problems.unprocessable(refused, under: under)
        rescue Http::Apart::TooSlow
          raise Http::Problems::Error.new(503, Sparrow.say("server.http.took_too_long"), Sparrow.say("server.http.this_took_too_long_and_was"), headers: {"retry-after" => "5"})
        end

        def render_json(value, status: 200)
          self.status(status)
          JSON.generate(value)
        end
      end

      register Health::Routes
      register Sessions::Routes
      register Studios::SetupRoutes
      register Passwords::Routes
      register Team::InvitationRoutes
      register Accounts::Routes
      register Team::Routes
      register Studios::Routes
      register Mailbox::Routes
      register Today::Routes
      register Movements::Routes
      register Figures::Routes
      register Formats::Routes
      register Planning::PreviewRoutes
      register Planning::Routes
      register Standards::Routes
      register Workouts::Routes
      register People::Routes
      register People::BenchmarkRoutes
      register Places::Routes
      register Screens::Routes
      register Speech::Routes
      register Pulse::Routes
      register Classes::Routes
      register Classes::RosterRoutes
      register Fit::Routes
      register Cards::Routes
      register Runs::Routes
      register Events::Routes
      register Pages::Routes

      not_found do
        next if [Http::Problems::CONTENT_TYPE, "text/html"].include?(response.media_type)
        tell((api? && !instructor) ? Http::Problems.not_signed_in : Http::Problems.not_found)
      end

      error(Http::Problems::Error) { |error| tell(error) }
      error(Sparrow::Refused) { |refused| tell(Http::Problems.unprocessable(refused)) }
      error(ActiveRecord::RecordNotFound) { tell(Http::Problems.not_found) }
      error(Sinatra::BadRequest) { tell(Http::Problems::Error.new(400, Sparrow.say("server.common.bad_request"), Sparrow.say("server.http.the_request_could_not_be_read"))) }
      error(Http::HeavyWork::Busy) { tell(Http::Problems.busy) }

      # It took too long: Deadline, which ends it, tells that.
      error(Rack::Timeout::RequestTimeoutException) { |error| raise error }

      # Two made the same thing at once: the other's stands, and asking again finds it.
      error(ActiveRecord::RecordNotUnique) do
        tell(Http::Problems::Error.new(409, Sparrow.say("server.http.made_at_the_same_time"), Sparrow.say("server.http.somebody_else_did_the_same_thing")))
      end

      # Somebody erased what this one was writing about.
      error(ActiveRecord::InvalidForeignKey) do
        tell(Http::Problems::Error.new(409, Sparrow.say("server.http.gone_meanwhile"), Sparrow.say("server.http.something_that_this_belongs_to_was")))
      end

      error(ActiveRecord::ActiveRecordError, PG::Error) do |error|
        env["sparrow.error"] = "#{error.class} at #{error.backtrace&.find { |line| line.include?("/server/") }.to_s.delete_prefix(ROOT)}"
        tell(Database.away?(error) ? Http::Problems.database_away : Http::Problems.our_fault)
      end

      error do |error|
        env["sparrow.error"] = "#{error.class} at #{error.backtrace&.first.to_s.delete_prefix(ROOT)}"
        tell(Http::Problems.our_fault)
      end

      helpers do
        def api?
          request.path_info.match?(%r{\A/api(/|\z)})
        end

        def tell(error)
          status error.status
          content_type Http::Problems::CONTENT_TYPE
          headers error.headers
          body JSON.generate(Http::Problems.body(error.status, error.title, error.message, errors: error.errors, extra: error.extra,
            request_id: env[Http::RequestLog::ID]))
        end
      end
    end
  end
end
