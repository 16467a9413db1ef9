# frozen_string_literal: true

module Sparrow
  # The seconds of one move as four numbers: lower, pause, lift, pause.
  # “3-0-1-0” takes 4 seconds a move. What is quick may have halves: “0-0-0.5-0”.
  class Tempo < Value.of(:lower_s, :low_pause_s, :lift_s, :top_pause_s)
    FORM = /\A(\d(?:\.5)?)-(\d(?:\.5)?)-(\d(?:\.5)?)-(\d(?:\.5)?)\z/

    # @param text [String] four numbers joined by hyphens
    # @return [Tempo]
    # @raise [ArgumentError] where the form is another, or no time passes
    def self.parse(text)
      digits = FORM.match(text.to_s)
      raise ArgumentError, "a tempo is four numbers such as 3-0-1-0" unless digits
      tempo = new(**members.zip(digits.captures.map { |digit| digit.include?(".") ? Rational(digit) : digit.to_i }).to_h)
      raise ArgumentError, "a tempo of 0-0-0-0 takes no time" if tempo.seconds.zero?
      tempo
    end

    # @return [Integer, Rational] seconds a move
    def seconds
      lower_s + low_pause_s + lift_s + top_pause_s
    end

    def to_s
      to_a.map { |seconds| seconds.is_a?(Rational) ? seconds.to_f : seconds }.join("-")
    end
  end
end
