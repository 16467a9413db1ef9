# frozen_string_literal: true

module Sparrow
  module Review
    module Rules
      # A table or a bar carries somebody's weight: it has to be tested before.
      class TestedFirst < OrderRule
        TOPIC = "kit"
        SOURCE = "safety"
        # What hangs or leans on it falls with it.
        CARRYING = %w[table bar].freeze

        def findings
          places = Hash.new { |hash, piece| hash[piece] = [] }
          @workout.each_station { |block, station| @kept.made(station, :carried_by) { carried_by(station) }.each { |piece| places[piece] << [block, station] } }
          return [] if places.empty?
          pieces = places.keys.sort
          [finding("note", Place.workout, Sparrow.say("review.test_it_before_the_class", pieces: Planning::Suggest.list(pieces)), about: pieces.join("-"),
            why: Sparrow.say("review.somebody_hangs_on_it"), fix: Fix.new(label: Sparrow.say("review.it_was_tested"), patch: [left(pieces)]))]
        end

        private

        def carried_by(station)
          station.levels.each_value.flat_map { |prescription| Facts.variations_of(prescription) }.select { |variation| variation.position == "hanging" || variation.weight_on.include?("grip") }
            .flat_map(&:pieces).select { |piece| CARRYING.include?(piece) }.uniq.freeze
        end

        # It was looked at: the circuit says so itself.
        def left(pieces)
          {"op" => "add", "path" => "/left_as_is", "value" => [*@workout.document["left_as_is"], "#{self.class.slug}/#{pieces.join("-")}"]}
        end
      end
    end
  end
end
