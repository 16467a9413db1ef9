# frozen_string_literal: true

module Sparrow
  module Running
    module Changes
      # A block that has not begun is left out.
      module LeaveOutBlock
        KIND = "leave_out_block"
        NEEDS = %w[block].freeze

        # @return [nil] no block
        # @raise [Refused]
        def self.call(block, _change, standing)
          raise Refused.at("/changes/block", Sparrow.say("running.has_begun")) unless standing.of(block["id"]) == :ahead
        end

        # @return [Sentence]
        def self.words(change, names)
          Sparrow.say("running.leave_out_name", name: names.block(change["block"]))
        end
      end
    end
  end
end
