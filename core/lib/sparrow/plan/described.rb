# frozen_string_literal: true

module Sparrow
  module Plan
    # The document as the description of the API shows it, and the front end's types with it: a block, a
    # station and a level with every key that any format declares. Which belong to which, its JSON Schema says.
    module Described
      extend self

      S = Schema

      # @return [Hash{String => Hash}] components of an OpenAPI description
      def components
        named = {"WorkoutDocument" => workout, "Block" => block, "Station" => station, "PrescriptionsByLevel" => levels, "Prescription" => level,
                 "RepRange" => Form::RANGE, "Counting" => Form::COUNTING, "Sides" => Form::SIDES, "School" => Form::SCALING}
        S::Components.new(named, about: {
          "WorkoutDocument" => "The open format; docs/formats/workout.schema.json says it in full.",
          "Block" => "Which keys belong to which format is said by the JSON Schema of the document."
        }).definitions
      end

      private

      def every(part)
        Format.all.map(&part).reduce({}) { |known, more| more.merge(known) }
      end

      def level
        @level ||= S::Record.new({**Form::PRESCRIPTION_KEYS, **every(:level_fields), "set_aside" => S::AnyObject.new})
      end

      def levels
        @levels ||= S::Record.new(Level::ALL.to_h { |held| [held, level] }, required: Level::ALL)
      end

      def station
        @station ||= S::Record.new({**Form::STATION_KEYS, **every(:station_fields), "levels" => levels, "set_aside" => S::AnyObject.new}, required: %w[id levels])
      end

      def block
        @block ||= begin
          own = {**Form::ANY_BLOCK, **every(:block_shapes), "format" => S::Elsewhere.new(name: "FormatId"), "scaling" => Form::SCALING, "shares" => Form::SHARES}
          S::Record.new({**own, "set_aside" => S::AnyObject.new, "stations" => S::List.new(station, size: 0..60)}, required: %w[id role format])
        end
      end

      def workout
        @workout ||= S::Record.new({**Form::WORKOUT_KEYS, "house" => S::Elsewhere.new(name: "House"), "blocks" => S::List.new(block, size: 0..30)},
          required: Form::WORKOUT_NEEDED)
      end
    end
  end
end
