# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe "Ready-made circuits and tags" do
  before { signed_in_studio }

  it "are listed with what they come to, and made into circuits of one's own" do
    templates = send_json(:get, "/api/templates")["templates"]
    expect(templates.size).to be >= 10
    expect(templates.flat_map { |template| template["formats"] }.uniq - Sparrow::Plan::Format.all.map(&:id)).to eq([])
    templates.each do |template|
      workout = send_json(:post, "/api/workouts", {"template" => template["id"]})
      expect([status, workout["title"], workout["total_s"]]).to eq([201, template["title"], template["total_s"]])
    end
    send_json(:post, "/api/workouts", {"template" => "nothing"})
    expect([status, field_errors.keys]).to eq([422, ["/template"]])
  end

  it "are tagged in words, each once" do
    workout = make_workout
    line = send_json(:put, "/api/workouts/#{workout["id"]}/tags", {"tags" => ["Evening ", "evening", "Whole body"], "was" => []})
    expect(line["tags"]).to eq(["evening", "whole body"])
    expect(line["lock_version"]).to eq(1)
    send_json(:put, "/api/workouts/#{workout["id"]}/tags", {"tags" => ["a, b"], "was" => []})
    expect([status, field_errors.keys]).to eq([422, ["/tags/0"]])
    send_json(:put, "/api/workouts/#{workout["id"]}/tags", {"tags" => Array.new(13) { |index| "t#{index}" }, "was" => []})
    expect(field_errors.keys).to eq(["/tags"])
    send_json(:put, "/api/workouts/#{workout["id"]}/tags", {"tags" => Array.new(11) { |index| "t#{index}" }, "was" => []})
    expect(field_errors.keys).to eq(["/tags"])
  end

  it "keep what somebody else added or took away meanwhile" do
    workout = make_workout
    tag = ->(tags, was) { send_json(:put, "/api/workouts/#{workout["id"]}/tags", {"tags" => tags, "was" => was})["tags"] }
    tag.call(%w[one two], [])
    tag.call(%w[one two three], %w[one two])
    expect(tag.call(%w[two four], %w[one two])).to eq(%w[two three four])
  end

  it "name the formats that are trained in" do
    expect(send_json(:post, "/api/workouts", {"template" => "every-bell"})["formats"]).to eq(["every_minute"])
  end
end
