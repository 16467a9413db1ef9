# frozen_string_literal: true

module Server
  module People
    # What is typed of a person, whether in the form or in a file: one set of rules.
    module Contract
      S = Sparrow::Schema
      LEVEL = S::OneOf.new(*Sparrow::Level::ALL)
      VERSION = S::IntegerType.new(1..1_000_000_000)
      CONTACT = S::Record.new({"name" => S::Text.new(length: 0..120), "phone" => S::Text.new(length: 0..40), "relation" => S::Text.new(length: 0..60)})
      TAG = S::Text.new(length: 1..30, form: /\A[^,;\n]*[^,;\s][^,;\n]*\z/, says: Sparrow.say("server.people.must_be_a_word_or_two"))
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
        problems << ["/birth_year", Sparrow.say("server.people.must_be_from_begin_to_end", begin: years.begin, end: years.end)] if year && !years.cover?(year)
        problems << ["/since", Sparrow.say("server.people.is_not_here_yet")] if given["since"] && given["since"] > (today + 1).iso8601
        problems << ["/since", Sparrow.say("server.people.is_before_they_were_born")] if given["since"] && year && given["since"].to_i < year
        problems.map { |pointer, message| Sparrow::Problem.new(pointer: pointer, message: message) }
      end
    end
  end
end
