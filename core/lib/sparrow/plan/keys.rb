# frozen_string_literal: true

module Sparrow
  module Plan
    # What the blocks and stations of a document are known by: all that each is read from.
    class Keys
      # Compares by what it holds, all the way down; its hash is worked out once.
      class Key
        attr_reader :hash

        def initialize(*parts)
          @parts = parts.freeze
          @hash = parts.hash
          freeze
        end

        def eql?(other)
          hash == other.hash && parts.eql?(other.parts)
        end

        # @return [Object] what it was made of last: the block or station as it came
        def last
          parts.last
        end

        protected

        attr_reader :parts
      end

      # @param document [Hash] as it came
      def initialize(document, catalogue)
        @blocks = document["blocks"]
        @around = Key.new(catalogue, I18n.locale, document["house"], document["conditions"])
        @beside = {}
        @keys = {}
      end

      # @param position [Integer]
      # @return [Key]
      def block(position)
        @keys[position] ||= Key.new(@around, position, @blocks[position])
      end

      # @param position [Integer] of its block
      # @param index [Integer]
      # @return [Key]
      def station(position, index)
        beside = @beside[position] ||= Key.new(@around, position, @blocks[position].except("stations"))
        @keys[[position, index]] ||= Key.new(beside, index, @blocks[position]["stations"][index])
      end
    end
  end
end
