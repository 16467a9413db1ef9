# frozen_string_literal: true

module Server
  module Classes
    # A class with its circuit, its room and its roster.
    class View < Line
      attributes :document
      attribute(:kit) { |group_class| group_class.kit }
      attribute(:kit_there) { |group_class| group_class.kit_there }
      attribute(:room) { |group_class| group_class.place && Places::View.new(group_class.place).to_h }
      attribute(:roster) do |group_class|
        group_class.roster.sort_by { |entry| [entry.person.name, entry.person_id] }.map { |entry| View.entry(entry, group_class) }
      end

      def self.entry(entry, group_class)
        person = entry.person
        {"person_id" => person.id, "name" => person.name, "lane" => entry.lane, "present" => entry.present, "tired" => entry.tired, "sore" => entry.sore || [],
         "new" => person.new_on?(group_class.day), "screening" => person.screening}
      end
    end
  end
end
