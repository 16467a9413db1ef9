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

      # @param id [String]
      # @return [Hash, nil] as written
      def written(id)
        movement, version = id.split(".", 2)
        @written.dig(movement, version)
      end

      private

      def read(id)
        written = written(id)
        return unless written
        return Motion.new(written(written["as"]) || raise(ArgumentError, "#{id}: #{written["as"]} has no figure"), @poses, @catalogue.variation(id)) if written["as"]
        Motion.new(written, @poses, @catalogue.variation(id))
      end
    end
  end
end
