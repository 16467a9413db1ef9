# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "What was worked lately" do
  let!(:studio) { signed_in_studio }

  def run_on(day)
    Server::Records::Run.find(open_run(make_workout(workout_document(intervals([station("p", movement: "push_up")], work_s: 40))))["id"]).tap { |run| run.update!(started_at: day) }
  end

  it "is what the plans of the last four weeks' classes say, of this studio" do
    run_on(2.days.ago)
    run_on(20.days.ago)
    run_on(40.days.ago)
    run_on(1.day.ago).update!(deleted_at: Time.now.utc)
    open_run
    found = send_json(:get, "/api/planning/worked")
    expect([status, found["classes"], found["levels"]["advanced"]["pattern"].transform_values { |sum| sum["work_s"] }]).to eq([200, 2, {"push" => 80}])
    clear_cookies
    make_studio("Elsewhere", email: "else@example.test")
    sign_in(email: "else@example.test")
    expect(send_json(:get, "/api/planning/worked")["classes"]).to eq(0)
  end
end
