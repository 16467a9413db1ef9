# frozen_string_literal: true

module Sparrow
  # What is generated from the code and checked in, for readers outside of it. bin/describe
  # writes it, and a spec says whether it is up to date.
  module Published
    COMPONENTS = /(?<=# What follows is written by bin\/describe\.\n).*?(?=^    # Here it ends\.$)/m
    TABLE = /^\| change \|.*\z/m

    # @return [String] the JSON Schema of the workout document
    def self.workout_schema
      @workout_schema ||= "#{JSON.pretty_generate(Plan::Form.json_schema)}\n".freeze
    end

    # @return [String] the JSON Schema of a movement's file
    def self.movement_schema
      @movement_schema ||= "#{JSON.pretty_generate(Catalogue::Form.json_schema)}\n".freeze
    end

    # @param description [String] docs/openapi.yaml
    # @return [String] the same, with the components of the workout document as they are now
    def self.openapi(description)
      # By way of JSON, so that what stands twice is written twice.
      components = YAML.dump(JSON.parse(JSON.generate(Plan::Described.components)), line_width: -1).delete_prefix("---\n")
      description.sub(COMPONENTS) { components.gsub(/^/, "    ") }
    end

    # @return [String] web/src/api/vocabulary.ts: the lists that its forms offer
    def self.vocabulary
      lists = {"MOVEMENT_WORDS" => Catalogue::Vocabulary.to_h, "PROFILE_PATTERNS" => Capacity::Profile.of_level(Level::ALL.first).holds.keys,
               "PAIN_WHERE" => Logging::Form::PAIN_WHERE, "PAIN_ACTIONS" => Logging::Form::PAIN_ACTIONS, "FIGURE_POINTS" => Figure::Body::POINTS, "FIGURE_LIMBS" => Figure::Body::LIMBS, "FIGURE_HEAD" => Figure::Body::HEAD}
      written = lists.map { |name, list| "export const #{name} = #{JSON.pretty_generate(list)} as const" }
      "// Written by bin/describe: what the core declares, for the lists that forms offer.\n#{written.join("\n")}\n"
    end

    # @param page [String] docs/formats/changing-formats.md
    # @return [String] the same, with its table as it is now
    def self.changing_formats(page)
      page.sub(TABLE) { "#{Plan::Reformat.table}\n" }
    end
  end
end
