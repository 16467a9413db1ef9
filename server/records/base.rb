# frozen_string_literal: true

module Server
  module Records
    # What all tables share.
    class Base < ActiveRecord::Base
      self.abstract_class = true

      def self.table_name
        @table_name ||= name.split("::").last.underscore.pluralize
      end

      # An id from an address: anything that is no UUID is simply not there.
      # @raise [ActiveRecord::RecordNotFound]
      def self.fetch(id)
        raise ActiveRecord::RecordNotFound unless id.to_s.match?(/\A\h{8}-\h{4}-\h{4}-\h{4}-\h{12}\z/)
        find(id)
      end
    end
  end
end
