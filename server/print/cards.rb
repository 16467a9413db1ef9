# frozen_string_literal: true

module Server
  module Print
    # A card for each participant, four to a page, to be cut apart: their own
    # stations, and nothing about anybody else, nor why.
    class Cards
      COLUMNS = 2
      ROWS = 2
      PADDING = 10
      # The largest type with which a card and the advice below it go in its frame.
      SIZES = [12, 11, 10, 9, 8, 7, 6, 5].freeze
      FOOT = 26
      # A line of type; +above+ is the space before it, in points.
      Line = Struct.new(:text, :size, :style, :color, :above)
      # The key poses of a version; +tall+ is how high it is drawn, in points.
      Poses = Struct.new(:variation, :tall, :above)

      # @param starts_at [Time] by the clock on the wall there
      def initialize(group_class, fit, starts_at)
        @starts_at = starts_at
        @dates = Dates.new(group_class.studio.date_locale)
        @class = group_class
        @fit = fit
        @pdf = Page.make(:portrait, margin: 24, title: Sparrow.say("server.print.title_cards", title: group_class.title))
        @pdf.define_grid(columns: COLUMNS, rows: ROWS, gutter: 16)
      end

      # @return [String] a PDF
      def render
        people = @fit.sheet.assignments.map(&:participant)
        @pdf.text(Sparrow.say("server.print.nobody_is_on_the_roster"), size: 10) if people.empty?
        people.each_with_index do |participant, index|
          @pdf.start_new_page if index.positive? && (index % (COLUMNS * ROWS)).zero?
          @pdf.grid(index / COLUMNS % ROWS, index % COLUMNS).bounding_box { card(participant) }
        end
        @pdf.render
      end

      private

      def card(participant)
        @pdf.stroke_bounds
        @pdf.bounding_box([PADDING, @pdf.bounds.top - PADDING], width: @pdf.bounds.width - 2 * PADDING, height: @pdf.bounds.height - 2 * PADDING) do
          put(Line.new(participant.name, 14, :bold, Page::INK, 0))
          put(Line.new("#{@class.title}, #{@dates.short(@starts_at)}, #{@dates.hours(@starts_at)}", 8, :normal, Page::SOFT, 0))
          @pdf.move_down(5)
          largest(participant).each { |line| put(line) }
          @pdf.move_down(4)
          put(Line.new(Server::Cards::View::ADVICE, 7, :normal, Page::SOFT, 0))
        end
      end

      def put(line)
        @pdf.move_down(line.above)
        return poses(line) if line.is_a?(Poses)
        broken = wrap(line)
        type.draw(broken, 0, @pdf.cursor, size: line.size, style: line.style, color: line.color)
        @pdf.move_down(type.height(broken.size, line.size))
      end

      def poses(line)
        strip.draw(line.variation, line.tall, @pdf.bounds.width, [0, @pdf.cursor - tall(line)])
        @pdf.move_down(tall(line))
      end

      def tall(line)
        strip.size(line.variation, line.tall, @pdf.bounds.width)&.last || 0
      end

      def strip
        @strip ||= Strip.new(@pdf)
      end

      def wrap(line)
        type.wrap(line.text, @pdf.bounds.width, line.size, style: line.style)
      end

      def type
        @type ||= Type.new(@pdf)
      end

      # @return [Array<Line>] what they do, in the largest type that the card holds
      def largest(participant)
        cells = @fit.sheet.cells(participant.id)
        room = @pdf.cursor - FOOT
        # Sizes fall and heights with them, so half of those that are left are ruled out by each that is tried.
        size = SIZES.bsearch { |candidate| height(lines(participant, cells, candidate)) <= room } || SIZES.last
        lines(participant, cells, size)
      end

      def height(lines)
        lines.sum { |line| line.above + (line.is_a?(Poses) ? tall(line) : type.height(wrap(line).size, line.size)) }
      end

      def lines(participant, cells, size)
        return [Line.new(Sparrow.say("server.print.please_speak_with_your_instructor_before"), size, :bold, Page::INK, 0)] if participant.waits?
        cells.chunk_while { |one, other| one.place.block == other.place.block }.flat_map do |block|
          [Line.new(block.first.place.block.name, size * 0.8, :bold, Page::SOFT, 3), *block.flat_map { |cell| cell_lines(cell, size) }]
        end
      end

      # What to do; in the main part also its poses, and what makes it count.
      def cell_lines(cell, size)
        variation = cell.option&.variation if %w[main finisher].include?(cell.place.block.role)
        [Line.new(words(cell), size, :normal, Page::INK, 0), *(main_lines(variation, size) if variation)]
      end

      def main_lines(variation, size)
        [(Poses.new(variation, size * 2.4, 1) if Sparrow::Figure::Library.house.for(variation)), Line.new(variation.standard, size * 0.7, :normal, Page::SOFT, 0)].compact
      end

      def words(cell)
        return Sparrow.say("server.print.name_your_level_rests", name: cell.place.station.name) if cell.assigned.kind == "by_plan"
        return Sparrow.say("server.print.name_see_your_instructor", name: cell.place.station.name) unless cell.option
        rounds = cell.place.block.round_count
        "#{Page::MARKS[cell.level]}  #{cell.option.name}: #{cell.target}#{" × #{rounds}" if rounds > 1}"
      end
    end
  end
end
