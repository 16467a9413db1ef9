# frozen_string_literal: true

module Server
  module Print
    # For setting up: the room as the instructor sees it who faces the class, who stands where with what kit, and what is set
    # out. A page; where some blocks rotate and others do not, a page for each.
    class RoomSheet
      # Of the page's width, for the room itself.
      ROOM = 0.74
      GAP = 16
      DOT = 5
      FAINT = "E6E1D3"

      # @param group_class [Records::GroupClass]
      # @param plan [Sparrow::Fitting::RoomPlan]
      # @param starts_at [Time] by the clock on the wall there
      def initialize(group_class, plan, starts_at)
        @class = group_class
        @plan = plan
        @starts_at = starts_at
        @dates = Dates.new(group_class.studio.date_locale)
        @pdf = Page.make(:landscape, margin: 28, title: Sparrow.say("server.print.title_room", title: group_class.title))
        @type = Type.new(@pdf)
      end

      # @return [String] a PDF
      def render
        pages = [(:spots if @plan.spots.any?), (:stations if @plan.stations.any?)].compact
        heading
        @pdf.text(Sparrow.say("server.print.nobody_is_on_the_roster"), size: 10) if pages.empty?
        pages.each_with_index do |page, index|
          @pdf.start_new_page if index.positive?
          draw(page)
        end
        @pdf.render
      end

      private

      def heading
        @pdf.text(Page.safe(@class.title), size: 17, style: :bold)
        line = ["#{@dates.whole(@starts_at)}, #{@dates.hours(@starts_at)}", @class.place&.name, size]
        @pdf.text(Page.safe(line.compact.join("  ·  ")), size: 9, color: Page::SOFT)
      end

      def size
        return Sparrow.say("server.print.not_to_scale") unless @plan.to_scale?
        Sparrow.say("server.print.width_by_depth", width: @plan.width_m, depth: @plan.depth_m, each: @plan.each_m2)
      end

      def draw(page)
        top = (@pdf.page_number == 1) ? @pdf.cursor - GAP : @pdf.bounds.top
        wide, tall = @pdf.bounds.width * ROOM, top - GAP
        @scale = [wide / @plan.width_m, tall / @plan.depth_m].min
        @left, @foot = (wide - @plan.width_m * @scale) / 2, GAP
        walls
        (page == :spots) ? @plan.spots.each { |spot| person(spot) } : @plan.stations.each_with_index { |spot, index| station(spot, index) }
        beside(page, wide + GAP, top)
      end

      # A line each metre, where the room is drawn to its size.
      def metres
        @pdf.line_width(0.3)
        @pdf.stroke_color(FAINT)
        (1...@plan.width_m).each { |x| @pdf.stroke_line([@left + x * @scale, @foot], [@left + x * @scale, @foot + @plan.depth_m * @scale]) }
        (1...@plan.depth_m).each { |y| @pdf.stroke_line([@left, @foot + y * @scale], [@left + @plan.width_m * @scale, @foot + y * @scale]) }
      end

      def walls
        metres if @plan.to_scale?
        @pdf.stroke_color(Page::INK)
        @pdf.line_width(1.5)
        @pdf.stroke_rectangle([@left, @foot + @plan.depth_m * @scale], @plan.width_m * @scale, @plan.depth_m * @scale)
        centred([Sparrow.say("server.print.front")], @plan.width_m / 2.0, @foot - 3, 9, style: :normal, color: Page::SOFT)
      end

      def person(spot)
        x, y = at(spot)
        @pdf.fill_color(Page::INK)
        spot.wall ? @pdf.fill_rectangle([x - DOT, y + DOT], 2 * DOT, 2 * DOT) : @pdf.fill_circle([x, y], DOT)
        names = ["#{called(spot.participant.name)}  #{Page::MARKS.fetch(spot.participant.pacing_level)}"]
        under(spot, names, kit(spot.kit, spot.wall), room: column)
      end

      def station(spot, index)
        x, y = at(spot)
        @pdf.fill_color(Page::INK)
        @pdf.fill_rectangle([x - DOT, y + DOT], 2 * DOT, 2 * DOT)
        people = spot.people.map { |one| called(one.name) }
        under(spot, ["#{index + 1}  #{spot.station.name}"], [kit(spot.kit, false), people.join(", ")].reject(&:empty?).join(": "), room: column)
      end

      # As wide as the nearest neighbour allows.
      def column
        places = (@plan.spots.any? && @pdf.page_number == 1) ? @plan.spots : @plan.stations
        beside = places.combination(2).filter_map { |one, other| (one.x - other.x).abs if one.y == other.y && one.x != other.x }.min
        [(beside || 2) * @scale - 4, 46].max
      end

      def under(spot, names, words, room:)
        _, y = at(spot)
        lines = names.flat_map { |name| @type.wrap(name, room, 9, style: :bold) }
        centred(lines, spot.x, y - DOT - 2, 9, style: :bold)
        centred(@type.wrap(words, room, 7).first(3), spot.x, y - DOT - 2 - @type.height(lines.size, 9), 7, style: :normal, color: Page::SOFT) unless words.empty?
      end

      def centred(lines, x_m, top, size, style:, color: Page::INK)
        lines.each_with_index do |line, index|
          wide = @pdf.width_of(Page.safe(line), size: size, style: style)
          left = (@left + x_m * @scale - wide / 2).clamp(0, @pdf.bounds.width - wide)
          @type.draw([Page.safe(line)], left, top - @type.height(index, size), size: size, style: style, color: color)
        end
      end

      # The room's front is at the foot of the page.
      def at(spot)
        [@left + spot.x * @scale, @foot + spot.y * @scale]
      end

      # First names, where nobody else has the same.
      def called(name)
        first = name.split.first
        (@class.roster.map { |entry| entry.person.name.split.first }.count(first) > 1) ? name : first
      end

      def kit(pieces, wall)
        [*pieces.tally.map { |piece, count| (count == 1) ? Sparrow.word(piece) : "#{count} #{Sparrow.say("pieces.#{piece}")}" }, (Sparrow.say("server.print.by_the_wall") if wall)].compact.join(", ")
      end

      def beside(page, left, top)
        column = @pdf.bounds.width - left
        put = lambda do |text, size, style = :normal|
          lines = @type.wrap(text, column, size, style: style)
          @type.draw(lines, left, top, size: size, style: style)
          top -= @type.height(lines.size, size) + 3
        end
        put.call(Sparrow.say("server.print.set_out"), 11, :bold)
        put.call(Sparrow.say("server.print.nothing_to_set_out"), 9) if @plan.set_out.empty?
        @plan.set_out.each { |piece| put.call(piece_line(piece), 10) }
        notes(page).each { |note| put.call(note, 8) }
      end

      def piece_line(piece)
        line = "#{piece.needed} #{(piece.needed == 1) ? Sparrow.word(piece.name) : Sparrow.say("pieces.#{piece.name}")}"
        piece.passed_on ? Sparrow.say("server.print.passed_on", pieces: line) : line
      end

      def notes(page)
        [(Sparrow.say("server.print.tight", each: @plan.each_m2, least: Sparrow::Fitting::RoomPlan::EACH_M2) if @plan.tight?),
          (Sparrow.say("server.print.a_square_is_by_the_wall") if page == :spots && @plan.spots.any?(&:wall)),
          (Sparrow.say("server.print.talk_first_names", names: @plan.waiting.map(&:name).join(", ")) if @plan.waiting.any?),
          Sparrow.say("server.print.chairs_without_wheels")].compact
      end
    end
  end
end
