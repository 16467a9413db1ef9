# frozen_string_literal: true

require "csv"
require_relative "server_helper"

RSpec.describe "People as CSV, there and back" do
  let!(:studio) { signed_in_studio }

  def import(csv, apply: true)
    send_json(:post, "/api/people/import", {"csv" => csv, "apply" => apply})
  end

  def exported
    get("/api/people/csv").body.force_encoding("UTF-8")
  end

  names = ["-Ann", "'-Ann", "''=x", "=1+1", "+49 Ann", "@home", "＝full", "Ann, \"the\" Fox", "Ann; Bea", " spaced ", "O'Brien", "田中", "Ž", "'quoted'", "’tis", "-", "\tTab", "a\nb"]

  it "changes nothing when the export is imported as it is, whatever the names are" do
    names.each_with_index do |name, index|
      studio.people.create!(name: name, level: "beginner", pronouns: "-they", tags: ["=tag", "a;b"], levels: {"push" => "advanced"}, since: "2025-01-0#{index % 9 + 1}",
        birth_year: 1980, contact: {"name" => "=Ines", "phone" => "+44 555 0101", "relation" => "sister"})
    end
    before = studio.people.order(:id).map(&:attributes)
    answer = import(exported)
    expect(answer["rows"].map { |row| row["action"] }.tally).to eq("same" => names.size)
    expect([answer["applied"], studio.people.order(:id).map(&:attributes)]).to eq([true, before])
  end

  it "guards every cell that a spreadsheet would take for a formula, and no other" do
    names.each { |name| studio.people.create!(name: name, level: "beginner") }
    cells = CSV.parse(exported, headers: true).map { |row| row["name"] }
    expect(cells.grep(/\A[=+\-@\t\r\uFF1D]/)).to eq([])
    expect(cells).to include("'-Ann", "''-Ann", "O'Brien", "'quoted'")
  end

  it "brings a new person in under the very name that went out" do
    studio.people.create!(name: "-Ann", level: "beginner")
    text = exported.lines.map { |line| line.sub(/\A[0-9a-f-]{36}/, "") }.join
    studio.people.destroy_all
    answer = import(text)
    expect(answer["rows"].map { |row| row["errors"] }).to eq([[]])
    expect(studio.reload.people.pluck(:name)).to eq(["-Ann"])
  end

  {"tags without end" => ["name,tags\nAnn,\"#{Array.new(40) { |index| "t#{index}" }.join(";")}\"\n", /tags/], "a telephone without end" => ["name,contact_phone\nAnn,#{"5" * 300}\n", /contact phone/],
   "a day to come" => ["name,since\nAnn,2099-01-01\n", /since/], "a year of birth to come" => ["name,birth_year\nAnn,2025\n", /birth_year|birth year/], "a level that is none" => ["name,level\nAnn,expert\n", /level/],
   "a pattern that is none" => ["name,levels\nAnn,flying: advanced\n", /levels/], "a name that nobody can see" => ["name\n\u200b\u200b\n", /name/], "training before birth" => ["name,birth_year,since\nAnn,1990,1980-01-01\n", /born/]}.each do |name, (csv, says)|
    it "is as strict as the form about #{name}" do
      answer = import(csv)
      expect(answer["rows"].first["errors"].join).to match(says)
      expect([answer["applied"], studio.people.count]).to eq([false, 0])
    end
  end

  it "leaves the relation of a contact when only the telephone is in the file" do
    ann = studio.people.create!(name: "Ann", level: "beginner", contact: {"name" => "Ines", "phone" => "1", "relation" => "sister"})
    import("name,contact_phone\nAnn,222\n")
    expect(ann.reload.contact).to eq("name" => "Ines", "phone" => "222", "relation" => "sister")
  end

  it "keeps a person who was imported such that the form saves them again" do
    import("name,tags,contact_phone\nAnn,lock crew; early,555\n")
    ann = send_json(:get, "/api/people/#{studio.people.first.id}")
    send_json(:put, "/api/people/#{ann["id"]}", {**ann.slice("name", "level", "levels", "tags", "contact"), "version" => ann["version"]})
    expect(status).to eq(200)
  end

  it "counts up the version of who was changed, so that an open form does not overwrite it" do
    ann = studio.people.create!(name: "Ann", level: "beginner")
    import("name,level\nAnn,advanced\n")
    send_json(:put, "/api/people/#{ann.id}", {"name" => "Ann", "level" => "beginner", "version" => 1})
    expect([status, ann.reload.level]).to eq([409, "advanced"])
  end

  it "gives up a file that is too long before it is read" do
    rows = "name\n#{"Ann\n" * 120_000}"
    read = 0
    allow_any_instance_of(CSV).to receive(:shift).and_wrap_original { |shift| shift.call.tap { read += 1 } }
    expect(import(rows.slice(0, 499_000))["errors"].first).to include("more than 500 rows")
    expect(read).to eq(502) # the header, five hundred rows and the one too many
    expect(import("name\n\"#{"x" * 5000}\"\n")["errors"].first).to include("not CSV")
  end

  it "reads a file with semicolons between its columns, as some spreadsheets write it" do
    expect(import("name;level\nAnn;advanced\n")["applied"]).to be(true)
    expect(studio.people.first).to have_attributes(name: "Ann", level: "advanced")
  end
end
