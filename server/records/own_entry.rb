# frozen_string_literal: true

module Server
  module Records
    # What somebody entered of their own class: numbers, how hard it was, and what hurt. For the instructor to take, or not.
    class OwnEntry < Base
      include OfStudio

      belongs_to :group_class, class_name: "Server::Records::GroupClass"
      belongs_to :person, class_name: "Server::Records::Person"
      encrypts :content

      # @return [Hash] as in Sparrow::Logging::Form::OWN_ENTRY
      def entry
        JSON.parse(content)
      end
    end
  end
end
