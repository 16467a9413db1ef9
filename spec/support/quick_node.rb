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
  # Keys go to what has the focus; what is given it by typing has its cursor at the end.
  FOCUS = <<~JS
    const [element] = arguments
    if (element.type === "file" || element.disabled || !element.checkVisibility({ visibilityProperty: true })) return false
    if (document.activeElement === element) return true
    element.focus()
    if (document.activeElement !== element) return false
    if (/^(text|search|url|tel|password|textarea)$/.test(element.type)) element.setSelectionRange(element.value.length, element.value.length)
    return true
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

  # Its own typing asks the page fifty things first.
  def send_keys(*keys)
    return super unless driver.browser.execute_script(FOCUS, native)
    keys.each_with_object(driver.browser.action) { |key, action| key.is_a?(Array) ? chord(action, key) : action.send_keys(key) }.perform
  end

  private

  def chord(action, keys)
    held = keys.take_while { |key| %i[control shift alt meta command].include?(key) }
    held.each { |key| action.key_down(key) }
    action.send_keys(*keys.drop(held.size))
    held.reverse_each { |key| action.key_up(key) }
  end
end

# It looks for elements, and then asks of each whether it can be seen: a trip through
# three processes each time. Here one script answers both.
module QuickFind
  FIND = <<~JS
    const [root, format, selector, texts] = arguments
    const start = root ?? document
    let found
    if (format === "css") found = [...start.querySelectorAll(selector)]
    else {
      const result = document.evaluate(selector, start, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE, null)
      found = Array.from({ length: result.snapshotLength }, (_, at) => result.snapshotItem(at))
    }
    const wanted = texts.map((text) => text.toLowerCase())
    found = found.filter((element) => wanted.every((text) => element.textContent.toLowerCase().includes(text)))
    const seen = (element) =>
      element.checkVisibility({ visibilityProperty: true, opacityProperty: true }) && element.getClientRects().length > 0
    return found.map((element) => [element, seen(element)])
  JS

  private

  def find_by(format, selector, uses_visibility:, texts:, styles:, position:)
    return super if styles || position
    root = is_a?(Capybara::Selenium::Node) ? self : nil
    found = es_context.execute_script(FIND, root, format, selector, texts)
    found.map { |element, seen| build_node(element, uses_visibility ? {visible: seen} : {}) }
  end
end

Capybara::Selenium::Node.prepend(QuickNode)
[Capybara::Selenium::Node, Capybara::Selenium::Driver].each { |place| place.prepend(QuickFind) }
