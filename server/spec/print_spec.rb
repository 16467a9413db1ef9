# frozen_string_literal: true

require "prawn"
require_relative "server_helper"

RSpec.describe Server::Print do
  let(:studio) { make_studio }
  let(:block) { intervals([station("p", movement: "push_up"), station("s", movement: "squat")], rounds: 2, work_s: 40, rest_s: 20) }

  def gathered(document, names)
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(document), by: studio.instructors.first)
    studio.group_classes.new(starts_at: Time.utc(2026, 11, 24, 18, 30)).tap do |held|
      held.snapshot_from(workout)
      names.each { |name| held.roster.create!(studio_id: studio.id, person: studio.people.create!(name: name, level: "beginner"), level: "beginner") }
    end
  end

  def pages(pdf)
    pdf.scan(%r{/Type /Page\b}).size
  end

  def sheet(held)
    Server::Print::InstructorSheet.new(held, Server::Fit::ClassFit.new(held), held.starts_at).render
  end

  def cards(held)
    Server::Print::Cards.new(held, Server::Fit::ClassFit.new(held), held.starts_at).render
  end

  it "prints nothing that the font cannot draw, and an arrow as a word" do
    expect(Server::Print::Page.safe("10 → 12 ✓ “é” – ž")).to eq("10 to 12 ? “é” – ž")
  end

  describe Server::Print::Dates do
    time = Time.utc(2026, 11, 24, 18, 5)
    {
      "en-GB" => ["Tuesday, 24 November 2026", "24 November", "18:05"], "en-US" => ["Tuesday, November 24, 2026", "November 24", "06:05 PM"],
      "de-DE" => ["Dienstag, 24. November 2026", "24. November", "18:05"], "fr-FR" => ["mardi 24 novembre 2026", "24 novembre", "18:05"]
    }.each do |locale, written|
      it "writes a day as it is written in #{locale}" do
        dates = described_class.new(locale)
        expect([dates.whole(time), dates.short(time), dates.hours(time)]).to eq(written)
      end
    end

    it "knows every language that a studio may choose, in letters that the font can draw" do
      expect(described_class.all.keys).to match_array(Server::Team::Contract::DATE_LOCALES)
      described_class.all.each_value do |words|
        text = [*words["months"], *words["weekdays"]].join(" ")
        expect(Server::Print::Page.safe(text)).to eq(text)
      end
    end

    it "tells midnight and noon apart where hours go to twelve" do
      dates = described_class.new("en-US")
      expect([0, 11, 12, 23].map { |hour| dates.hours(Time.utc(2026, 1, 1, hour)) }).to eq(["12:00 AM", "11:00 AM", "12:00 PM", "11:00 PM"])
    end
  end

  it "makes a sheet and cards where nobody is on the roster" do
    held = gathered(workout_document(block), [])
    expect([pages(sheet(held)), pages(cards(held))]).to eq([1, 1])
  end

  def drawn_on_wall_card(**keys)
    drawn = []
    allow_any_instance_of(Prawn::Document).to receive(:draw_text).and_wrap_original { |text, words, options| drawn << words && text.call(words, options) }
    Server::Print::WallCards.new("Wall", Sparrow::Plan.read(workout_document(intervals([station("p", movement: "push_up", **keys)])))).render
    drawn.join(" ")
  end

  it "names on a wall card what stands in for a joint" do
    expect(drawn_on_wall_card(alternatives: [{"for" => "wrist", "variation" => "plank.forearm"}])).to include("instead, for wrist: Forearm plank")
  end

  it "says on a wall card that a station is a bonus" do
    expect(drawn_on_wall_card(optional: true)).to include("a bonus, for who likes")
    expect(drawn_on_wall_card).not_to include("a bonus")
  end

  describe "the room" do
    def room(held)
      Server::Print::RoomSheet.new(held, Server::Fit::ClassFit.new(held).room_plan, held.starts_at).render
    end

    def drawn_in(held)
      drawn = []
      allow_any_instance_of(Prawn::Document).to receive(:draw_text).and_wrap_original { |text, words, options| drawn << words && text.call(words, options) }
      room(held)
      drawn.join(" ")
    end

    it "stands on one page with everybody and the kit to set out" do
      held = gathered(workout_document(intervals([station("s", movement: "squat")])), ["Ada Low", "Ada High", "Bo Long"])
      held.update!(place: studio.places.create!(name: "Hall", width_m: 6, depth_m: 2, kit: {"chair" => 9}))
      expect(pages(room(held))).to eq(1)
      expect(drawn_in(held)).to include("Ada Low", "Ada High", "Bo", "3 chairs", "Front: the instructor")
    end

    it "has a page each for those who work together and for groups that rotate" do
      apart = intervals([station("a", movement: "squat"), station("b", movement: "push_up")], flow: "rotate").merge("id" => "apart")
      expect(pages(room(gathered(workout_document(block, apart), %w[Ada Bo])))).to eq(2)
    end

    it "says so where nobody is on the roster" do
      expect(pages(room(gathered(workout_document(block), [])))).to eq(1)
    end
  end

  it "makes a card for each, four to a page" do
    held = gathered(workout_document(block), %w[Ada Bo Cy Di Ed])
    expect(pages(cards(held))).to eq(2)
  end

  it "tells who is to be spoken with to speak with their instructor, and nothing of why" do
    held = gathered(workout_document(block), %w[Ada])
    yes = Sparrow::People::Screening.questions.to_h { |question| [question["id"], true] }
    held.roster.first.person.update!(health: {"screening" => {"answers" => yes, "answered_on" => "2026-11-01"}}, health_consent_at: Time.now.utc)
    drawn = []
    allow_any_instance_of(Prawn::Document).to receive(:draw_text).and_wrap_original { |text, words, options| drawn << words && text.call(words, options) }
    cards(Server::Records::GroupClass.find(held.id))
    expect(drawn.join(" ")).to include("Please speak with your instructor before you begin.")
    expect(drawn.join(" ")).not_to match(/screening|chest pain or pressure|Push-up/)
  end

  it "prints names of any alphabet without a fault" do
    held = gathered(workout_document(block), ["Željko Łoś", "Ὀδυσσεύς", "田中", "O'Brien <b>"])
    expect([pages(sheet(held)), pages(cards(held))]).to eq([1, 1])
  end

  it "prints a class of every format" do
    blocks = [{**block, "id" => "warm", "role" => "warm_up"}, block.merge("flow" => "rotate", "id" => "rotating"),
      {"id" => "a", "role" => "main", "format" => "amrap", "cap_s" => 300, "stations" => [station("x", movement: "row")]},
      {"id" => "q", "role" => "finisher", "format" => "quota", "stations" => [station("y", movement: "squat", levels: Sparrow::Level::ALL.to_h { |level| [level, {"reps" => nil, "quota" => {"min" => 20, "max" => 30}}] })]},
      pause]
    held = gathered(workout_document(*blocks), %w[Ada Bo])
    expect([pages(sheet(held)), pages(cards(held))]).to eq([1, 1])
  end
end
