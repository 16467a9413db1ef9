# frozen_string_literal: true

module Server
  module Print
    # A sheet for each station, to hang beside it: the three versions with their targets and their
    # key poses. Nobody's name is on it.
    class WallCards
      # Of a level's row: the words on the left, the poses on the right.
      WORDS = 0.42
      HEAD = 62
      GAP = 12

      # @param title [String] of the class
      # @param workout [Sparrow::Plan::Workout]
      def initialize(title, workout)
        @title = title
        @places = workout.blocks.flat_map { |block| block.stations.map { |station| [block, station] } }
        @pdf = Page.make(:landscape, margin: 30, title: Sparrow.say("server.print.title_wall_cards", title: title))
        @type = Type.new(@pdf)
        @strip = Strip.new(@pdf)
      end

      # @return [String] a PDF
      def render
        @pdf.text(Sparrow.say("server.print.no_station_yet"), size: 12) if @places.empty?
        @places.each_with_index do |(block, station), index|
          @pdf.start_new_page if index.positive?
          sheet(block, station)
        end
        @pdf.render
      end

      private

      def sheet(block, station)
        line(Page.safe(station.name), @pdf.bounds.top, 30, style: :bold)
        line([@title, block.name, *(Sparrow.say("server.print.a_bonus") if station.optional), *instead(station)].join("  ·  "), @pdf.bounds.top - 38, 12, color: Page::SOFT)
        height = (@pdf.bounds.height - HEAD) / Sparrow::Level::ALL.size
        Sparrow::Level::ALL.each_with_index { |level, index| row(station, level, @pdf.bounds.top - HEAD - index * height, height) }
      end

      # What stands in for who must spare a joint.
      def instead(station)
        station.alternatives.map { |joint, variation| Sparrow.say("server.print.instead_for", joint: Sparrow.word(joint), name: variation.name) }
      end

      def row(station, level, top, height)
        @pdf.stroke_color(Page::RULE)
        @pdf.line_width(1)
        @pdf.stroke { @pdf.line([0, top], [@pdf.bounds.width, top]) }
        variation = station.at(level)&.variation
        words(level, variation&.name || parts(station.at(level)) || station.name, Sparrow::Planning::Wording.at(station, level).to_s, top - 8)
        return unless variation
        left = @pdf.bounds.width * WORDS + GAP
        most = @pdf.bounds.width - left
        _, tall = @strip.size(variation, height - 2 * GAP, most)
        @strip.draw(variation, height - 2 * GAP, most, [left, top - height / 2 - tall / 2]) if tall
      end

      def parts(prescription)
        prescription&.parts&.map { |part| "#{part.reps} #{part.movement.name}" }&.join(" + ")
      end

      def words(level, name, target, top)
        width = @pdf.bounds.width * WORDS
        line("#{Page::MARKS.fetch(level)}  #{Sparrow.word(level)}", top, 13, color: Page::SOFT)
        names = @type.wrap(name, width, 20, style: :bold)
        @type.draw(names, 0, top - 20, size: 20, style: :bold)
        @type.draw(@type.wrap(target, width, 24), 0, top - 24 - @type.height(names.size, 20), size: 24)
      end

      def line(text, top, size, style: :normal, color: Page::INK)
        @type.draw(@type.wrap(text, @pdf.bounds.width, size, style: style).first(1), 0, top, size: size, style: style, color: color)
      end
    end
  end
end
