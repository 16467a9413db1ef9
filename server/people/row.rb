# frozen_string_literal: true

module Server
  module People
    # A participant in the list of people. Nothing of their health is in it but
    # whether somebody should speak with them.
    class Row < Line
      def to_h
        super.merge("pronouns" => @person.pronouns, "tags" => @person.tags, "since" => @person.since&.iso8601, "new" => @person.new_on?(Date.today),
          "archived" => !@person.archived_at.nil?, "screening" => @person.screening)
      end
    end
  end
end
