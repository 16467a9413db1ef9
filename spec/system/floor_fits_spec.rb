# frozen_string_literal: true

require_relative "../support/browser"

# Read from ten metres: whatever the window, nothing of it is cut off, and the controls are there.
RSpec.describe "The Floor in every window" do
  before { sign_in_as }

  let(:studio) { Server::Records::Studio.first }
  let(:movements) { Sparrow::Catalogue.house.select { |movement| movement.role == "main" && movement.ladder.all?(&:counted?) } }

  # Names as long as they get.
  def stations(count)
    movements.max_by(count) { |movement| movement.ladder.map { |variation| variation.name.length }.max }.each_with_index.map do |movement, index|
      {"id" => "s#{index}", "movement" => movement.id, "levels" => movement.opening_prescriptions.transform_values { |input| {"variation" => input["variation"], "reps" => 10} }}
    end
  end

  # All that a plan can say of a station, at once, and how many of them.
  def telling(count)
    stations(count).map do |held|
      levels = held["levels"].transform_values { |level| level.merge("tempo" => "3-1-1-0", "load_kg" => 12.5, "note" => "Slowly down, and without a stop at the bottom") }
      held.merge("levels" => levels, "optional" => true, "note" => "Feet as wide as the shoulders", "alternatives" => %w[wrist knee].map { |joint| {"for" => joint, "variation" => sparing.id} })
    end
  end

  let(:sparing) { movements.flat_map(&:ladder).select { |variation| (variation.joints & %w[wrist knee]).empty? }.max_by { |variation| variation.name.length } }

  # At work, and paused there.
  # @param count [Integer, Array<Hash>] how many stations, or which
  def run_of(second, count, **keys)
    block = {"id" => "main", "role" => "main", "title" => "A block whose name has forty letters or so", "stations" => count.is_a?(Array) ? count : stations(count), **keys.transform_keys(&:to_s)}
    document = {"format" => "willing-sparrow/workout", "version" => 1, "title" => "Long", "blocks" => [block]}
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(document), by: studio.instructors.first)
    Server::Records::Run.open(workout, client_key: SecureRandom.uuid, by: studio.instructors.first).tap do |run|
      now_ms = Server::Runs::DeviceTime.now_ms
      [["started", {}], ["moved", {"at_s" => second}], ["paused", {}]].each_with_index do |(kind, more), index|
        run.happened({"id" => SecureRandom.uuid, "kind" => kind, "at_ms" => now_ms - 10 + index, **more}, by: nil)
      end
    end
  end

  # What stands outside the window, below the list that holds it, or over something else.
  let(:outside) do
    <<~JS
      const wrong = []
      const phone = innerWidth < 705
      for (const element of document.querySelectorAll('.floor p, .floor li, .floor button, .floor span')) {
        const box = element.getBoundingClientRect()
        if (!box.width || element.closest('.visually-hidden')) continue
        const name = element.textContent.trim().slice(0, 30)
        if (box.right > innerWidth + 1 || box.left < -1) wrong.push(`beside the window: ${name}`)
        if (!phone && box.bottom > innerHeight + 1) wrong.push(`below the window: ${name}`)
        if (element.scrollWidth > element.clientWidth + 1 && getComputedStyle(element).overflowX === 'hidden' || element.scrollHeight > element.clientHeight + 3 && getComputedStyle(element).overflowY === 'hidden') wrong.push(`cut off: ${name}`)
        const list = element.closest('ul, .groups, .level')?.getBoundingClientRect()
        if (list && box.bottom > list.bottom + 3) wrong.push(`below its list: ${name}`)
      }
      const texts = [...document.querySelectorAll('.floor *')].filter((one) => !one.closest('.visually-hidden, svg') && one.checkVisibility() && [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim()))
      // A phone's page is longer than its screen, and goes on under its controls. A line's letters stand in the middle three fifths of its height.
      const lines = texts.flatMap((one) => {
        const range = document.createRange()
        range.selectNodeContents(one)
        return [...range.getClientRects()].map((box) => ({ one, left: box.left, right: box.right, top: box.top + box.height / 5, bottom: box.bottom - box.height / 5 }))
      })
      lines.forEach((line, index) => lines.slice(index + 1).forEach((its) => {
        if (line.one.contains(its.one) || its.one.contains(line.one) || (phone && (line.one.closest('footer') || its.one.closest('footer')))) return
        const [wide, high] = [Math.min(line.right, its.right) - Math.max(line.left, its.left), Math.min(line.bottom, its.bottom) - Math.max(line.top, its.top)]
        if (wide > 3 && high > 2) wrong.push(`one over the other: ${line.one.textContent.trim().slice(0, 24)}, ${its.one.textContent.trim().slice(0, 24)}`)
      }))
      return wrong
    JS
  end

  Thoroughness.some([[1280, 657], [1280, 800], [1366, 625], [1920, 1080], [820, 1180], [390, 844]]).each do |width, height|
    it "shows whole what it shows at #{width} by #{height}, and the controls" do
      runs = {
        "sixteen in rounds" => run_of(30, 16, format: "rounds", rounds: 2), "twelve one after the other" => run_of(30, 12, format: "chipper"), "nine in as many rounds as possible" => run_of(30, 9, format: "amrap", cap_s: 600),
        "twelve groups" => run_of(20, 12, format: "intervals", rounds: 1, work_s: 30, rest_s: 10, flow: "rotate"), "one by the clock" => run_of(20, 1, format: "intervals", rounds: 2, work_s: 40, rest_s: 20),
        "one of which all is said" => run_of(20, telling(1), format: "intervals", rounds: 2, work_s: 40, rest_s: 20), "twelve of which all is said" => run_of(30, telling(12), format: "rounds", rounds: 2)
      }
      in_window(width, height) do
        runs.each do |name, run|
          visit "/runs/#{run.id}/floor"
          expect(page).to have_button("Continue")
          expect { [name, page.execute_script(outside)] }.to eventually_be([name, []])
        end
      end
    end
  end

  # Letters, in hundredths of the window's height: the smallest number and the smallest version's name.
  def letters
    number, name = ["li .number, .level .target", "li .name, .level .name"].map do |those|
      page.evaluate_script("Math.min(...[...document.querySelectorAll(#{those.to_json})].map((one) => parseFloat(getComputedStyle(one).fontSize))) / innerHeight * 100")
    end
    [number, name]
  end

  it "writes numbers and versions as large as the names of a usual class leave room for" do
    usual = %w[squat push_up side_lunge plank glute_bridge skater].each_with_index.map { |movement, index| {"id" => "s#{index}", "movement" => movement, "levels" => Sparrow::Catalogue.house.movement(movement).opening_prescriptions} }
    clock = {format: "intervals", rounds: 2, work_s: 40, rest_s: 20}
    least = {
      "one by the clock" => [run_of(20, usual.first(1), **clock), 7, 5], "four groups" => [run_of(20, usual.first(4), **clock, flow: "rotate"), 7, 3.6], "six groups" => [run_of(20, usual, **clock, flow: "rotate"), 7, 3.6],
      "three at their own pace" => [run_of(20, usual.first(3), format: "rounds", rounds: 2), 7, 3.6], "six at their own pace" => [run_of(20, usual, format: "rounds", rounds: 2), 4.3, 2.9]
    }
    least.each do |name, (run, number, version)|
      visit "/runs/#{run.id}/floor"
      expect(page).to have_button("Continue")
      expect { letters.zip([number, version]).map { |found, wanted| [name, [found.round(1), wanted].min] } }.to eventually_be([[name, number], [name, version]])
    end
  end

  it "counts what has no room, and what is done" do
    visit "/runs/#{run_of(30, 12, format: "chipper").id}/floor"
    expect(page).to have_css("[data-testid=more]", text: /and \d+ more/, minimum: 1)
    within("section[aria-label=beginner]") { click_button "A set done by beginner" }
    expect(page).to have_css("section[aria-label=beginner] [data-testid=through]", text: "1 done")
  end
end
