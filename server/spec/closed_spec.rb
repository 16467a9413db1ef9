# frozen_string_literal: true

require_relative "server_helper"

# What came with formats and standards is as closed as the rest.
RSpec.describe "Planning, standards and counting" do
  routes = {
    "/api/planning/targets" => :post, "/api/planning/slot" => :post, "/api/planning/fixes" => :post, "/api/planning/conditions" => :post, "/api/planning/loads" => :post, "/api/house/rules" => :put, "/api/planning/suggestion" => :post, "/api/planning/format" => :post,
    "/api/house" => :get, "/api/house/touches" => :post, "/api/templates" => :get, "/api/movements" => :get, "/api/figures/squat.parallel" => :get, "/api/figure-poses" => :get,
    "/api/people" => :get, "/api/people/csv" => :get, "/api/people/import" => :post, "/api/people/limits" => :post, "/api/people/questions" => :get,
    "/api/benchmarks" => :get, "/api/benchmarks/circuit" => :post, "/api/places" => :get, "/api/classes" => :get,
    "/api/classes/00000000-0000-4000-8000-000000000000/fit" => :get, "/api/classes/00000000-0000-4000-8000-000000000000/cards" => :get,
    "/api/classes/00000000-0000-4000-8000-000000000000/room" => :get, "/api/classes/00000000-0000-4000-8000-000000000000/room.pdf" => :get,
    "/api/classes/00000000-0000-4000-8000-000000000000/sheet.pdf" => :get, "/api/classes/00000000-0000-4000-8000-000000000000/emergency" => :get,
    "/api/movements/squat/document" => :get, "/api/runs/00000000-0000-4000-8000-000000000000/screens" => :get, "/api/runs/00000000-0000-4000-8000-000000000000/pulse" => :get, "/api/pulse" => :get, "/api/runs/00000000-0000-4000-8000-000000000000/hall" => :post, "/api/runs/00000000-0000-4000-8000-000000000000/changes?at_s=1" => :get, "/api/movements/squat/retire" => :post
  }

  routes.each do |path, method|
    it "are closed without signing in: #{method.upcase} #{path}" do
      send_json(method, path, (method == :post) ? {} : nil)
      expect(status).to eq(401)
    end
  end

  it "refuse what is not JSON, or is no object" do
    signed_in_studio
    routes.select { |path, method| method == :post && path.include?("planning") }.each_key do |path|
      send_json(:post, path, "not json")
      expect(status).to eq(400), path
      send_json(:post, path, "[]")
      expect(status).to eq(400), path
    end
  end

  it "meet strange documents with an answer, never with a fault of theirs" do
    signed_in_studio
    strange = [nil, 1, "x", [], {}, {"blocks" => 1}, {"blocks" => [1]}, {"format" => "x"}, workout_document({}), workout_document({"format" => "rounds"})]
    strange.each do |document|
      {"targets" => {}, "slot" => {"minutes" => 30}, "suggestion" => {"kind" => "warm_up", "minutes" => 5}}.each do |what, rest|
        send_json(:post, "/api/planning/#{what}", {"workout" => document, **rest})
        expect(status).to eq(422), "#{what}: #{document.inspect}"
      end
    end
    [nil, 1, [], {}, {"format" => "pause"}, {"format" => "rounds", "stations" => 3}, {"format" => "rounds", "stations" => [3]},
      {"format" => "ladder", "rounds" => "x", "stations" => [{"levels" => 3, "ladder" => []}]}].each do |block|
      send_json(:post, "/api/planning/format", {"block" => block, "format" => "chipper"})
      expect(status).to be_between(200, 499), block.inspect
    end
  end

  it "plan with a studio's own movement in that studio alone" do
    signed_in_studio
    own = send_json(:post, "/api/movements", {"copy_of" => "squat"})
    document = workout_document(intervals([{"id" => "s", "movement" => own["id"], "levels" => own["opens"]}]))
    send_json(:post, "/api/planning/targets", {"workout" => document})
    expect(status).to eq(200)
    make_studio("Other", email: "other@example.test")
    sign_in(email: "other@example.test")
    send_json(:post, "/api/planning/targets", {"workout" => document})
    expect(status).to eq(422)
    expect(field_errors.keys).to include("/workout/blocks/0/stations/0/movement")
  end

  it "log a run of each format, as planned" do
    studio = signed_in_studio
    person = studio.people.create!(name: "Kofi Penhallow", level: "beginner")
    shown = Sparrow::Plan::Format.with_stations.map { |format| Sparrow::Plan::Templates.all.find { |template| template.document["blocks"].any? { |block| block["format"] == format.id } } }.uniq
    expect(shown).to all(be)
    shown.each do |template|
      run = open_run(send_json(:post, "/api/workouts", {"template" => template.id}))
      expect(status).to eq(201), template.title
      send_json(:put, "/api/runs/#{run["id"]}/log", {"submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => [{"person_id" => person.id, "present" => true}]})
      expect(status).to eq(200), template.title
      results = send_json(:get, "/api/runs/#{run["id"]}/results")["attendances"].first["results"]
      expect(results).not_to be_empty, template.title
    end
  end
end
