# frozen_string_literal: true

require_relative "server_helper"

# Every route with something of another studio's in its path, by every verb. The
# list comes from the routes themselves: a new one is walked as soon as it is there,
# or this fails because it does not know what to put in its place.
RSpec.describe "Another studio's things" do
  def theirs
    @theirs ||= begin
      studio = make_studio("Mill House", email: "other@example.test")
      sign_in(email: "other@example.test")
      person = studio.people.create!(name: "Not Ours", level: "beginner")
      workout = make_workout
      held = send_json(:post, "/api/classes", {"workout_id" => workout["id"], "starts_at" => "2026-12-01T18:30:00Z", "people" => [person.id]})
      run = send_json(:post, "/api/classes/#{held["id"]}/run", {"client_key" => "their-run-key"})
      send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [{"person_id" => person.id, "present" => true}]})
      own = send_json(:post, "/api/movements", {"copy_of" => "squat"})
      benchmark = person.benchmarks.create!(studio_id: studio.id, test: "push_ups", variation: "push_up.floor", amount: 9, taken_on: Date.today)
      invitation = studio.invitations.create!(name: "X", email: "x@example.test", role: "helper", expires_at: 1.day.from_now)
      {"workouts" => workout["id"], "people" => person.id, "classes" => held["id"], "runs" => run["id"], "movements" => own["id"], "places" => studio.places.create!(name: "Barn").id,
       "benchmarks" => benchmark.id, "team" => studio.instructors.first.id, "invitations" => invitation.id, "sign-ins" => Server::Records::SignIn.first.id,
       "person" => person.id, "block" => "main", "station" => "s1", "number" => "1", "version" => "#{own["id"]}.parallel"}
    end
  end

  # What stands before an id says what it is of.
  def path_of(pattern)
    parts = pattern.split("/")
    parts.each_with_index.map { |part, index|
      if part.start_with?(":")
        theirs.fetch((part == ":id") ? parts[index - 1] : part.delete_prefix(":"))
      else
        part
      end
    }.join("/")
  end

  it "are not there, by any verb" do
    patterns = Server::Http::Routes.declared.reject { |route| route.access == :open }.map { |route| route.pattern.to_s }.grep(/:/).uniq
    paths = patterns.to_h { |pattern| [pattern, path_of(pattern)] }
    before = Server::Studios::Deletion::TABLES.to_h { |table| [table, ActiveRecord::Base.connection.select_rows("SELECT * FROM #{table} ORDER BY 1")] }.except("audit_events")
    clear_cookies
    make_studio
    sign_in
    answers = paths.flat_map do |pattern, path|
      %w[GET POST PUT DELETE PATCH].map { |verb| [verb, pattern, custom_request(verb, path, {}, "CONTENT_TYPE" => "application/json", :input => "{}").status] }
    end
    expect(answers.size).to be > 200
    expect(answers.reject { |_, _, status| status == 404 }).to eq([])
    after = before.keys.to_h { |table| [table, ActiveRecord::Base.connection.select_rows("SELECT * FROM #{table} ORDER BY 1")] }
    expect(before.select { |table, rows| (rows - after[table]).any? }.keys).to eq([])
  end
end
