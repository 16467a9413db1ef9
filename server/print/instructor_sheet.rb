# frozen_string_literal: true

module Server
  module Print
    # For the instructor: the class by the clock on the wall, and what each person
    # is given at each station. One page, where the class is not very large; more
    # stations than fit beside one another go on further pages.
    class InstructorSheet
      # The largest type with which the sheet and the clock below it go on one page.
      SIZES = [10, 9, 8, 7, 6, 5, 4].freeze
      FOOT = 60
      # More stations beside one another could not be read, nor laid out at all.
      MOST_COLUMNS = 16

      # @param group_class [Records::GroupClass]
      # @param fit [Fit::ClassFit]
      # @param starts_at [Time] by the clock on the wall there
      def initialize(group_class, fit, starts_at)
        @starts_at = starts_at
        @dates = Dates.new(group_class.studio.date_locale)
        @class = group_class
        @fit = fit
        @pdf = Page.make(:landscape, margin: 26, title: Sparrow.say("server.print.title_instructors_sheet", title: group_class.title))
      end

      # @return [String] a PDF
      def render
        heading
        @pdf.move_down(6)
        sheet
        @pdf.move_down(6)
        clock
        caution
        @pdf.render
      end

      private

      def heading
        @pdf.text(Page.safe(@class.title), size: 17, style: :bold)
        place = [@class.place&.name, @class.place&.address].compact.reject(&:empty?).join(", ")
        line = ["#{@dates.whole(@starts_at)}, #{@dates.hours(@starts_at)}", place, @class.leader && Sparrow.say("server.print.led_by_name", name: @class.leader.name),
          Sparrow.say("server.print.total_of_slot", total: Sparrow::ClockText.of(@class.total_s), slot: @class.slot_minutes ? Sparrow.say("server.print.minutes", minutes: @class.slot_minutes) : Sparrow.say("server.print.no_set_slot"))]
        @pdf.text(Page.safe(line.compact.reject(&:empty?).join("  ·  ")), size: 9, color: Page::SOFT)
      end

      def sheet
        places = @fit.sheet.stations.map(&:last).each_with_index.select { |place, _| %w[main finisher].include?(place.block.role) }
        people = @fit.sheet.assignments
        return @pdf.text(Sparrow.say("server.print.nobody_is_on_the_roster"), size: 10) if people.empty? || places.empty?
        parts = places.each_slice((places.size / (places.size / MOST_COLUMNS.to_f).ceil.to_f).ceil).to_a
        parts.each_with_index do |part, index|
          @pdf.start_new_page if index.positive?
          header = ["", *part.map { |place, _| place.station.optional ? Sparrow.say("server.print.name_a_bonus", name: place.station.name).to_s : place.station.name }]
          grid = Grid.new(@pdf, header, people.map { |assignment| row(assignment, part) }, type: type)
          room = @pdf.cursor - FOOT
          # Sizes fall and heights with them. At the smallest it goes on over the page.
          grid.draw(SIZES.bsearch { |size| grid.height(size) <= room } || SIZES.last)
        end
      end

      def type
        @type ||= Type.new(@pdf)
      end

      def row(assignment, places)
        cells = @fit.sheet.cells(assignment.participant.id)
        name = [assignment.participant.name, Page::MARKS.fetch(assignment.participant.pacing_level)].join("  ")
        [name, *places.map { |_, station| cell(cells[station]) }]
      end

      def cell(cell)
        return (cell.assigned.kind == "waits") ? Sparrow.say("server.print.talk_first") : Sparrow.say("server.print.sit_out") unless cell.option
        [Page::MARKS[cell.level], cell.option.name, "\u2013", cell.short].compact.join(" ")
      end

      # Blocks and rounds at the time on the wall.
      def clock
        starts = @starts_at
        lines = @fit.timeline.blocks.map do |line|
          "#{@dates.hours(starts + line.start_s)} #{line.block.name}#{rounds(line, starts)}"
        end
        lines << Sparrow.say("server.print.hour_end", hour: @dates.hours(starts + @class.total_s))
        @pdf.text(Page.safe(lines.join("   ·   ")), size: 8)
      end

      def rounds(line, starts)
        firsts = line.windows.group_by(&:round).transform_values { |windows| windows.first.start_s }
        return "" if firsts.size < 2
        " (#{firsts.map { |round, at_s| Sparrow.say("server.print.round_hour", round: round, hour: @dates.hours(starts + at_s)) }.join(", ")})"
      end

      def caution
        @pdf.move_down(3)
        @pdf.text(Sparrow.say("server.print.stop_for_chest_pain_dizziness_unusual"), size: 7, color: Page::SOFT)
      end
    end
  end
end
