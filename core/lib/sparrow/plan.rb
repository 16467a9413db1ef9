# frozen_string_literal: true

module Sparrow
  # A workout as immutable values, read from the workout document.
  module Plan
    # @param document [Hash] a workout document, parsed JSON
    # @param catalogue [Catalogue]
    # @param kept [KeptBlocks] where blocks that were read before are found
    # @return [Workout]
    # @raise [Refused] with a JSON Pointer and a message for each thing wrong
    def self.read(document, catalogue: Catalogue.house, kept: KeptBlocks::NONE)
      over = Budget.new(document).problem
      Refused.where([over].compact)
      stored(document, catalogue: catalogue, kept: kept)
    end

    # A document that was taken once: what has been run can always be logged, whatever
    # is allowed by now.
    # @see read
    def self.stored(document, catalogue: Catalogue.house, kept: KeptBlocks::NONE)
      keys = kept.keys(document, catalogue)
      normal, known = unwrapped(Schema.read(Form::WORKOUT, kept.in_place(document, keys)))
      problems = References.new(normal, catalogue, known).problems
      Refused.where(problems)
      Build.new(normal, catalogue, known).workout.tap { |workout| kept.keep(keys, workout) }
    end

    # @param read [Hash] a document in its normal form, with a Kept in the place of what was read before
    # @return [Array(Hash, Hash)] the document without them, and what stood in their place by the
    #   part of the document that it was read from (compared by identity)
    def self.unwrapped(read)
      known = {}.compare_by_identity
      plain = lambda do |held|
        next held unless held.is_a?(KeptBlocks::Kept)
        held.normal.tap { |normal| known[normal] = held.value }
      end
      blocks = read.fetch("blocks").map do |block|
        next plain.call(block) unless block.is_a?(Hash) && block["stations"]
        block.merge("stations" => block["stations"].map(&plain))
      end
      [read.merge("blocks" => blocks), known]
    end
    private_class_method :unwrapped
  end
end
