# frozen_string_literal: true

require_relative "contract"

# Talking to the server in the specs, each answer held against the contract.
module Api
  include Rack::Test::Methods

  APP = Contract::Check.new(Server::Application.build(settings: Server::Settings.new({"ALLOWED_HOSTS" => "example.org"}), log: nil, throttled: false))

  def app
    APP
  end

  # @return [Object, nil] the parsed answer
  def custom_request(...)
    Thread.current[:one_studio] = true
    super
  ensure
    Thread.current[:one_studio] = false
  end

  def send_json(method, path, body = nil, **headers)
    env = headers.transform_keys { |name| "HTTP_#{name.to_s.upcase}" }
    env["CONTENT_TYPE"] = "application/json" if body || %i[post put].include?(method)
    custom_request(method.to_s.upcase, path, {}, env.merge(input: body.is_a?(String) ? body : JSON.generate(body || {})))
    last_response.body.empty? ? nil : JSON.parse(last_response.body)
  end

  def status
    last_response.status
  end

  # @return [Hash{String => String}] pointer to message, of the last answer
  def field_errors
    JSON.parse(last_response.body).fetch("errors").to_h { |error| error.values_at("pointer", "detail") }
  end

  def make_studio(name = "Weir House", email: "ottoline@example.test")
    studio = Server::Records::Studio.create!(name: name)
    studio.instructors.create!(name: "Ottoline Varga", email: email, password: "weir-and-lock-gate", role: "owner")
    studio
  end

  def sign_in(email: "ottoline@example.test", password: "weir-and-lock-gate")
    send_json(:post, "/api/session", {"email" => email, "password" => password})
  end

  def signed_in_studio
    make_studio.tap { sign_in }
  end

  def make_workout(document = workout_document(intervals(2)))
    send_json(:post, "/api/workouts", {"document" => document})
  end

  def open_run(workout = make_workout)
    send_json(:post, "/api/runs", {"workout_id" => workout["id"], "client_key" => SecureRandom.uuid})
  end
end
