# frozen_string_literal: true

require_relative "server_helper"

# Six weekly classes of somebody who can do 1.4 times as much as the house thinks of their level, through records and HTTP:
# the sheet says what they are given, the log what they did and what they noted.
RSpec.describe "What is learned from six weekly classes" do
  let!(:studio) { signed_in_studio }
  let(:tamsin) { studio.people.create!(name: "Tamsin Okoro", level: "intermediate") }
  let(:weeks) { Array.new(6) { |week| (6 - week).weeks.ago.change(hour: 18, usec: 0) } }
  let(:catalogue) { Sparrow::Catalogue.house }
  let(:house) { Sparrow::Capacity::Profile.of_level("intermediate") }
  let(:workout) do
    stations = {"p" => ["push_up", "push_up.floor", 12], "s" => ["sit_up", "sit_up.sit_up", 12], "r" => ["row", "row.long", 12]}.map do |id, (movement, variation, reps)|
      station(id, movement: movement, levels: Sparrow::Level::ALL.to_h { |level| [level, {"variation" => variation, "reps" => reps}] })
    end
    make_workout(workout_document(intervals(stations, rounds: 3, work_s: 60, rest_s: 45)))
  end

  def truth(times = 1.4)
    house.with(strengths: house.strengths.transform_values { |strength| strength * times }.freeze)
  end

  # One class, given and logged. What they can do is simulated by the truth.
  # @yieldparam done [Integer] of what is given
  # @yieldparam left [Float] moves undone in the last set
  # @yieldreturn [Hash] what is noted
  def train(at, profile)
    group_class = send_json(:post, "/api/classes", {"workout_id" => workout["id"], "starts_at" => at.iso8601, "people" => [tamsin.id]})
    cells = send_json(:get, "/api/classes/#{group_class["id"]}/fit")["people"].first["cells"]
    run = send_json(:post, "/api/classes/#{group_class["id"]}/run", {"client_key" => SecureRandom.uuid})
    Server::Records::Run.find(run["id"]).update!(started_at: at)
    exceptions = after_class(cells, profile).map { |cell, left| {"block" => "main", "station" => cell["station"], **yield(cell["number"], left)} }
    send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [{"person_id" => tamsin.id, "present" => true, "exceptions" => exceptions.reject { |one| one.size == 2 }}]})
    expect(status).to eq(200)
    strengths
  end

  # @return [Array<Array(Hash, Float)>] each cell with what the last set of it left
  def after_class(cells, profile)
    course = Sparrow::Fitting::ClassLayout.new(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(workout["document"])))
    forecast = Sparrow::Fitting::PersonForecast.new(course, course.visits("intermediate", 0), profile)
    options = cells.map { |cell| course.asking(course.option(course.place("main", cell["station"]).index, catalogue.variation(cell["variation"]), "intermediate"), cell["number"]) }
    options.each_with_index { |option, index| forecast.give(index, option) }
    cells.each_with_index.map { |cell, index| [cell, forecast.outlooks(index, options[index]).last.left] }
  end

  def strengths
    send_json(:get, "/api/people/#{tamsin.id}")["capacity"].to_h { |estimate| estimate.values_at("pattern", "strength") }.slice("push", "trunk_flexion", "pull")
  end

  # What the number is taken times besides: a guess is not trusted whole.
  def shares(found, of: truth)
    found.to_h { |pattern, strength| [pattern, strength / of.strengths.fetch(pattern)] }
  end

  it "is within a tenth of the truth after three with exact notes, and stays there" do
    course = weeks.map { |at| shares(train(at, truth) { |done, left| {"reps" => done, "reps_left" => [left.floor, 20].min} }) }
    course.drop(2).each { |found| expect(found.values).to all(be_between(0.9, 1.1)), found.inspect }
  end

  it "never falls with nothing noted, and is at least what the targets that were met show" do
    course = weeks.map { |at| train(at, truth) { {} } }
    %w[push trunk_flexion pull].each { |pattern| expect(course.map { |found| found[pattern] }).to eq(course.map { |found| found[pattern] }.sort), pattern }
    cells = send_json(:get, "/api/classes/#{send_json(:post, "/api/classes", {"workout_id" => workout["id"], "starts_at" => 1.day.from_now.iso8601, "people" => [tamsin.id]})["id"]}/fit")["people"].first["cells"]
    expect(cells.map { |cell| cell["reserve"]["left"] }).to all(be_positive)
  end

  it "does not run away downward with “5 left” each time" do
    course = weeks.map { |at| train(at, truth) { |done, _| {"reps" => done, "reps_left" => 5} } }
    %w[push trunk_flexion pull].each { |pattern| expect(course.map { |found| found[pattern] }).to eq(course.map { |found| found[pattern] }.sort), pattern }
  end

  it "is lower for one class at most after one bad day" do
    notes = lambda { |done, left| {"reps" => done, "reps_left" => [left.floor, 20].min} }
    weeks.first(3).each { |at| train(at, truth, &notes) }
    good = strengths
    bad = train(weeks[3], truth) { |done, _| {"reps" => done / 2} }
    bad.each { |pattern, strength| expect(strength).to be_between(good[pattern] * 0.9 - 0.001, good[pattern]), pattern }
    again = train(weeks[4], truth, &notes)
    expect(shares(again).values).to all(be_between(0.9, 1.1))
  end

  it "says nothing of strength where something hurt" do
    before = strengths
    train(weeks.first, truth) { {} }
    run = Server::Records::Run.last
    body = {"submission_id" => SecureRandom.uuid, "log_version" => 1, "attendances" => [{"person_id" => tamsin.id, "present" => true, "pain" => "wrist", "exceptions" => [{"block" => "main", "station" => "p", "reps" => 2}]}]}
    send_json(:put, "/api/runs/#{run.id}/log", body)
    expect(status).to eq(200)
    expect(strengths["push"]).to eq(before["push"])
  end
end
