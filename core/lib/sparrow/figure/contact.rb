# frozen_string_literal: true

module Sparrow
  module Figure
    # What a hand or a foot does: “flat step @20”, “palm wall @,130”, “grip bar”, or on the body itself, “hips”.
    # +x+, +z+ and +y+ are places in the room, +by+ a shift from where it would be by itself.
    class Contact < Value.of(:kind, :surface, :x, :z, :by, :slides)
      FEET = %w[flat toes heel].freeze
      HANDS = %w[palm fist grip tips forearm].freeze
      # On the body: what a hand is laid on.
      BODY = %w[hips thighs knees shins ankles ears head chest crossed belly shoulders other_elbow together clasp behind low_back under_thigh under_other other_knee].freeze

      def self.read(word)
        kind, *rest = word.split
        raise ArgumentError, "#{kind} is no contact" unless [*FEET, *HANDS, *BODY].include?(kind)
        place = rest.find { |part| part.start_with?("@") }&.delete_prefix("@")&.split(",", -1)
        shift = rest.find { |part| part.match?(/\A[+-]\d/) }
        number = ->(text) { text.to_s.empty? ? nil : text.to_f }
        new(kind: kind, slides: rest.include?("slide"), surface: rest.find { |part| part != "slide" && part.match?(/\A[a-z]/) }, x: place && number.call(place[0]), z: place && number.call(place[1]), by: shift.to_s.split(",").map(&:to_f))
      end

      def body?
        BODY.include?(kind)
      end
    end
  end
end
