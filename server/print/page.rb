# frozen_string_literal: true

require "prawn"

module Server
  # What is printed on paper.
  module Print
    # A sheet of paper in the product's own type.
    module Page
      FONTS = File.join(ROOT, "web", "node_modules", "@expo-google-fonts", "libre-franklin")
      FACES = {normal: "400Regular", bold: "700Bold"}.freeze
      INK = "22281F"
      SOFT = "575C4E"
      RULE = "B9B29C"
      # A level is told by strokes as on the screen, and by its word.
      MARKS = {"beginner" => "I", "intermediate" => "II", "advanced" => "III"}.freeze

      # @param layout [Symbol] :portrait or :landscape
      # @return [Prawn::Document]
      def self.make(layout, margin: 32, title: "")
        Prawn::Document.new(page_size: "A4", page_layout: layout, margin: margin, info: {Title: title.to_s, Creator: "Willing Sparrow"}).tap do |pdf|
          faces = FACES.transform_values { |face| File.join(FONTS, face, "LibreFranklin_#{face}.ttf") }
          pdf.font_families.update("Libre Franklin" => faces)
          pdf.font("Libre Franklin")
          pdf.fill_color(INK)
          pdf.stroke_color(RULE)
        end
      end

      # What the font cannot draw is left out rather than refused.
      def self.safe(text)
        text.to_s.gsub(/[^\u0020-\u024F\u2010-\u203A\u20AC\u2192]/, "?").gsub("→", "to")
      end
    end
  end
end
