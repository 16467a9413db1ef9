# frozen_string_literal: true

module Server
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
      @date = group_class.starts_at.to_date
    end

    # @return [Array<Records::RosterEntry>] in the order of the sheet
    def entries
      @entries ||= loaded
    end

    # @return [Sparrow::Timeline]
    def timeline
      @timeline ||= Sparrow::Timeline.compile(Sparrow::Circuit.read(@document, catalogue: @catalogue))
    end

    # @return [Sparrow::Fitting::Sheet]
    def sheet
      @sheet ||= Sparrow::Fitting::Sheet.new(timeline, entries.map { |entry| participant(entry) }, kit: @class.kit_there, catalogue: @catalogue)
    end

    # One person alone, for a quick answer: what must be shared is seen in the whole sheet only.
    # @return [Sparrow::Fitting::Sheet]
    def alone(person_id)
      place = entries.index { |entry| entry.person_id == person_id }
      Sparrow::Fitting::Sheet.new(timeline, [participant(entries[place])], kit: @class.kit_there, from: place, catalogue: @catalogue)
    end

    # @return [Sparrow::Fitting::Needs]
    def needs
      @needs ||= Sparrow::Fitting::Needs.new(sheet)
    end

    private

    def loaded
      found = @class.coming
      wanted = found.map(&:person).select { |person| @only.nil? || person.id == @only }
      Evidence.load(wanted)
      found
    end

    def participant(entry)
      person = entry.person
      Sparrow::Fitting::Participant.new(
        id: person.id, name: person.name, lane: entry.lane, estimates: person.estimates(@date, for_class: @class, catalogue: @catalogue), state: entry.tired ? "tired" : "fresh",
        sore: entry.sore || [], limits: person.limits_on(@date), newcomer: person.new_on?(@date), screening: person.screening, choices: choices_of(person)
      )
    end

    # What was chosen here is locked; what was chosen for the movement before is remembered.
    def choices_of(person)
      here = (choices[person.id] || []).to_h { |choice| [[choice.block, choice.station], choice(choice, locked: true)] }
      before = remembered[person.id] || {}
      stations_by_movement.each do |movement, cells|
        found = before[movement]
        cells.each { |cell| here[cell] ||= choice(found, locked: false) } if found
      end
      here
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
