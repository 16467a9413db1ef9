# frozen_string_literal: true

module Server
  module Print
    # Text broken into lines and drawn where it is told to be. Words are measured
    # once: on a sheet for sixty people the same few stand thousands of times, and
    # the library's own layout would measure each again.
    class Type
      # From one line to the next, as a share of the size.
      LEADING = 1.22
      # From the top of a line to its foot.
      ASCENT = 0.95

      # @param pdf [Prawn::Document]
      def initialize(pdf)
        @pdf = pdf
        @widths = {}
        @lines = {}
      end

      # @param width [Numeric] in points
      # @return [Array<String>] at least one line; a word that is too long is cut
      def wrap(text, width, size, style: :normal)
        @lines[[text, width, size, style]] ||= broken(Page.safe(text), width, size, style: style)
      end

      # @return [Float] in points
      def height(lines, size)
        lines * size * LEADING
      end

      # @param top [Numeric] of the first line, in points from the foot of the page's bounds
      def draw(lines, left, top, size:, style: :normal, color: Page::INK)
        @pdf.fill_color(color)
        @pdf.font("Libre Franklin", style: style)
        lines.each_with_index do |line, index|
          @pdf.draw_text(line, at: [left, top - size * ASCENT - index * size * LEADING], size: size) unless line.empty?
        end
      end

      private

      def broken(text, width, size, style:)
        lines = [+""]
        text.split(" ").each do |word|
          word = cut(word, width, size, style: style)
          longer = lines.last.empty? ? word : "#{lines.last} #{word}"
          (wide(longer, size, style) <= width) ? lines[-1] = longer : lines << word
        end
        lines
      end

      def cut(word, width, size, style:)
        return word if wide(word, size, style) <= width
        kept = (1..word.length).bsearch { |length| wide("#{word[0, length]}.", size, style) > width } || word.length
        "#{word[0, [kept - 1, 1].max]}."
      end

      # The sum of its words: what letters of two words do to each other decides nothing here.
      def wide(text, size, style)
        words = text.split(" ")
        (words.sum { |word| word_width(word, style) } + [words.size - 1, 0].max * word_width(" ", style)) * size
      end

      # Of one point.
      def word_width(word, style)
        @widths[[word, style]] ||= @pdf.width_of(word, size: 10, style: style) / 10.0
      end
    end
  end
end
