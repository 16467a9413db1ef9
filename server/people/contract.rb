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
        "name" => Team::Contract::NAME, "level" => LEVEL, "pronouns" => S::Text.new(length: 0..40), "birth_year" => S::IntegerType.new(1900..2100),
        "since" => S::Day.new, "levels" => S::Record.new(Sparrow::Catalogue::Movement::PATTERNS.to_h { |pattern| [pattern, LEVEL] }),
        "tags" => S::List.new(TAG, size: 0..12, distinct: true, noun: "tags"), "contact" => CONTACT
      }.freeze
      NEW = S::Record.new(FIELDS, required: %w[name level], formerly: Sparrow::Logging::Form::FORMERLY)
      CHANGE = S::Record.new(FIELDS.merge("version" => VERSION), required: %w[name level version], formerly: Sparrow::Logging::Form::FORMERLY)
      # What the forms cannot say of a person.
      # @param today [Date] where the studio is
      # @return [Array<Sparrow::Problem>]
      def self.problems(input, today:)
        Sparrow::People::Membership.validation_errors(input["birth_year"], input["since"], today: today)
      end
    end
  end
end
