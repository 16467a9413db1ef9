# frozen_string_literal: true

module Server
  module Print
    # A table of short texts: a name down the side, a head over each column. It goes
    # on over as many pages as it needs, its head on each.
    class Grid
      PADDING = 3
      NAMES = 0.14
      SMALLEST_NAMES = 70

      # @param head [Array<String>] the first over the names
      # @param rows [Array<Array<String>>] the first of each is its name
      def initialize(pdf, head, rows, type: Type.new(pdf))
        @pdf = pdf
        @head = head
        @rows = rows
        @type = type
        @names = [pdf.bounds.width * NAMES, SMALLEST_NAMES].max
        @column = (pdf.bounds.width - @names) / [head.size - 1, 1].max
      end

      # @return [Float] in points, on one page
      def height(size)
        [@head, *@rows].sum { |row| row_height(row, size) }
      end

      # From where the page stands now.
      def draw(size)
        draw_row(@head, size, head: true)
        @rows.each do |row|
          if @pdf.cursor < row_height(row, size)
            @pdf.start_new_page
            draw_row(@head, size, head: true)
          end
          draw_row(row, size)
        end
        @pdf.fill_color(Page::INK)
        @pdf.font("Libre Franklin", style: :normal)
      end

      private

      def row_height(row, size)
        lines = row.each_with_index.map { |text, index| @type.wrap(text, width(index) - 2 * PADDING, size, style: style(index, row)).size }.max
        @type.height(lines, size) + padding(size) * 2
      end

      def padding(size)
        (size < 6) ? 0.7 : 2
      end

      def width(index)
        index.zero? ? @names : @column
      end

      def style(index, row)
        (index.zero? || row.equal?(@head)) ? :bold : :normal
      end

      def draw_row(row, size, head: false)
        top = @pdf.cursor
        height = row_height(row, size)
        row.each_with_index do |text, index|
          left = index.zero? ? 0 : @names + (index - 1) * @column
          @type.draw(@type.wrap(text, width(index) - 2 * PADDING, size, style: style(index, row)), left + PADDING, top - padding(size), size: size, style: style(index, row))
        end
        @pdf.line_width(head ? 1 : 0.4)
        @pdf.stroke_horizontal_line(0, @pdf.bounds.width, at: top - height)
        @pdf.move_down(height)
      end
    end
  end
end
