# frozen_string_literal: true

module Sparrow
  # Every movement the house knows, with its ladder. Read once from YAML and
  # kept; nothing in it changes.
  class Catalogue
    include Enumerable

    # @return [Catalogue] the house catalogue, read from core/data/movements
    def self.house
      @house ||= Catalogue::Files.read(File.join(DATA, "movements"))
    end

    # @param movements [Array<Movement>]
    def initialize(movements)
      @movements = movements.to_h { |movement| [movement.id, movement] }.freeze
      @variations = movements.flat_map(&:ladder).to_h { |variation| [variation.id, variation] }.freeze
      @alternatives = {}
      freeze
    end

    def each(&block)
      @movements.each_value(&block)
    end

    # @return [Movement, nil]
    def movement(id)
      @movements[id]
    end

    # @param id [String] such as "push_up.knees"
    # @return [Variation, nil]
    def variation(id)
      @variations[id]
    end

    # @param movement [Movement]
    # @return [Array<Alternatives::Alternative>] of other ladders, looked for once
    def alternatives(movement)
      @alternatives[movement.id] ||= Alternatives.of(movement, self)
    end

    # @param movements [Array<Movement>] a studio's own
    # @return [Catalogue] these beside the house's
    def with(movements)
      movements.empty? ? self : Catalogue.new([*@movements.values, *movements])
    end

    # @return [Integer] number of movements
    def size
      @movements.size
    end
  end
end
