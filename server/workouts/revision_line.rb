# frozen_string_literal: true

module Server
  module Workouts
    # A saved version in a list.
    class RevisionLine
      include Alba::Resource

      attributes :number
      attribute(:title) { |revision| revision.document["title"] }
      attribute(:saved_at) { |revision| Http::Json.instant(revision.created_at) }
      attribute(:saved_by) { |revision| revision.instructor&.name }
    end
  end
end
