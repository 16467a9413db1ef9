# frozen_string_literal: true

module Sparrow
  module Plan
    # Blocks and stations as they were read, laid out and shown, kept for when they come
    # again: who types changes one number, and all else is the same at every keystroke.
    # A block is known by all that it is read from: what was typed, its place, the
    # standards, the catalogue, the language; a station by that of its block besides.
    # What is made of them later says what else it is made from, and is made anew when
    # that has changed. All that is kept is immutable, so it may be kept between requests
    # and threads.
    class KeptBlocks
      # Of some sixty circuits that are worked on at once: about 40 MB.
      MOST = 1500
      # Of how many it is remembered that they came once.
      MOST_ONCE = 5000
      # Blocks that are being typed in, each as it was last laid out.
      MOST_TYPED = 100
      # What hangs on the clock of a block, or says itself on what it hangs: it goes from one to the next of its shape.
      CARRIED = [:segments, :segments_tag, *%i[left balances].product(Level::ALL)].freeze
      # What besides hangs on who does what in which order.
      IN_ORDER = [*CARRIED, :order, :found].freeze

      # A block or station in its normal form and as a value, and the latest of what was made of it; of a block
      # that is being typed in, what was made of the one before it, and the levels that do the same in both.
      Kept = Struct.new(:normal, :value, :made, :before, :same)

      # Keeps nothing: each thing is made whenever it is asked for.
      class Nothing
        def keys(_document, _catalogue)
        end

        def in_place(document, _keys)
          document
        end

        def keep(_keys, _workout)
        end

        def made(_value, _name, *_from)
          yield
        end

        def alike(_block, _start_s)
          yield
        end

        def before(_block, _name, level:)
        end

        def typed?(_block)
          false
        end
      end
      NONE = Nothing.new.freeze

      # @param most [Integer] blocks and stations; beyond it, those that were not asked for the longest go
      def initialize(most: MOST)
        @most = most
        @kept = {}
        @of_value = {}.compare_by_identity
        @once = {}
        @typed = {}
        @lock = Mutex.new
      end

      # @return [Integer] blocks and stations that are kept
      def size
        @kept.size
      end

      # @return [Integer] blocks that are being typed in, of which the last state is remembered
      def typed
        @typed.size
      end

      # @param document [Object] as it came
      # @return [Keys, nil] nil where it has no blocks to be known
      def keys(document, catalogue)
        Keys.new(document, catalogue) if document.is_a?(Hash) && document["blocks"].is_a?(Array)
      end

      # @param document [Object] as it came
      # @param keys [Keys, nil] its own
      # @return [Object] the same with a Kept in the place of each block and station that is known
      def in_place(document, keys)
        return document unless keys
        blocks = document["blocks"].each_with_index.map do |block, position|
          known(keys.block(position)) || with_stations(block) { |index| known(keys.station(position, index)) }
        end
        document.merge("blocks" => blocks)
      end

      # Keeps what came for the second time: of what is being typed each state comes once.
      # @param keys [Keys] of the document as it came
      # @param workout [Workout] as it was read from it
      def keep(keys, workout)
        workout.blocks.zip(workout.document.fetch("blocks")).each_with_index do |(block, normal), position|
          next if @of_value.key?(block)
          add(keys.block(position), block, normal)
          block.stations.each_with_index do |station, index|
            add(keys.station(position, index), station, normal["stations"][index]) unless @of_value.key?(station)
          end
        end
      end

      # @param value [Block, Station]
      # @param name [Object] what is made; the latest of each name is kept
      # @param from [Array] what it is made from besides
      # @yieldreturn [Object] an immutable value
      def made(value, name, *from)
        held = @of_value[value]
        return yield unless held
        from_before, before = held.made[name]
        return before if from_before == from
        yield.freeze.tap { |fresh| held.made[name] = [from, fresh].freeze }
      end

      # The line of a block that is not known, from the last one of the same shape: nothing but its numbers
      # and words have changed, as while somebody types.
      # @param block [Block]
      # @param start_s [Integer]
      # @yieldreturn [BlockLine] laid out, where none of that shape came lately
      # @return [BlockLine]
      def alike(block, start_s)
        return yield if @of_value.key?(block)
        shape = (block.format.layout.shape(block) if block.format.layout.respond_to?(:shape)) or return yield
        key = Keys::Key.new(start_s, shape)
        before = @lock.synchronize { @typed[key] }
        relaid = before && Relaid.new(before.made[:line].last, block)
        line = relaid ? relaid.call : yield
        made = {**(before ? before.made.slice(*carried(relaid)) : {}), line: [[start_s].freeze, line].freeze}
        remember(key, Kept.new(nil, block, made, before&.made, relaid&.same_levels))
        line
      end

      # @param name [Object] of what hangs on what one level does in the block, and on nothing else that may differ
      # @param level [String]
      # @return [Object, nil] what was made under that name of the block before it, where the level does the same here
      def before(block, name, level:)
        held = @of_value[block]
        held.before[name]&.last if held&.before && held.same.include?(level)
      end

      # @return [Boolean] whether the block is being typed in: one of its shape came before it, and the next will be another
      def typed?(block)
        !@of_value[block]&.before.nil?
      end

      private

      def carried(relaid)
        relaid.same_order? ? IN_ORDER : CARRIED
      end

      def remember(key, typed)
        @lock.synchronize do
          forgotten = [@typed.delete(key), (@typed.shift.last if @typed.size >= MOST_TYPED)].compact
          forgotten.each { |held| @of_value.delete(held.value) if @of_value[held.value].equal?(held) }
          @typed[key] = @of_value[typed.value] = typed
        end
      end

      def with_stations(block)
        return block unless block.is_a?(Hash) && block["stations"].is_a?(Array)
        block.merge("stations" => block["stations"].each_with_index.map { |station, index| yield(index) || station })
      end

      def known(key)
        @lock.synchronize do
          held = @kept.delete(key)
          @kept[key] = held if held
        end
      end

      # The key is what came itself: frozen to its leaves, so that nobody changes it later.
      def add(key, value, normal)
        @lock.synchronize do
          next if first_time?(key.hash) || @kept.key?(key)
          Ractor.make_shareable(key.last)
          @kept[key] = @of_value[value] = Kept.new(Ractor.make_shareable(normal), value, {})
          @of_value.delete(@kept.shift.last.value) if @kept.size > @most
        end
      end

      # @return [Boolean] whether it has not come lately
      def first_time?(hash)
        return false if @once.delete(hash)
        @once[hash] = true
        @once.shift if @once.size > MOST_ONCE
        true
      end
    end
  end
end
