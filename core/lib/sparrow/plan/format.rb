# frozen_string_literal: true

module Sparrow
  module Plan
    # What a format says of itself: its keys with their fields, how it is laid on the
    # clock, what it checks, and what it keeps when a block changes to it or from it.
    # Every other part asks a block's format and knows none by name. A format is a
    # folder of formats/ whose Declaration is one of these.
    class Format
      include Adopting
      include Opening

      # Who leads: one clock for all, each person's own pace, or nobody (a day's total, a pause).
      CLOCKS = %w[called own_pace none].freeze
      # What is tapped while it runs: a round at a time, a set of a total, or a set of a day's total.
      TALLIES = %w[rounds total day].freeze

      @known = {}

      class << self
        # @param format [Format]
        def register(format)
          @known[format.id] = format
        end

        # @param id [String]
        # @return [Format]
        # @raise [KeyError] where no format is called so
        def named(id)
          @known.fetch(id)
        end

        # @return [Format, nil]
        def find(id)
          @known[id]
        end

        # @return [Array<Format>] in the order in which they are offered
        def all
          @known.values
        end

        # @return [Array<Format>] those whose blocks hold stations
        def with_stations
          all.select(&:stations?)
        end
      end

      attr_reader :id, :label, :says, :clock, :fields, :station_fields, :level_fields, :layout, :calls, :tally

      # @param says [String] one sentence: what happens in it
      # @param clock [String] one of CLOCKS
      # @param layout [Class] made with a block and its start, it answers +call+ with a BlockLine
      # @param calls [Array<Class>] each made with a BlockLine, and answers +wishes+
      # @param tally [String, nil] one of TALLIES, nil where nothing is tapped
      # @param fields [Array<Field>] of a block, in the order of the board
      # @param station_fields [Hash{String => #read}] shapes of the keys that its stations hold beyond those of all
      # @param level_fields [Hash{String => #read}] the same for a level at a station
      def initialize(id:, label:, says:, clock:, layout:, calls: [], tally: nil, fields: [], station_fields: {}, level_fields: {})
        @id = id
        @label = label
        @says = says
        @clock = clock
        @layout = layout
        @calls = calls.freeze
        @tally = tally
        @fields = fields.freeze
        @station_fields = station_fields.freeze
        @level_fields = level_fields.freeze
        @by_key = fields.to_h { |field| [field.key, field] }.freeze
        freeze
      end

      # @param held [Hash] the keys of a block of it
      # @return [String] who leads there: one of CLOCKS
      def clock_of(_held)
        clock
      end

      # @param block [Hash] of the document
      # @return [Hash] the keys that no other format knows, with what counts where they are left out
      def own(block)
        own_keys.to_h { |key| [key, block.fetch(key) { default(key) }] }.freeze
      end

      # @return [Array<String>] keys of its blocks that the layout looks up by name
      def own_keys
        []
      end

      # @return [Boolean] whether its blocks hold stations; a pause does not
      def stations?
        true
      end

      # @param block [Hash] of the document
      # @return [Boolean] whether somebody's turn says when they work: where groups go from station to station
      def by_turns?(block)
        block["flow"] == "rotate"
      end

      # @return [Boolean] whether a level is asked for a number of reps in each round
      def reps?
        true
      end

      # @return [Boolean] whether another number of rounds leaves the numbers of each round as they are
      def rounds_free?
        true
      end

      # @return [Boolean] whether each station has a work time of its own, with sides
      def work_windows?
        false
      end

      # @return [Boolean] whether a set begins at fixed times, and what is left until the next is rest
      def fixed_starts?
        false
      end

      # @return [Boolean] whether rounds are what is counted, and none is set
      def counts_rounds?
        tally == "rounds"
      end

      # @return [Boolean] whether a station's number is a total over its rounds
      def totals?
        false
      end

      # @return [Boolean] whether a level's number is a day's total
      def counts_day?
        tally == "day"
      end

      # @return [String, nil] why no numbers are chosen in it, so that the levels finish together
      def why_no_targets
        nil
      end

      # @return [String, nil] why no work times are
      def why_no_work_time
        (clock == "own_pace") ? Sparrow.say("plan.here_the_people_set_the_pace") : why_no_targets
      end

      # @return [Hash{String => #read}] the shape of each key that a block of it holds beyond those of all
      def block_shapes
        @by_key.except(*Fields::OF_ALL).transform_values(&:shape)
      end

      # @return [Array<String>] keys without which it cannot be laid out
      def needed
        fields.select(&:needed).map(&:key)
      end

      # @return [Object, nil] what counts where a block leaves the key out
      def default(key)
        @by_key[key]&.default
      end

      # The work time of a station whose block sets it in another way than by work_s.
      # @param block [Hash] of the document
      # @return [Integer, nil] seconds
      def window_s(_block)
        nil
      end

      # The unbroken stretches of work in a window, into which a level's moves must fit.
      # @return [Array<Integer>, nil] seconds; nil where no clock ends a set
      def stretches(_block, _station, _level)
        nil
      end

      # What the document's shape cannot say of a block in this format.
      # @param block [Hash] of the document
      # @yieldparam pointer [String] into the block
      # @yieldparam message [String]
      def check_block(_block)
      end

      # What the document's shape cannot say of a station in this format.
      # @param station [Hash] of the document
      # @param block [Hash] of the document
      # @yieldparam pointer [String] into the station, such as "/ladder/total"
      # @yieldparam message [String]
      def check_station(_station, _block)
      end

      # The same for one level there.
      # @param given [Hash] the level's prescription in the document
      def check_level(_given, _station, _block)
      end

      # The reps of each round, where they are not the same in every one.
      # @return [Hash{String => Hash{Integer => Integer}}, nil] level to round to reps
      def counts(_station, _block, _house, levels:) # rubocop:disable Lint/UnusedMethodArgument
        nil
      end

      # @param station [Hash] of the document
      # @return [Boolean] whether a level's reps belong there
      def reps_at?(_station)
        true
      end

      # @return [Hash] as GET /api/formats answers
      def to_h
        {
          "id" => id, "label" => label, "says" => says, "clock" => clock, "tally" => tally, "stations" => stations?, "work_windows" => work_windows?,
          "targets" => stations? && (totals? || why_no_targets.nil?), "fields" => fields.map(&:to_h), "opening" => opening, "openings" => openings,
          "station_keys" => station_fields.keys, "level_keys" => level_fields.keys, "day_sets" => day_sets
        }
      end

      # @param level [Hash] of the document
      # @return [Object, nil] the reps of one round, as they were typed
      def number_of(level, _station, _block)
        reps = level["reps"]
        reps.is_a?(Hash) ? reps["max"] : reps
      end
    end
  end
end
