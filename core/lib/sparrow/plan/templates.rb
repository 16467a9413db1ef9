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
        @all ||= YAML.safe_load_file(PATH).map { |given| read(given) }.freeze
      end

      # @param given [Hash] the short form: a station is a movement, and what differs
      #   from the variations and numbers with which it opens
      # @return [Template]
      def self.read(given)
        blocks = given.fetch("blocks").each_with_index.map { |block, index| block(block, "b#{index + 1}") }
        document = {"format" => "willing-sparrow/workout", "version" => 1, "title" => given.fetch("title"),
                    **given.slice("slot_minutes", "head_count"), "depth" => "parallel", "blocks" => blocks}
        Template.new(id: given.fetch("title").downcase.gsub(/[^a-z]+/, "-"), title: given.fetch("title"), about: given.fetch("about", ""),
          tags: given.fetch("tags", []), document: document)
      end

      def self.block(given, id)
        return {"id" => id, **given} unless Format.named(given.fetch("format", OPENING_FORMAT)).stations?
        stations = given.fetch("stations").each_with_index.map { |station, index| station(station, "s#{index + 1}", Format.named(given.fetch("format", OPENING_FORMAT))) }
        {"id" => id, "format" => OPENING_FORMAT, **given, "stations" => stations}
      end

      def self.station(given, id, format)
        opening = format.open_levels(Catalogue.house.movement(given.fetch("movement")).opening_prescriptions)
        levels = opening.merge(given.fetch("levels", {})) { |_, opened, typed| opened.merge(typed).compact }
        {"id" => id, **given, "levels" => levels}
      end
      private_class_method :block, :station
    end
  end
end
