# frozen_string_literal: true

# What WebDriver does slowly on a page as large as the board.
module QuickNode
  # Its own reading of visible text asks for the style of every single element; the
  # browser knows the text already.
  TEXT = "arguments[0].checkVisibility({ visibilityProperty: true }) ? arguments[0].innerText : ''"
  # It waits a second before it scrolls to what lies under something fixed; a person
  # scrolls first.
  UNCOVER = <<~JS
    const [element] = arguments
    const box = element.getBoundingClientRect()
    const there = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2)
    if (!there || !element.contains(there)) element.scrollIntoView({ block: "center", behavior: "instant" })
  JS

  def visible_text
    text = driver.evaluate_script(TEXT, self)
    return super if text.nil? # a drawing has no such property
    text.lines.map { |line| line.gsub(/[[:space:]]+/, " ").strip }.reject(&:empty?).join("\n")
  end

  def click(...)
    driver.execute_script(UNCOVER, self)
    super
  end
end

Capybara::Selenium::Node.prepend(QuickNode)
