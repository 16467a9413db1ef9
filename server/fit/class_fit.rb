# frozen_string_literal: true

module Server
  module Fit
    # Everybody who comes to a class, fitted: from the records to the core and back.
    class ClassFit
      Choice = Sparrow::Fitting::Participant::Choice

      # @param group_class [Records::GroupClass]
      # @param only [String, nil] a person's id, where nobody else's history is wanted
      # @param document [Hash] the circuit, where it is a run's own copy
      def initialize(group_class, only: nil, document: group_class.document)
        @class = group_class
        @only = only
        @document = document
        @catalogue = group_class.studio.catalogue
        @date = group_class.day
      end

      # @return [Array<Records::RosterEntry>] in the order of the sheet
      def entries
        @entries ||= loaded
      end

      # @return [Sparrow::Plan::Timeline]
      def timeline
        @timeline ||= Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(@document, catalogue: @catalogue))
      end

      # @return [Sparrow::Fitting::Sheet]
      def sheet
        @sheet ||= fitted(entries.map { |entry| participant(entry) })
      end

      # One person alone, for a quick answer: what must be shared is seen in the whole sheet only.
      # @return [Sparrow::Fitting::Sheet, nil] nil where they are not on it
      def alone(person_id)
        entry = entries.find { |held| held.person_id == person_id }
        entry && fitted([participant(entry)])
      end

      # One person's cells as the whole sheet has them. The others are fitted too only where this
      # person uses a piece of kit that might not be enough for all.
      # @return [Array<Sparrow::Fitting::Cell>]
      def self.cells_of(group_class, person_id)
        fit = new(group_class, only: person_id)
        alone = fit.alone(person_id)
        return new(group_class).sheet.cells(person_id) if alone.could_run_short?(fit.entries.size)
        alone.cells(person_id)
      end

      # Choices that were made here and make no sense any more: they stay, and do not count.
      # @return [Array<Array(Records::Choice, String, String)>] the choice, the person's name, and why
      def set_aside
        known = entries.to_h { |entry| [entry.person_id, entry.person] }
        @class.choices.includes(:person, :instructor).order(:created_at).filter_map do |stored|
          person = known[stored.person_id]
          why = person ? reason_against(stored, person) : Sparrow.say("server.fit.they_are_marked_absent")
          [stored, stored.person.name, why] if why
        end
      end

      # @return [Hash{Array(String, String, String) => Integer}] versions of the choices, by person, block and station
      def versions
        @versions ||= @class.choices.to_h { |stored| [[stored.person_id, stored.block, stored.station], stored.version] }
      end

      # @return [String, nil]
      def movement_name(id)
        @catalogue.movement(id)&.name if id
      end

      # @return [Integer] the class's version
      def lock_version
        @class.lock_version
      end

      # @return [Array<String>] what else to know of this class before it is run
      def notices
        place = @class.place
        [(Sparrow.say("server.fit.name_has_been_archived_its_kit", name: place.name) if place&.archived_at),
          (Sparrow.say("server.fit.the_circuit_that_this_class_was") if @class.workout&.deleted_at)].compact
      end

      # @return [Sparrow::Fitting::Needs]
      def needs
        @needs ||= Sparrow::Fitting::Needs.new(sheet)
      end

      # @return [Sparrow::Fitting::RoomPlan]
      def room_plan
        @room_plan ||= Sparrow::Fitting::RoomPlan.new(sheet, kit: @class.kit_there, width_m: @class.place&.width_m, depth_m: @class.place&.depth_m)
      end

      # @return [Boolean] whether steps up are taken here, not offered
      def to_reserve?
        (@class.going_up || @class.studio.going_up) == "taken"
      end

      private

      def fitted(people)
        Sparrow::Fitting::Sheet.new(timeline, people, kit: @class.kit_there, turn: @date.jd, to_reserve: to_reserve?, catalogue: @catalogue)
      end

      def loaded
        found = @class.coming
        wanted = found.map(&:person).select { |person| @only.nil? || person.id == @only }
        People::Evidence.load(wanted)
        found
      end

      def participant(entry)
        person = entry.person
        Sparrow::Fitting::Participant.new(
          id: person.id, name: person.name, pacing_level: entry.level, estimates: person.estimates(@date, for_class: @class, catalogue: @catalogue), state: entry.tired ? "tired" : "fresh",
          sore: entry.sore || [], limits: person.limits_on(@date), newcomer: person.new_on?(@date), screening: person.screening, choices: choices_of(person), order: turns.fetch(person.id)
        )
      end

      def turns
        @turns ||= @class.turns
      end

      # What was chosen here is locked; what was chosen for the movement before is remembered.
      def choices_of(person)
        here = (choices[person.id] || []).select { |stored| reason_against(stored, person).nil? }.to_h { |stored| [[stored.block, stored.station], choice(stored, locked: true)] }
        before = remembered[person.id] || {}
        stations_by_movement.each do |movement, cells|
          found = before[movement]
          cells.each { |cell| here[cell] ||= choice(found, locked: false) } if found
        end
        here
      end

      # @return [String, nil]
      def reason_against(stored, person)
        Sparrow::Fitting::StaleChoice.reason(stations[[stored.block, stored.station]], movement: stored.movement, variation: stored.variation,
          limits: person.limits_on(@date), catalogue: @catalogue)
      end

      def stations
        @stations ||= timeline.workout.each_station.to_h { |block, station| [[block.id, station.id], station] }
      end

      def choice(stored, locked:)
        Choice.new(variation: stored.variation, number: stored.number, locked: locked, why: stored.why, by: stored.instructor&.name, on: stored.updated_at.to_date)
      end

      def choices
        @choices ||= @class.choices.includes(:instructor).group_by(&:person_id)
      end

      # @return [Hash{String => Hash{String => Records::Choice}}] person to movement to the latest choice in an earlier class
      def remembered
        @remembered ||= begin
          earlier = Records::Choice.joins(:group_class).includes(:instructor)
            .where(studio_id: @class.studio_id, person_id: entries.map(&:person_id), movement: stations_by_movement.keys)
            .where(group_classes: {starts_at: ...@class.starts_at, cancelled_at: nil}).where.not(group_class_id: @class.id)
            .order("group_classes.starts_at")
          earlier.group_by(&:person_id).transform_values { |kept| kept.to_h { |choice| [choice.movement, choice] } }
        end
      end

      def stations_by_movement
        @stations_by_movement ||= timeline.workout.each_station.select { |_, station| station.movement }
          .group_by { |_, station| station.movement.id }.transform_values { |cells| cells.map { |block, station| [block.id, station.id] } }
      end
    end
  end
end
