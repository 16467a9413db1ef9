# frozen_string_literal: true

module Server
  module Records
    # A row of one studio. Every statement about it names the studio: reading,
    # locking, changing and deleting by studio and id together, and associations by
    # both keys, so that studios can be spread over several databases one day and a
    # slip in one query cannot reach another studio's rows.
    module OfStudio
      extend ActiveSupport::Concern

      included do
        query_constraints :studio_id, :id
      end

      # A row never leaves its studio. (An association by both keys that is emptied
      # would take the studio away with it.)
      def []=(name, value)
        return if name.to_s == "studio_id" && value.nil?
        super
      end
    end
  end
end
