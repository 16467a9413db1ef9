# frozen_string_literal: true

module Sparrow
  module Figure
    # The figures of core/data/figures: base poses, and a file for each movement.
    class Library
      FOLDER = File.join(DATA, "figures")

      # @return [Library] the house's, read once
      def self.house
        @house ||= new(FOLDER, Catalogue.house)
      end

      # @param catalogue [Catalogue]
      def initialize(folder, catalogue)
        @catalogue = catalogue
        @poses = YAML.safe_load_file(File.join(folder, "poses.yml")).freeze
        @written = (Dir.glob(File.join(folder, "*.yml")).sort - [File.join(folder, "poses.yml"), File.join(folder, "digests.yml")])
          .to_h { |path| [File.basename(path, ".yml"), YAML.safe_load_file(path)] }.freeze
        @motions = {}
      end

      # @return [Array<String>] every version that has a figure of its own or another's
      def ids
        @written.flat_map { |movement, versions| versions.keys.map { |version| "#{movement}.#{version}" } }
      end

      # @return [Array<String>] the names of the base poses
      def pose_names
        @poses.keys
      end

      # @param id [String] of a version
      # @return [Motion, nil]
      # @raise [ArgumentError] where what is written cannot be solved
      def motion(id)
        @motions[id] ||= read(id)
      end

      # @param variation [Catalogue::Variation] the house's, or a studio's own with what was chosen for it
      # @return [Motion, nil] nil where there is none
      # @raise [ArgumentError] where chosen poses do not go together
      def for(variation)
        return motion(variation.id) if written(variation.id)
        figure = variation.figure
        return unless figure
        return written(figure["like"]) && Motion.new(resolved(figure["like"]), @poses, variation) if figure["like"]
        figure["poses"] && composed(figure["poses"], figure["view"], variation)
      end

      # @param names [Array<String>] of base poses, in the order in which they are passed
      # @param view [String, nil]
      # @return [Motion] which comes back to the first
      # @raise [ArgumentError]
      def composed(names, view = nil, variation = nil)
        phases = {"start" => names.first}
        phases["step"] = names.drop(1) if names.size > 1
        Motion.new({"view" => view || "side", "props" => furniture(names), **phases}, @poses, variation)
      end

      # @param id [String]
      # @return [Hash, nil] as written
      def written(id)
        movement, version = id.split(".", 2)
        @written.dig(movement, version)
      end

      private

      def read(id)
        written(id) && Motion.new(resolved(id), @poses, @catalogue.variation(id))
      end

      # @return [Hash] as written, or as another's that it is drawn as
      def resolved(id)
        written = written(id)
        return written unless written["as"]
        written(written["as"]) || raise(ArgumentError, "#{id}: #{written["as"]} has no figure")
      end

      # What base poses sit on, hold or lean on, where they look for it.
      PLACES = {"chair" => "chair @0", "bench" => "bench 45 @0", "bar" => "bar @0", "wall" => "wall @54"}.freeze

      def furniture(names)
        said = names.map { |name| lineage(name).to_s }.join
        behind = names.any? { |name| @poses.dig(name, "feet") == "flat" && @poses.dig(name, "rest") } || names.include?("chair_sit_down")
        PLACES.select { |kind, _| said.match?(/ #{kind}\b/) }.map { |kind, place| (kind == "chair" && behind) ? "chair @-34" : place }
      end

      def lineage(name)
        written = @poses[name] or raise ArgumentError, "there is no pose #{name}"
        [written, *(lineage(written["from"]) if written["from"])]
      end
    end
  end
end
