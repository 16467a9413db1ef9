# frozen_string_literal: true

module Server
  module Print
    # A card for each participant, four to a page, to be cut apart: their own
    # stations, and nothing about anybody else, nor why.
    class Cards
      COLUMNS = 2
      ROWS = 2

      # @param starts_at [Time] by the clock on the wall there
      def initialize(group_class, fit, starts_at)
        @starts_at = starts_at
        @class = group_class
        @fit = fit
        @pdf = Page.make(:portrait, margin: 24, title: "#{group_class.title}, cards")
        @pdf.define_grid(columns: COLUMNS, rows: ROWS, gutter: 16)
      end

      # @return [String] a PDF
      def render
        people = @fit.sheet.settled.map(&:participant)
        @pdf.text("Nobody is on the roster.", size: 10) if people.empty?
        people.each_with_index do |participant, index|
          @pdf.start_new_page if index.positive? && (index % (COLUMNS * ROWS)).zero?
          @pdf.grid(index / COLUMNS % ROWS, index % COLUMNS).bounding_box { card(participant) }
        end
        @pdf.render
      end

      private

      def card(participant)
        @pdf.stroke_bounds
        @pdf.bounding_box([10, @pdf.bounds.top - 10], width: @pdf.bounds.width - 20, height: @pdf.bounds.height - 20) do
          @pdf.text(Page.safe(participant.name), size: 14, style: :bold)
          @pdf.text(Page.safe("#{@class.title}, #{@starts_at.strftime("%-d %B, %H:%M")}"), size: 8, color: Page::SOFT)
          @pdf.move_down(5)
          cells(participant)
          @pdf.move_down(4)
          @pdf.text(Views::Card::ADVICE, size: 6.5, color: Page::SOFT)
        end
      end

      def cells(participant)
        cells = @fit.sheet.cells(participant.id)
        size = (cells.size > 14) ? 6.5 : 8
        cells.each { |cell| @pdf.text(line(cell), size: size, inline_format: false, leading: 1) }
      end

      def line(cell)
        return Page.safe("#{cell.place.station.name}: see your instructor") unless cell.option
        rung = cell.option.rung
        rounds = cell.place.block.round_count
        Page.safe("#{Page::MARKS[cell.level]}  #{rung ? rung.name : cell.place.station.name}: #{cell.target}#{" × #{rounds}" if rounds > 1}")
      end
    end
  end
end
