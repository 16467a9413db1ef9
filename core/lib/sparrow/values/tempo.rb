# frozen_string_literal: true

module Sparrow
  # The seconds of one move as four digits: lower, pause, lift, pause.
  # “3-0-1-0” takes 4 seconds a move.
  class Tempo < Value.of(:lower_s, :low_pause_s, :lift_s, :top_pause_s)
    FORM = /\A(\d)-(\d)-(\d)-(\d)\z/

    # @param text [String] four digits joined by hyphens
    # @return [Tempo]
    # @raise [ArgumentError] where the form is another, or no time passes
    def self.parse(text)
      digits = FORM.match(text.to_s)
      raise ArgumentError, "a tempo is four digits such as 3-0-1-0" unless digits
      tempo = new(**members.zip(digits.captures.map(&:to_i)).to_h)
      raise ArgumentError, "a tempo of 0-0-0-0 takes no time" if tempo.seconds.zero?
      tempo
    end

    # @return [Integer] seconds a move
    def seconds
      lower_s + low_pause_s + lift_s + top_pause_s
    end

    def to_s
      to_a.join("-")
    end
  end
end
