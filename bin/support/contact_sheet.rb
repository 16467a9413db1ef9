# frozen_string_literal: true

require "cgi"
require "fileutils"

# Many figures on one picture, to be looked at after a change: each version's key poses and its name.
class ContactSheet
  EACH = 42
  COLUMNS = 6
  ROW = 146
  WIDTH = 1590
  TONES = {"ink" => "#22281f", "far" => "#a5a498", "work" => "#1f5f4e", "workfar" => "#8db0a3"}.freeze
  STYLE = "body{margin:4px;background:#f5f1e6;width:1580px}div{display:inline-block;border:1px solid #d9d2bd;margin:1px;padding:2px;width:254px;height:138px;vertical-align:top}p{font:11px sans-serif;margin:0}"
  BROWSERS = %w[/usr/lib/chromium/chromium-headless-shell /usr/bin/chromium].freeze

  # @param ids [Array<String>] of versions
  def initialize(library, ids)
    @library = library
    @ids = ids
  end

  # @return [String] the picture's path; the page's, where there is no browser
  def write(folder, name)
    FileUtils.mkdir_p(folder)
    page = File.expand_path(File.join(folder, "#{name}.html"))
    File.write(page, "<style>#{STYLE}</style>#{@ids.map { |id| cell(id) }.join}")
    browser = BROWSERS.find { |path| File.executable?(path) }
    return page unless browser
    picture = page.sub(/html\z/, "png")
    height = (@ids.size / COLUMNS.to_f).ceil * ROW + 10
    system(browser, "--headless", "--no-sandbox", "--disable-gpu", "--hide-scrollbars", "--window-size=#{WIDTH},#{height}", "--screenshot=#{picture}", "file://#{page}", out: File::NULL, err: File::NULL)
    picture
  end

  private

  def cell(id)
    drawing = Sparrow::Figure::Drawing.new(@library.motion(id))
    "<div>#{svg(drawing)}<p>#{id}</p></div>"
  rescue ArgumentError => error
    "<div><p>#{CGI.escapeHTML(error.message)}</p></div>"
  end

  def svg(drawing)
    left, top, width, height = drawing.box
    poses = drawing.stills
    groups = poses.each_with_index.map { |pose, index| "<g transform='translate(#{index * (width + 6)},0)'>#{floor(drawing)}#{furniture(drawing)}#{Sparrow::Figure::Paint.shapes(pose, drawing).map { |shape| shape(shape) }.join}</g>" }
    "<svg width='252' height='118' viewBox='#{left} #{top} #{(width + 6) * poses.size} #{height}' preserveAspectRatio='xMidYMax meet'>#{groups.join}</svg>"
  end

  def floor(drawing)
    drawing.floor? ? "<line x1='#{drawing.box[0]}' x2='#{drawing.box[0] + drawing.box[2]}' y1='0' y2='0' stroke='#575c4e'/>" : ""
  end

  def furniture(drawing)
    drawing.props.flat_map { |prop| prop["lines"] }.map do |line|
      "<polyline fill='none' stroke='#575c4e' points='#{line.map { |number| number / Sparrow::Figure::Drawing::UNIT.to_f }.each_slice(2).map { |point| point.join(",") }.join(" ")}'/>"
    end.join
  end

  def shape(shape)
    color = TONES.fetch(shape.tone)
    points = shape.points.map { |point| point.join(",") }.join(" ")
    case shape.kind
    when "disc" then "<circle fill='#{color}' cx='#{shape.points[0][0]}' cy='#{shape.points[0][1]}' r='#{shape.thick}'/>"
    when "area" then "<polygon fill='#{color}' stroke='#{color}' stroke-width='#{shape.thick}' stroke-linejoin='round' points='#{points}'/>"
    else "<polyline fill='none' stroke='#{color}' stroke-linecap='round' stroke-width='#{shape.ends.sum}' points='#{points}'/>"
    end
  end
end
