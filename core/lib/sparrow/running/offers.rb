# frozen_string_literal: true

module Sparrow
  module Running
    # What may be changed of a class from a second of it on, each with the end that it brings; and, where the class must be
    # over by a time, which of these together keep it. Nothing is changed here.
    class Offers
      # How much shorter work or rest is offered to be.
      BY_S = {"rest" => [5, 10], "work" => [5, 10]}.freeze
      # A way to be out by a time asks for so many changes at most.
      TOGETHER = 3
      MOST_FOR_THREE = 12
      WAYS = 5
      # What a coach gives up first costs least, in seconds of class: a minute of rest before a round, a round before the finisher.
      COSTS_S = {"shorter" => 20, "fewer_rounds" => 60, "leave_out_station" => 90, "leave_out_block" => 120, "other_version" => 0}.freeze
      # A cool-down stays, and so does what warms people up.
      KEPT_ROLES = %w[warm_up cool_down].freeze

      Offer = Value.of(:changes, :label, :total_s, :group)

      # The names by which a change is told.
      class Names < Value.of(:document, :catalogue)
        def block(id)
          held = document["blocks"].find { |block| block["id"] == id }
          held["title"].to_s.empty? ? Sparrow.say("roles.#{held["role"]}") : held["title"]
        end

        def station(block_id, id)
          station = document["blocks"].find { |block| block["id"] == block_id }["stations"].find { |held| held["id"] == id }
          station["movement"] ? catalogue.movement(station["movement"]).name : station["parts"].map { |part| catalogue.movement(part["movement"]).name }.join(" + ")
        end

        def variation(id)
          catalogue.variation(id).name
        end
      end

      # @param altered [Altered]
      # @param second [Numeric] of the plan as it stands
      def initialize(altered, second, catalogue:)
        @altered = altered
        @second = second
        @catalogue = catalogue
        @standing = Standing.new(timeline: altered.timeline, second: second, catalogue: catalogue)
        @names = Names.new(document: altered.document, catalogue: catalogue)
      end

      # @return [Array<Offer>] each change by itself
      def singles
        @singles ||= [*rests, *rounds, *stations, *blocks, *versions].filter_map { |change, group| offer([change], group) }
      end

      # @param total_s [Numeric] by which it must be over
      # @return [Array<Offer>] the ways that keep it, what costs least first
      def ways(total_s)
        apart = singles.reject { |held| held.group == "version" || held.total_s >= @altered.timeline.total_s }.sort_by { |held| cost(held.changes) }
        found = (1..TOGETHER).reduce([]) { |known, size| known + of_size(apart, size, known, total_s: total_s) }
        found.sort_by { |way| [cost(way.changes) + (total_s - way.total_s) / 2, way.changes.size] }.first(WAYS)
      end

      private

      # Three at once where there are few to choose from; none that does more than another needs to.
      def of_size(apart, size, known, total_s:)
        return [] if size == TOGETHER && apart.size > MOST_FOR_THREE
        apart.combination(size).filter_map do |held|
          changes = held.flat_map(&:changes)
          next if clash?(changes) || known.any? { |way| (way.changes - changes).empty? }
          way = offer(changes, "way")
          way if way && way.total_s <= total_s
        end
      end

      # Two of one kind for one place say the same twice.
      def clash?(changes)
        changes.map { |change| change.values_at("kind", "block", "station", "what") }.uniq.size < changes.size ||
          changes.any? { |change| change["kind"] == "leave_out_block" && changes.any? { |other| !other.equal?(change) && other["block"] == change["block"] } }
      end

      def cost(changes)
        changes.sum { |change| COSTS_S.fetch(change["kind"]) + change.fetch("by_s", 0) * ((change["what"] == "work") ? 4 : 2) }
      end

      def offer(changes, group)
        after = @altered.and(changes, @second, catalogue: @catalogue)
        return if group != "version" && after.timeline.total_s == @altered.timeline.total_s
        label = changes.map { |change| Changes.kinds.fetch(change["kind"]).words(change, @names).to_s }.join(", ")
        Offer.new(changes: changes, label: label, total_s: after.timeline.total_s, group: group)
      rescue Refused
        nil
      end

      def left
        @left ||= @altered.document["blocks"].reject { |block| @standing.of(block["id"]) == :behind }
      end

      def rests
        %w[rest work].flat_map { |what| BY_S.fetch(what).map { |by_s| [{"kind" => "shorter", "what" => what, "by_s" => by_s}, "time"] } }
      end

      def rounds
        left.select { |block| block["rounds"] }.flat_map do |block|
          last = [block["rounds"], *block.fetch("rounds_by_level", {}).values].max
          [last - 1, last - 2].select(&:positive?).map { |count| [{"kind" => "fewer_rounds", "block" => block["id"], "rounds" => count}, "rounds"] }
        end
      end

      def stations
        left.reject { |block| KEPT_ROLES.include?(block["role"]) && @standing.of(block["id"]) == :ahead }.flat_map do |block|
          block.fetch("stations", []).map { |station| [{"kind" => "leave_out_station", "block" => block["id"], "station" => station["id"]}, "station"] }
        end
      end

      def blocks
        mains = @altered.document["blocks"].count { |block| block["role"] == "main" }
        left.reject { |block| KEPT_ROLES.include?(block["role"]) || (block["role"] == "main" && mains == 1) }.map { |block| [{"kind" => "leave_out_block", "block" => block["id"]}, "block"] }
      end

      # Of the block that is on, or comes next: for each level one version easier and one harder, and each for everybody.
      def versions
        block = left.find { |held| held["stations"]&.any? } or return []
        block["stations"].flat_map { |station| [*of_levels(block, station), *for_all(block, station)] }
      end

      def of_levels(block, station)
        going(station).flat_map do |level|
          id = station.dig("levels", level, "variation") or next []
          ladder = @catalogue.movement(@catalogue.variation(id).movement_id).ladder
          own = ladder.index { |held| held.id == id }
          [own - 1, own + 1].select { |index| index.between?(0, ladder.size - 1) }.map { |index| version(block, station, ladder[index], levels: [level]) }
        end
      end

      def for_all(block, station)
        return [] unless station["movement"] && going(station).any?
        @catalogue.movement(station["movement"]).ladder.map { |held| version(block, station, held, levels: going(station)) }
      end

      # @return [Array<String>] levels that do not sit it out
      def going(station)
        Level::ALL.reject { |level| station.dig("levels", level, "sits_out") }
      end

      def version(block, station, to, levels:)
        [{"kind" => "other_version", "block" => block["id"], "station" => station["id"], "variation" => to.id, "levels" => levels}, "version"]
      end
    end
  end
end
