# frozen_string_literal: true

module Sparrow
  module Plan
    # Ready-made circuits to begin from: one at least for each format and school.
    module Templates
      # The format of a block that names none.
      OPENING_FORMAT = "intervals"
      PATH = File.join(DATA, "templates.yml")

      # +document+ is a workout document; +about+ says in a sentence what it is good for.
      Template = Value.of(:id, :title, :about, :tags, :document)

      # @return [Array<Template>]
      def self.all
        @all ||= YAML.safe_load_file(PATH).map { |input| read(input) }.freeze
      end

      # @param given [Hash] the short form: a station is a movement, and what differs
      #   from the variations and numbers with which it opens
      # @return [Template]
      def self.read(input)
        blocks = input.fetch("blocks").each_with_index.map { |block, index| block(block, "b#{index + 1}") }
        document = {"format" => "willing-sparrow/workout", "version" => 1, "title" => input.fetch("title"),
                    **input.slice("slot_minutes", "head_count", "conditions"), "depth" => "parallel", "blocks" => blocks}
        Template.new(id: input.fetch("title").downcase.gsub(/[^a-z]+/, "-"), title: input.fetch("title"), about: input.fetch("about", ""),
          tags: input.fetch("tags", []), document: document)
      end

      def self.block(input, id)
        return {"id" => id, **input} unless Format.named(input.fetch("format", OPENING_FORMAT)).stations?
        stations = input.fetch("stations").each_with_index.map { |station, index| station(station, "s#{index + 1}", Format.named(input.fetch("format", OPENING_FORMAT))) }
        {"id" => id, "format" => OPENING_FORMAT, **input, "stations" => stations}
      end

      # +each+ names one version for all levels.
      def self.station(given, id, format)
        movement = Catalogue.house.movement(given.fetch("movement"))
        input = given.except("each")
        one = given["each"] && movement.variation(given["each"])
        opening = format.open_levels(one ? Level::ALL.to_h { |level| [level, movement.opening(level, one)] } : movement.opening_prescriptions)
        levels = opening.merge(input.fetch("levels", {})) { |_, opened, typed| opened.merge(typed).compact }
        {"id" => id, **input, "levels" => levels}
      end
      private_class_method :block, :station
    end
  end
end
