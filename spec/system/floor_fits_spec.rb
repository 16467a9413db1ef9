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

  # At work, and paused there.
  def run_of(second, count, **keys)
    block = {"id" => "main", "role" => "main", "title" => "A block whose name has forty letters or so", "stations" => stations(count), **keys.transform_keys(&:to_s)}
    document = {"format" => "willing-sparrow/workout", "version" => 1, "title" => "Long", "blocks" => [block]}
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(document), by: studio.instructors.first)
    Server::Records::Run.open(workout, client_key: SecureRandom.uuid, by: studio.instructors.first).tap do |run|
      now_ms = Server::Runs::DeviceTime.now_ms
      [["started", {}], ["moved", {"at_s" => second}], ["paused", {}]].each_with_index do |(kind, more), index|
        run.happened({"id" => SecureRandom.uuid, "kind" => kind, "at_ms" => now_ms - 10 + index, **more}, by: nil)
      end
    end
  end

  # What stands outside the window, or below the list that holds it.
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
        const list = element.closest('ul, .groups')?.getBoundingClientRect()
        if (list && box.bottom > list.bottom + 3) wrong.push(`below its list: ${name}`)
      }
      return wrong
    JS
  end

  [[1280, 657], [1280, 800], [1366, 625], [1920, 1080], [820, 1180], [390, 844]].each do |width, height|
    it "shows whole what it shows at #{width} by #{height}, and the controls" do
      runs = {
        "sixteen in rounds" => run_of(30, 16, format: "rounds", rounds: 2), "twelve one after the other" => run_of(30, 12, format: "chipper"), "nine in as many rounds as possible" => run_of(30, 9, format: "amrap", cap_s: 600),
        "twelve groups" => run_of(20, 12, format: "intervals", rounds: 1, work_s: 30, rest_s: 10, flow: "rotate"), "one by the clock" => run_of(20, 1, format: "intervals", rounds: 2, work_s: 40, rest_s: 20)
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

  it "counts what has no room, and what is done" do
    visit "/runs/#{run_of(30, 12, format: "chipper").id}/floor"
    expect(page).to have_css("[data-testid=more]", text: /and \d+ more/, minimum: 1)
    within("section[aria-label=beginner]") { click_button "A set done by beginner" }
    expect(page).to have_css("section[aria-label=beginner] [data-testid=through]", text: "1 done")
  end
end
