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

    # @param now [Time] all days are counted from the Tuesday that comes next
    # @return [Boolean] whether it was loaded now; false where it was there
    def self.load(now: Time.now.utc)
      return false if Server::Records::Studio.exists?(name: STUDIO)
      tuesday = coming_tuesday(now)
      ActiveRecord::Base.transaction do
        studio = Server::Records::Studio.create!(name: STUDIO, demo: true, time_zone: "Europe/London")
        read("people").each { |input| Volunteer.new(studio, input, tuesday).write }
        instructors = instructors(studio)
        workouts(studio, instructors.fetch("Ottoline Varga"))
        places = read("classes").fetch("places").to_h { |input| [input["name"], studio.places.create!(input)] }
        read("runs").each { |input| Evening.new(studio, instructors, places, input, tuesday).write }
        read("classes").fetch("coming").each { |input| Coming.new(studio, instructors, places, input, tuesday).write }
      end
      true
    end

    # They train on Tuesday evenings and on Saturday mornings.
    # @return [Date] today, where it is a Tuesday and its class has not begun
    def self.coming_tuesday(now)
      begins_s = 18 * 3600 + 30 * 60
      (0..7).map { |days| now.to_date + days }.find { |day| day.tuesday? && day.to_time(:utc) + begins_s > now }
    end

    # Written in this order, so that “Lock-gate Tuesday” is the ready one that was last at hand.
    # @return [Array<Sparrow::Plan::Templates::Template>] the ready-made circuits, and one still to finish
    def self.circuits
      Sparrow::Plan::Templates.all.reverse + read("workouts").map { |input| Sparrow::Plan::Templates.read(input) }
    end

    def self.read(name)
      YAML.safe_load_file(File.join(__dir__, "#{name}.yml"))
    end

    def self.instructors(studio)
      INSTRUCTORS.to_h { |name, email| [name, studio.instructors.create!(name: name, email: email, password: PASSWORD, role: (name == INSTRUCTORS.keys.first) ? "owner" : "instructor")] }
    end

    def self.workouts(studio, instructor)
      circuits.each do |circuit|
        workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(circuit.document), by: instructor)
        workout.update!(tags: circuit.tags)
      end
    end
    private_class_method :coming_tuesday, :instructors, :workouts
  end

  # One of the people, with what they told of themselves.
  class Volunteer
    def initialize(studio, input, today)
      @studio = studio
      @input = input
      @today = today
    end

    def write
      health = {"limits" => limits, "screening" => screening}.compact
      person = @studio.people.create!(
        **@input.slice("name", "level", "pronouns", "tags", "levels", "contact"), birth_year: @today.year - @input["age"], since: @today - @input["since"],
        health: health, health_consent_at: @today - @input["since"]
      )
      benchmarks(person)
    end

    private

    def ago(days)
      days && (@today - days).iso8601
    end

    def limits
      (@input["limits"] || []).map { |limit| limit.merge("from" => ago(limit["from"]), "until" => ago(limit["until"])).compact }
    end

    def screening
      told = @input["screening"]
      return unless told
      answers = Sparrow::People::Screening.questions.to_h { |question| [question["id"], told["told"].include?(question["id"])] }
      {"answers" => answers, "answered_on" => ago(told["answered"]), "cleared_on" => ago(told["cleared"]), "cleared_note" => told["note"]}.compact
    end

    def benchmarks(person)
      input = @input["benchmarks"]
      return unless input
      input.except("taken").each do |test, (variation, amount)|
        person.benchmarks.create!(studio_id: @studio.id, test: test, variation: variation, amount: amount, taken_on: @today - input["taken"])
      end
    end
  end

  # What a class that was and one that comes have in common.
  module Gathering
    def initialize(studio, instructors, places, input, tuesday)
      @studio = studio
      @instructors = instructors
      @places = places
      @input = input
      @tuesday = tuesday
    end

    private

    # The files name a movement; what is written wants the main station that has it.
    # @return [Array(String, String)] ids of the block and the station
    def cell(document, movement)
      block = document["blocks"].find { |candidate| candidate["role"] == "main" }
      [block["id"], block["stations"].find { |candidate| candidate["movement"] == movement }["id"]]
    end

    def gather(workout, starts_at, away)
      group_class = @studio.group_classes.new(starts_at: starts_at, slot_minutes: @input["slot"], place: @places[@input["place"]], leader: @instructors.fetch(@input.fetch("led_by")))
      group_class.snapshot_from(workout)
      @studio.people.training.each do |person|
        group_class.roster.create!(studio_id: @studio.id, person: person, level: person.level, present: away.include?(person.name) ? false : nil)
      end
      group_class
    end

    def at(day)
      hour, minute = @input.fetch("at").split(":").map(&:to_i)
      Time.utc(day.year, day.month, day.day, hour, minute)
    end
  end

  # A class still to come.
  class Coming
    include Gathering

    def write
      starts_at = at(@tuesday + @input.fetch("days_ahead"))
      group_class = gather(@studio.workouts.find_by!(title: @input.fetch("workout")), starts_at, @input.fetch("away"))
      group_class.roster.each do |entry|
        entry.update!(tired: (@input["tired"] || []).include?(entry.person.name), sore: (@input["sore"] || {}).fetch(entry.person.name, []))
      end
      (@input["choices"] || []).each { |choice| choose(group_class, choice) }
    end

    private

    def choose(group_class, input)
      block, station = cell(group_class.document, input["movement"])
      group_class.choices.create!(studio_id: @studio.id, person: @studio.people.find_by!(name: input["person"]), instructor: group_class.leader, block: block,
        station: station, **input.slice("movement", "variation", "number", "why"))
    end
  end

  # One past run with its log.
  class Evening
    include Gathering

    def write
      started_at = at(@tuesday - @input.fetch("days_before"))
      group_class = gather(@studio.workouts.find_by!(title: @input.fetch("workout")), started_at, @input.fetch("away"))
      run = Server::Records::Run.of_class(group_class, client_key: SecureRandom.uuid, by: group_class.leader)
      finished_at = started_at + run.total_s
      run.update!(started_at: started_at, finished_at: finished_at)
      Server::Runs::LogBook.new(run, by: group_class.leader).write("submission_id" => SecureRandom.uuid, "log_version" => 0, "attendances" => attendances(run))
      run.update!(logged_at: finished_at + 240)
    end

    private

    def attendances(run)
      @studio.people.training.map do |person|
        typed = @input.fetch("people", {}).fetch(person.name, {})
        present = !@input.fetch("away").include?(person.name)
        {"person_id" => person.id, "present" => present, "level" => person.level, "effort" => @input["effort"], **typed,
         "exceptions" => exceptions(run, typed.fetch("exceptions", []))}
      end
    end

    def exceptions(run, typed)
      typed.map do |exception|
        block, station = cell(run.document, exception["movement"])
        {"block" => block, "station" => station, **exception.except("movement")}
      end
    end
  end
end
