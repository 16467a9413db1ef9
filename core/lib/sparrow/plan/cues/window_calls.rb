# frozen_string_literal: true

module Sparrow
  module Plan
    module Cues
      # The calls of a block on the clock: what comes next before each window, and within it halfway, switch sides, ten
      # seconds, and 3-2-1 to each level's own stop; for every group where they rotate.
      class WindowCalls
        HALFWAY_FROM_S = 40
        TEN_SECONDS_FROM_S = 20

        def initialize(line)
          @line = line
          @block = line.block
        end

        # @param before [Window, nil] the last of the block before
        # @return [Array<Wish>]
        def wishes(before:)
          @before = before
          @line.windows.each_with_index.flat_map { |window, index| [*approach(window, index), *within(window)] }.compact
        end

        private

        def within(window)
          [halfway(window), switch(window), ten_seconds(window), *stops(window)]
        end

        def approach(window, index)
          return [] if window.part == "second"
          before = index.zero? ? @before : @line.windows[index - 1]
          from_s = index.zero? ? @line.start_s : before.end_s
          working = before && before.end_s == from_s
          Approach.wishes(Approach::Place.new(window.start_s, from_s, working ? before.start_s : from_s, working ? says_s(before) : 0, @block, window.station, window.round,
            (@block.name if index.zero?), (@block.round_count if first_of_round?(window) && @block.round_count > 1), last_station?(window), named(window), go(window, before)))
        end

        # How long it takes to say that a window is over.
        def says_s(before)
          who = (before.is_a?(Window) && before.block.equal?(@block)) ? instants(before)[before.end_s] : []
          (who.empty? || whole?(before, who)) ? 1 : Speech.seconds(stop_text(who, before))
        end

        def first_of_round?(window)
          (@firsts ||= @line.windows.group_by(&:round).transform_values(&:first)).fetch(window.round).equal?(window)
        end

        def last_station?(window)
          @line.windows.size > 1 && (@last ||= @line.windows.reverse_each.find { |held| held.part != "second" }).equal?(window)
        end

        # Where the work before ends in the same second there is one call for both.
        def go(window, before)
          return changed(window) if before && before.end_s == window.start_s
          (@block.rotates? || window.station.mixed?) ? ["go", Sparrow.say("plan.go")] : ["go", Sparrow.say("plan.go_name", name: window.station.name), Sparrow.say("plan.go")]
        end

        def changed(window)
          return ["change", Sparrow.say("plan.change_move_on"), Sparrow.say("plan.change")] if @block.rotates?
          window.station.mixed? ? ["change", Sparrow.say("plan.change")] : ["change", Sparrow.say("plan.change_name", name: window.station.name), Sparrow.say("plan.change")]
        end

        # With its versions, and without.
        def named(window)
          return [Sparrow.say("plan.next_everybody_moves_on_to_the")] if @block.rotates?
          name = called(window.station)
          return [by_level(window), Sparrow.say("plan.next_name", name: name)] if window.station.mixed?
          names = window.prescriptions.each_value.map(&:name).uniq
          [Sparrow.say("plan.next_name_names", name: name, names: names.join(" / ")), Sparrow.say("plan.next_name", name: name)]
        end

        # Who does not like need not.
        def called(station)
          station.optional ? Sparrow.say("plan.bonus_name", name: station.name) : station.name
        end

        # Where the levels do different movements each hears its own.
        def by_level(window)
          list = window.prescriptions.map { |lane, prescription| Sparrow.say("plan.level_does", level: Level.name_of(lane), names: prescription.name).to_s }
          resting = Level::ALL.select { |lane| window.round <= @block.rounds_for(lane) } - window.prescriptions.keys
          Sparrow.say("plan.next_by_level", list: [*list, *resting.map { |lane| Sparrow.say("plan.level_rests", level: Level.name_of(lane)).to_s }].join(". "))
        end

        def halfway(window)
          return if window.seconds < HALFWAY_FROM_S || switched(window).any? || window.part != "whole"
          at_s = window.start_s + (window.seconds / 2)
          wish(window, "halfway", Speech.ways([at_s, at_s + 1], Sparrow.say("plan.halfway")))
        end

        def ten_seconds(window)
          return if window.seconds < TEN_SECONDS_FROM_S || window.part == "first"
          wish(window, "ten_seconds", [Speech.way(window.end_s - 10, Sparrow.say("plan.ten_seconds"))])
        end

        # @return [Array<Station>] of which a side is over halfway through
        def switched(window)
          @block.rotates? ? @block.stations.select { |station| station.levels.each_value.any? { |prescription| prescription.sides == "split" } } : [(window.station if window.switch_s)].compact
        end

        def switch(window)
          stations = switched(window)
          at_s = (window.end_s if window.part == "first") || (window.start_s + ((window.seconds + 1) / 2) if stations.any?)
          return unless at_s
          all = !@block.rotates? || stations.size == @block.stations.size
          text = all ? Sparrow.say("plan.switch_sides") : Sparrow.say("plan.names_switch_sides", names: listed(stations.map(&:name)))
          wish(window, "switch", [Speech.way(at_s, text), Speech.way(at_s, Sparrow.say("plan.switch_sides"))])
        end

        # Who stops when: of each station that is worked at the time the levels that stop there.
        # @return [Hash{Integer => Array<Array(Station, Array<String>)>}]
        def instants(window)
          found = Hash.new { |hash, at_s| hash[at_s] = [] }
          stations = @block.rotates? ? @block.stations : [window.station]
          stations.each do |station|
            ends = taken_at(window, station).flat_map { |lane, held| ends_of(window, lane, held).map { |at_s| [at_s, lane] } }
            ends.group_by(&:first).each { |at_s, held| found[at_s] << [station, held.map(&:last)] }
          end
          found
        end

        # @return [Hash{String => Prescription}] what each lane does there, without those who sit it out
        def taken_at(window, station)
          return window.prescriptions unless @block.rotates?
          Level::ALL.select { |lane| window.round <= @block.rounds_for(lane) }.to_h { |lane| [lane, station.at(@block.level_taken(lane, window.round))] }.compact
        end

        # A level that stops early in a halved window stops in each half; a window a side ends in a switch.
        def ends_of(window, lane, prescription)
          last = @block.rotates? ? stop_of(window, prescription) : window.stops.fetch(lane)
          half_s = window.start_s + ((window.seconds + 1) / 2)
          early = window.start_s + ((prescription.stop_s(window.round) + 1) / 2)
          [(early if prescription.sides == "split" && early < half_s), (last unless window.part == "first" && last == window.end_s)].compact
        end

        def stop_of(window, prescription)
          return window.start_s + prescription.stop_s(window.round) unless prescription.sides == "split"
          second_s = prescription.stretches(two_windows: false, switch_s: @block.switch_s, window_s: window.seconds, round: window.round).last
          window.start_s + ((window.seconds + 1) / 2) + @block.switch_s + second_s
        end

        def stops(window)
          instants(window).flat_map do |at_s, who|
            all = whole?(window, who)
            [stop(window, at_s, who, all: all), stop_count(window, at_s, who, all: all)]
          end
        end

        # Whether these are all who are at work.
        def whole?(window, who)
          who == (@block.rotates? ? @block.stations : [window.station]).map { |station| [station, taken_at(window, station).keys] }
        end

        def stop(window, at_s, who, all:)
          texts = all ? [Sparrow.say("plan.stop")] : [stop_text(who, window), Sparrow.say("plan.stop")]
          wish(window, "stop", texts.map { |text| Speech.way(at_s, text) }, levels: (levels(who) unless all))
        end

        def stop_count(window, at_s, who, all:)
          ways = Approach.counts(at_s, at_s - window.start_s - 1)
          wish(window, "countdown", ways, levels: (levels(who) unless all)) if ways.any?
        end

        # A level's own begins with its name; where groups rotate, the station's comes first.
        def stop_text(who, window)
          return Level.stop(who.first.last) unless @block.rotates?
          whole, some = who.partition { |station, lanes| lanes == taken_at(window, station).keys }
          names = [(listed(whole.map { |station, _| station.name }) if whole.any?), *some.map { |station, lanes| "#{station.name}, #{listed(lanes.map { |lane| Level.name_of(lane) })}" }].compact
          Sparrow.say("plan.levels_stop", levels: listed(names))
        end

        # @return [Array<String>, nil] where no group differs by its station alone
        def levels(who)
          @block.rotates? ? nil : who.first.last
        end

        def listed(names)
          names.reduce { |these, that| Sparrow.say("common.these_and_that", these: these, that: that) }
        end

        def wish(window, kind, ways, levels: nil)
          Wish.new(kind, ways, levels, @block.id, window.station.id, window.round)
        end
      end
    end
  end
end
