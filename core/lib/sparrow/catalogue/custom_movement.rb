# frozen_string_literal: true

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
        problems = Form.validation_errors(document)
        problems = sense(document, catalogue) if problems.empty?
        Refused.where(problems)
        movement(document)
      end

      # @param document [Hash] as it is kept
      # @return [Movement] its versions flagged with all that follows from how the body is placed
      def self.movement(document)
        movement = Files.movement(document)
        movement.with(ladder: movement.ladder.map { |variation| Derivation.guarded(variation) }.freeze)
      end

      # @return [Hash{String => Array<Derivation::Flag>}] what is flagged besides what was written, by the version's id
      def self.derived(document)
        Files.movement(document).ladder.to_h { |variation| [variation.id.split(".").last, Derivation.missing(variation)] }.reject { |_, flags| flags.empty? }
      end

      # @return [Hash] a document like another, under a new id and name
      def self.copy(document, id:, name:)
        document = JSON.parse(JSON.generate(document))
        own = document.fetch("spares").transform_values { |variation| variation.sub(/\A#{document.fetch("id")}\./, "#{id}.") }
        {"role" => "main"}.merge(document, "id" => id, "name" => name, "spares" => own, "ladder" => drawn(document))
      end

      # A movement to begin with: a name, and all else from the version that is most like it, to be looked through.
      # @param original [Hash] the document that has that version
      # @param like [String] its id
      # @return [Hash] a document with one version
      def self.begin(original, like, id:, name:)
        held = JSON.parse(JSON.generate(original))
        variation = held.fetch("ladder").find { |input| like == "#{held["id"]}.#{input["id"]}" }
        {"role" => "main", **held, "id" => id, "name" => name, "also" => [], "opens" => Level::ALL.to_h { |level| [level, "first"] },
         "ladder" => [variation.merge("id" => "first", "name" => name, "also" => [], "guessed_from" => like, "figure" => variation["figure"] || {"like" => like})]}
      end

      # A copy moves as what it was copied from, until another figure is chosen.
      def self.drawn(document)
        document.fetch("ladder").map { |variation| {"figure" => {"like" => "#{document.fetch("id")}.#{variation.fetch("id")}"}}.merge(variation) }
      end

      ON = {"kneeling" => %w[knees], "all_fours" => %w[hands knees], "prone" => %w[front], "supine" => %w[back], "side" => %w[side], "seated" => %w[seat], "hanging" => %w[grip]}.freeze
      private_constant :ON

      # A document that was kept before versions said how the body is placed, with what can be told from
      # it; where it cannot, what protects: no hold, and down to the floor wherever there is a mat.
      # @return [Hash] in today's form, to be looked through when it is changed next
      def self.current(document)
        return document if document.fetch("ladder").all? { |variation| variation.key?("kit") }
        document.merge("ladder" => document.fetch("ladder").map { |variation| variation.key?("kit") ? variation : placed(variation) })
      end

      def self.placed(variation)
        equipment = variation.fetch("equipment")
        {"strains" => [], "faults" => [], "moves" => [], "weight_on" => ON.fetch(variation["position"], %w[feet]), "hold" => false,
         "gets_down" => Derivation::ON_THE_FLOOR.include?(variation["position"]) || equipment.include?("mat"),
         "kit" => equipment.map { |item| {"item" => item, "count" => 1} }, **variation.except("equipment")}
      end

      # What a schema cannot say.
      def self.sense(document, catalogue)
        variations = document.fetch("ladder")
        ids = variations.map { |variation| variation["id"] }
        [
          !document["id"].start_with?(PREFIX) && ["/id", Sparrow.say("catalogue.must_begin_with_prefix", prefix: PREFIX)],
          (ids.uniq.size < ids.size) && ["/ladder", Sparrow.say("catalogue.has_two_versions_of_one_id")],
          variations.each_cons(2).any? { |lower, upper| lower["demand"]["value"] > upper["demand"]["value"] } && ["/ladder", Sparrow.say("catalogue.must_climb_a_later_version_has")],
          variations.size > 1 && variations.none? { |variation| variation["impact"] == "none" } && ["/ladder", Sparrow.say("catalogue.needs_at_least_one_version_without")],
          *opens(document, ids), *spares(document, ids, catalogue)
        ].select { |problem| problem }.map { |pointer, message| Problem.new(pointer: pointer, message: message) }
      end

      def self.opens(document, ids)
        unknown = document.fetch("opens").filter_map { |level, variation| ["/opens/#{level}", Sparrow.say("catalogue.is_not_a_version_of_this")] unless ids.include?(variation) }
        return unknown if unknown.any?
        order = Level::ALL.map { |level| ids.index(document["opens"][level]) }
        (order == order.sort) ? [] : [["/opens", Sparrow.say("common.must_not_fall_from_one_level")]]
      end

      def self.spares(document, ids, catalogue)
        document.fetch("spares").filter_map do |joint, variation|
          own = variation.start_with?("#{document["id"]}.") && ids.include?(variation.split(".").last)
          ["/spares/#{joint}", Sparrow.say("catalogue.is_not_a_version_of_this_2")] unless own || catalogue.variation(variation)
        end
      end

      private_class_method :drawn, :placed, :sense, :opens, :spares
    end
  end
end
