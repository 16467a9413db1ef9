# frozen_string_literal: true

module Server
  module People
    # What is typed of a person, whether in the form or in a file: one set of rules.
    module Contract
      S = Sparrow::Schema
      LEVEL = S::OneOf.new(*Sparrow::Level::ALL)
      VERSION = S::IntegerType.new(1..1_000_000_000)
      CONTACT = S::Record.new({"name" => S::Text.new(length: 0..120), "phone" => S::Text.new(length: 0..40), "relation" => S::Text.new(length: 0..60)})
      TAG = S::Text.new(length: 1..30, form: /\A[^,;\n]*[^,;\s][^,;\n]*\z/, says: "must be a word or two without a comma")
      FIELDS = {
        "name" => Team::Contract::NAME, "lane" => LEVEL, "pronouns" => S::Text.new(length: 0..40), "birth_year" => S::IntegerType.new(1900..2100),
        "since" => S::Day.new, "levels" => S::Record.new(Sparrow::Catalogue::Movement::PATTERNS.to_h { |pattern| [pattern, LEVEL] }),
        "tags" => S::List.new(TAG, size: 0..12, distinct: true, noun: "tags"), "contact" => CONTACT
      }.freeze
      NEW = S::Record.new(FIELDS, required: %w[name lane])
      CHANGE = S::Record.new(FIELDS.merge("version" => VERSION), required: %w[name lane version])
      # Nobody is younger here; who is has a group of their own.
      YOUNGEST = 10
      OLDEST = 110

      # What the forms cannot say of a person.
      # @param today [Date] where the studio is
      # @return [Array<Sparrow::Problem>]
      def self.problems(given, today:)
        year = given["birth_year"]
        years = (today.year - OLDEST)..(today.year - YOUNGEST)
        problems = []
        problems << ["/birth_year", "must be from #{years.begin} to #{years.end}"] if year && !years.cover?(year)
        problems << ["/since", "is not here yet"] if given["since"] && given["since"] > (today + 1).iso8601
        problems << ["/since", "is before they were born"] if given["since"] && year && given["since"].to_i < year
        problems.map { |pointer, message| Sparrow::Problem.new(pointer: pointer, message: message) }
      end
    end
  end
end
