# frozen_string_literal: true

module Server
  module Classes
    # A class with its circuit, its room and its roster.
    class View < Line
      def to_h
        super.merge("document" => @class.document, "kit" => @class.kit, "going_up" => @class.going_up, "kit_there" => @class.kit_there,
          "room" => @class.place && Places::View.new(@class.place).to_h,
          "roster" => @class.roster.sort_by { |entry| [entry.person.name, entry.person_id] }.map { |entry| View.entry(entry, @class) })
      end

      def self.entry(entry, group_class)
        person = entry.person
        {"person_id" => person.id, "name" => person.name, "level" => entry.level, "present" => entry.present, "tired" => entry.tired, "sore" => entry.sore || [],
         "new" => person.new_on?(group_class.day), "screening" => person.screening}
      end
    end
  end
end
