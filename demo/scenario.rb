# frozen_string_literal: true

require "securerandom"
require "yaml"

# The demo: volunteers of a canal trust who train by a weir. All made up.
module Demo
  # Puts the scenario into an empty database, once.
  module Scenario
    STUDIO = "Tumbling Bay Canal Trust"
    PASSWORD = "weir-and-lock-gate"
    INSTRUCTORS = {"Ottoline Varga" => "ottoline@tumblingbay.example", "Emeka Thorsby" => "emeka@tumblingbay.example"}.freeze

    # @param now [Time] from which the past evenings are counted back
    # @return [Boolean] whether it was loaded now; false where it was there
    def self.load(now: Time.now.utc)
      return false if Server::Records::Studio.exists?(name: STUDIO)
      ActiveRecord::Base.transaction do
        studio = Server::Records::Studio.create!(name: STUDIO)
        people(studio)
        instructors = instructors(studio)
        workouts(studio, instructors.fetch("Ottoline Varga"))
        read("runs").each { |given| Evening.new(studio, instructors, given, now).write }
      end
      true
    end

    # Written in this order, so that «Lock-gate Tuesday» is the ready one that was last at hand.
    # @return [Array<Sparrow::Templates::Template>] the ready-made circuits, and one still to finish
    def self.circuits
      Sparrow::Templates.all.reverse + read("workouts").map { |given| Sparrow::Templates.read(given) }
    end

    def self.read(name)
      YAML.safe_load_file(File.join(__dir__, "#{name}.yml"))
    end

    def self.people(studio)
      read("people").each { |given| studio.people.create!(given) }
    end

    def self.instructors(studio)
      INSTRUCTORS.to_h { |name, email| [name, studio.instructors.create!(name: name, email: email, password: PASSWORD)] }
    end

    def self.workouts(studio, instructor)
      circuits.each do |circuit|
        workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(circuit.document), by: instructor)
        workout.update!(tags: circuit.tags)
      end
    end
    private_class_method :people, :instructors, :workouts
  end

  # One past run with its log.
  class Evening
    def initialize(studio, instructors, given, now)
      @studio = studio
      @given = given
      @instructor = instructors.fetch(given.fetch("led_by"))
      hour, minute = given.fetch("at").split(":").map(&:to_i)
      day = now - given.fetch("days_ago") * 86_400
      @started_at = Time.utc(day.year, day.month, day.day, hour, minute)
    end

    def write
      workout = @studio.workouts.find_by!(title: @given.fetch("workout"))
      run = Server::Records::Run.open(workout, client_key: SecureRandom.uuid, by: @instructor)
      finished_at = @started_at + run.total_s
      run.update!(started_at: @started_at, finished_at: finished_at)
      Server::LogBook.new(run).write("submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => attendances(run))
      run.update!(logged_at: finished_at + 240)
    end

    private

    def attendances(run)
      @studio.people.training.map do |person|
        typed = @given.fetch("people", {}).fetch(person.name, {})
        present = !@given.fetch("away").include?(person.name)
        {"person_id" => person.id, "present" => present, "lane" => person.lane, "effort" => @given["effort"], **typed,
         "exceptions" => exceptions(run, typed.fetch("exceptions", []))}
      end
    end

    # The files name a movement; the log wants the main station that has it.
    def exceptions(run, typed)
      typed.map do |exception|
        block = run.document["blocks"].find { |candidate| candidate["role"] == "main" }
        station = block["stations"].find { |candidate| candidate["movement"] == exception["movement"] }
        {"block" => block["id"], "station" => station["id"], **exception.except("movement")}
      end
    end
  end
end
