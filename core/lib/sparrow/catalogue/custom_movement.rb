# frozen_string_literal: true

require "json_schemer"

module Sparrow
  class Catalogue
    # A studio's own movement, held to what the house's are held to.
    module CustomMovement
      PREFIX = "own_"

      # @param document [Hash] as a file of core/data/movements
      # @param catalogue [Catalogue] the others, in which a spared joint's way round may be
      # @return [Movement]
      # @raise [Refused] with a pointer for each thing wrong
      def self.read(document, catalogue: Catalogue.house)
        problems = shape(document)
        problems = sense(document, catalogue) if problems.empty?
        Refused.where(problems)
        Files.movement(document)
      end

      # @return [Hash] a document like another, under a new id and name
      def self.copy(document, id:, name:)
        document = JSON.parse(JSON.generate(document))
        own = document.fetch("spares").transform_values { |variation| variation.sub(/\A#{document.fetch("id")}\./, "#{id}.") }
        document.merge("id" => id, "name" => name, "spares" => own)
      end

      def self.shape(document)
        Files.errors(document).map { |error| Problem.new(pointer: error.fetch("data_pointer"), message: error.fetch("error").sub(/\A.*? at `[^`]*`:? ?/, "")) }
      end

      # What a schema cannot say.
      def self.sense(document, catalogue)
        rungs = document.fetch("ladder")
        ids = rungs.map { |rung| rung["id"] }
        [
          !document["id"].start_with?(PREFIX) && ["/id", "must begin with #{PREFIX}"],
          (ids.uniq.size < ids.size) && ["/ladder", "has two versions of one id"],
          rungs.each_cons(2).any? { |lower, upper| lower["demand"]["value"] > upper["demand"]["value"] } && ["/ladder", "must climb: a later version has a lower demand"],
          rungs.none? { |rung| rung["impact"] == "none" } && ["/ladder", "needs at least one version without impact"],
          *opens(document, ids), *spares(document, ids, catalogue), *tempos(rungs)
        ].select { |problem| problem }.map { |pointer, message| Problem.new(pointer: pointer, message: message) }
      end

      def self.opens(document, ids)
        unknown = document.fetch("opens").filter_map { |level, rung| ["/opens/#{level}", "is not a version of this ladder"] unless ids.include?(rung) }
        return unknown if unknown.any?
        order = Level::ALL.map { |level| ids.index(document["opens"][level]) }
        (order == order.sort) ? [] : [["/opens", "must not fall from one level to the next"]]
      end

      def self.spares(document, ids, catalogue)
        document.fetch("spares").filter_map do |joint, variation|
          own = variation.start_with?("#{document["id"]}.") && ids.include?(variation.split(".").last)
          ["/spares/#{joint}", "is not a version of this ladder or of the catalogue"] unless own || catalogue.variation(variation)
        end
      end

      def self.tempos(rungs)
        rungs.each_with_index.filter_map { |rung, index| ["/ladder/#{index}/tempo", "must not be all 0"] if rung["tempo"] == "0-0-0-0" }
      end
      private_class_method :shape, :sense, :opens, :spares, :tempos
    end
  end
end
