# frozen_string_literal: true

module Sparrow
  module Running
    module Changes
      # Work or rest is shorter from here on, in one block or in all that are left: what is typed of it on block, station and level.
      module Shorter
        KIND = "shorter"
        NEEDS = %w[what by_s].freeze
        # No shorter than this by a change; what is shorter already stays.
        LEAST_S = {"work_s" => 15, "rest_s" => 5, "round_rest_s" => 10, "set_rest_s" => 5}.freeze
        KEYS_OF = {"work" => %w[work_s], "rest" => %w[rest_s round_rest_s set_rest_s]}.freeze

        # @return [Hash] the block
        def self.call(block, change, _standing)
          return block unless block["stations"]
          keys = KEYS_OF.fetch(change["what"])
          shorter = cut(block, keys, change["by_s"])
          shorter.merge("stations" => block["stations"].map { |station| of_station(station, keys, change["by_s"], shorter) })
        end

        def self.of_station(station, keys, by_s, block)
          levels = station.fetch("levels", {}).transform_values { |level| held(cut(level, keys, by_s), station, block) }
          cut(station, keys, by_s).merge("levels" => levels)
        end

        def self.cut(held, keys, by_s)
          keys.select { |key| held[key] }.reduce(held) { |known, key| known.merge(key => less(held[key], by_s, LEAST_S.fetch(key))) }
        end

        # Of a time for each round, or of a range, every number.
        def self.less(held, by_s, least_s)
          case held
          when Array then held.map { |seconds| less(seconds, by_s, least_s) }
          when Hash then held.transform_values { |seconds| less(seconds, by_s, least_s) }
          else (held - by_s).clamp([least_s, held].min, held)
          end
        end

        # A hold stays inside its window.
        def self.held(level, station, block)
          window = [*(level["work_s"] || station["work_s"] || block["work_s"])].max
          return level unless window && level["hold_s"].is_a?(Integer) && level["hold_s"] > window
          level.merge("hold_s" => window)
        end
        private_class_method :of_station, :cut, :less, :held

        # @return [Sentence]
        def self.words(change, names)
          by_s = change["by_s"]
          name = change["block"] && names.block(change["block"])
          if change["what"] == "work"
            name ? Sparrow.say("running.work_shorter_by_in", by_s: by_s, name: name) : Sparrow.say("running.all_work_shorter_by", by_s: by_s)
          else
            name ? Sparrow.say("running.rest_shorter_by_in", by_s: by_s, name: name) : Sparrow.say("running.all_rest_shorter_by", by_s: by_s)
          end
        end
      end
    end
  end
end
