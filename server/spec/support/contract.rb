# frozen_string_literal: true

require "json_schemer"
require "zlib"

# Holds an answer of the server against docs/openapi.yaml.
class Contract
  DOCUMENT = YAML.safe_load_file(File.join(Server::ROOT, "docs", "openapi.yaml"))
  OPENAPI = JSONSchemer.openapi(DOCUMENT)
  PATHS = DOCUMENT["paths"].keys.sort_by { |path| path.count("{") }.to_h do |path|
    [path, /\A#{Regexp.escape(path).gsub(/\\\{\w+\\\}/, "[^/]+")}\z/]
  end

  # What any request may be answered with before it meets a route.
  AT_THE_DOOR = [400, 401, 404, 413, 415, 429].freeze

  # @return [Array<String>] what does not agree; empty where all does
  def self.validation_errors(method, path, status, type, body)
    template = PATHS.find { |_, form| form.match?(path) }&.first
    return [] if template.nil? && AT_THE_DOOR.include?(status)
    return ["#{path} is not described"] unless template
    responses = DOCUMENT.dig("paths", template, method.downcase, "responses")
    return [] if responses.nil? && AT_THE_DOOR.include?(status)
    key = [status.to_s, "default"].find { |candidate| responses&.key?(candidate) }
    return [] if key.nil? && AT_THE_DOOR.include?(status)
    return ["#{method} #{template} #{status} is not described"] unless key
    schema_complaints(template, method.downcase, key, responses[key], type.to_s.split(";").first, body)
  end

  def self.schema_complaints(template, method, key, response, type, body)
    pointer = response["$ref"] || "#/paths/#{template.gsub("/", "~1")}/#{method}/responses/#{key}"
    content = DOCUMENT.dig(*pointer.delete_prefix("#/").split("/").map { |part| part.gsub("~1", "/") }, "content")
    return body.to_s.empty? ? [] : ["#{template}: a body where none is described"] unless content
    return ["#{template}: #{type} is not described, only #{content.keys.join(", ")}"] unless content.key?(type)
    return [] unless type.end_with?("json")
    place = "#{pointer.gsub("{", "%7B").gsub("}", "%7D")}/content/#{type.gsub("/", "~1").gsub("+", "%2B")}/schema"
    known = [place, Digest::SHA256.digest(body)]
    return [] if FOUND_RIGHT.include?(known)
    complaints = schema_at(place).validate(JSON.parse(body)).map { |error| "#{method} #{template} #{key}: #{error["error"]}" }
    FOUND_RIGHT << known if complaints.empty?
    complaints
  end

  # The demo's rows are the same in every example, and so are many answers: each is held against the contract once.
  FOUND_RIGHT = Set.new

  def self.schema_at(place)
    (@schemas ||= {})[place] ||= OPENAPI.ref(place)
  end
  private_class_method :schema_complaints, :schema_at

  # Rack middleware for the tests: raises where an answer breaks the contract.
  class Check
    # @param except [Regexp, nil] paths that are not held against it here: whole
    #   timelines take long to check, and the server's own specs do that
    def initialize(app, except: nil)
      @app = app
      @except = except
    end

    def call(env)
      status, headers, body = @app.call(env)
      return [status, headers, body] unless env["PATH_INFO"].start_with?("/api", "/health") && !@except&.match?(env["PATH_INFO"])
      text = +""
      body.each { |part| text << part }
      plain = (headers["content-encoding"] == "gzip") ? Zlib.gunzip(text) : text
      validation_errors = Contract.validation_errors(env["REQUEST_METHOD"], env["PATH_INFO"], status, headers["content-type"], plain)
      raise "Broken contract: #{validation_errors.first(3).join("; ")}" if validation_errors.any?
      [status, headers, [text]]
    end
  end
end
