# frozen_string_literal: true

module Sparrow
  # How one exercise becomes three.
  module Standards
    # One school: +good_for+ is the sentence that the board shows, +fills+ what a
    # level takes that leaves its number open.
    School = Value.of(:id, :name, :good_for, :fills)

    # @return [Array<School>] in the order in which they are offered
    def self.schools
      @schools ||= YAML.safe_load_file(File.join(DATA, "house", "schools.yml"))
        .map { |input| School.new(**input.transform_keys(&:to_sym)) }.freeze
    end
  end
end
