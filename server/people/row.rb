# frozen_string_literal: true

module Server
  module People
    # A participant in the list of people. Nothing of their health is in it but
    # whether somebody should speak with them.
    class Row < Line
      attributes :pronouns, :tags
      attribute(:since) { |person| person.since&.iso8601 }
      attribute(:new) { |person| person.new_on?(Date.today) }
      attribute(:archived) { |person| !person.archived_at.nil? }
      attribute(:screening) { |person| person.screening }
    end
  end
end
