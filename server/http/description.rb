# frozen_string_literal: true

require "yaml"

module Server
  module Http
    # The bodies that routes take, as components of the API's description: made from the
    # forms that read them, and written by bin/describe. The description names the
    # component of each operation; a spec says that none is missing or left over.
    module Description
      BODIES = /(?<=    # The bodies, written by bin\/describe\.\n).*?(?=^    # Here the bodies end\.$)/m
      # Parts of bodies that the front end has a name for.
      PARTS = {"AttendanceEntry" => Sparrow::Logging::Form::ATTENDANCE, "ExceptionEntry" => Sparrow::Logging::Form::EXCEPTION}.freeze
      # What the description has beside the bodies: answers hold it too, or it is a long list that changes by itself.
      ELSEWHERE = {
        "Level" => People::Contract::LEVEL, "Role" => Team::Contract::ROLE, "Units" => Team::Contract::UNITS, "WeekStart" => Team::Contract::WEEK_START, "GoingUp" => Team::Contract::GOING_UP, "TimeZone" => Team::Contract::TIME_ZONE,
        "DateLocale" => Team::Contract::DATE_LOCALE, "Contact" => People::Contract::CONTACT, "Limit" => Sparrow::People::Limits::Form::LIMIT,
        "HealthNotes" => Sparrow::People::Limits::Form::HEALTH, "House" => Standards::Routes::FORM, "FormatId" => Planning::Routes::FORMAT
      }.freeze

      # A null is the same as a key left out.
      class Bodies < Sparrow::Schema::Components
        def within(record, key, schema)
          return schema unless record.optional?(key)
          return {**schema, "type" => [schema["type"], "null"]} if schema["type"].is_a?(String) && !schema.key?("enum")
          {"anyOf" => [schema, {"type" => "null"}]}
        end
      end

      # @param text [String] docs/openapi.yaml
      # @return [String] the same, with the bodies as the routes take them now
      def self.with_bodies(text)
        bodies = components(YAML.safe_load(text, aliases: true)).map { |name, schema| "    #{name}: #{JSON.generate(schema)}\n" }
        text.sub(BODIES) { bodies.join }
      end

      # @param description [Hash]
      # @return [Hash{String => Hash}] by their names in the description
      # @raise [KeyError] where a route takes a body of which the description knows nothing
      def self.components(description)
        names = Bodies.new({**PARTS, **ELSEWHERE})
        forms = Routes.declared.select(&:takes).to_h { |route| [component_of(description, route), route.takes] }
        {**forms, **PARTS}.transform_values { |form| form.json_schema(names) }.sort.to_h
      end

      # @return [String] what the description calls the body of a route
      def self.component_of(description, route)
        path = route.pattern.gsub(/:(\w+)/, '{\1}')
        body = description.fetch("paths").fetch(path).fetch(route.verb.downcase)["requestBody"]
        reference = body&.dig("content", "application/json", "schema", "$ref") or raise KeyError, "no body of #{route.verb} #{path} in the description"
        reference.delete_prefix("#/components/schemas/")
      end
      private_class_method :component_of
    end
  end
end
