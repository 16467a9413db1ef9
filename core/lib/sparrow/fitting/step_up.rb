# frozen_string_literal: true

module Sparrow
  module Fitting
    # Going up: offered where somebody could clearly do more, or taken where the class goes to the reserve.
    class StepUp
      # Offered from twice the number that is asked, and from half as much again as the level has.
      TWICE = 2
      LEVEL_TIMES = Rational(3, 2)
      # A step is a fifth more at most; to the reserve, half as much again.
      FIFTH = Rational(6, 5)
      HALF = Rational(3, 2)
      # Beyond so many times the number aimed at nobody looks.
      MOST_TIMES = 3
      # Warming up and cooling down are not trained harder.
      ROLES = %w[main finisher].freeze

      # What is offered: the option, and the most that the person could do of what they are given.
      Step = Value.row(:option, :most)

      # @param assignment [Assignment]
      def initialize(assignment)
        @assignment = assignment
      end

      # @return [Step, nil]
      def offered(index)
        given = @assignment.assigned[index]
        option = given.option
        return unless %w[fits remembered].include?(given.kind) && ready_kind?(index, option)
        most = @assignment.most(index, option, numbers(option))
        return unless most && most >= option.number * TWICE && clearly_above?(index, option, most)
        step = more(index, option, FIFTH) || next_version(index, option)
        step && Step.new(step, most)
      end

      # @param option [Option] as planned, which holds
      # @return [Option] as much as leaves the reserve: a harder version where its whole number holds, else up to half as much again
      def taken(index, option)
        return option if !option.equal?(@assignment.standard(index)) || guess?(option) || !trained?(index) || @assignment.participant.guarded?
        harder = higher(index, option).reverse.find { |above| @assignment.highest(index).holds?(index, above) }
        base = harder || option
        more(index, base, HALF) || base
      end

      # Why nothing more is given, where the class goes to the reserve and more is there.
      # @return [String, nil]
      def bound(index, option)
        return unless trained?(index)
        return Sparrow.say("fitting.bound_unmeasured") if guess?(option)
        return Sparrow.say("fitting.bound_window") if option.most && option.number && option.number + option.step > option.most
        return Sparrow.say("fitting.bound_half") if option.number && option.number + option.step > option.top * HALF
        return Sparrow.say("fitting.bound_school") if one_version?(index)
        above = @assignment.course.harder(index, @assignment.level_at(place(index))).find { |harder| harder.demand > option.demand }
        return Sparrow.say("fitting.bound_top") unless above
        @assignment.barred(index, above)
      end

      private

      def place(index)
        @assignment.course.places[index]
      end

      # Somebody of whom only the level is known is offered nothing, nor who is new or not screened: that comes first.
      def ready_kind?(index, option)
        trained?(index) && !option.number.nil? && %w[reps hold].include?(option.unit) && option.equal?(@assignment.standard(index)) && !guess?(option) && !whole?(index) && !@assignment.participant.guarded?
      end

      def trained?(index)
        ROLES.include?(place(index).block.role)
      end

      # A total over rounds or over a day is the class's own.
      def whole?(index)
        station = place(index).station
        station.counts || station.at(@assignment.level_at(place(index))).quota
      end

      def guess?(option)
        @assignment.participant.estimates.guess?(option.pattern, by_time: option.by_time?)
      end

      # What is there, whatever the window has time for.
      def numbers(option)
        (option.top * MOST_TIMES).downto(1).to_a
      end

      def clearly_above?(index, option, most)
        house = @assignment.course.house_most(index, option, numbers(option), pacing_level: @assignment.participant.pacing_level)
        house.nil? || most >= house * LEVEL_TIMES
      end

      # @return [Option, nil] the same version with more, as far as the window has time
      def more(index, option, times)
        return if option.number.nil? || option.prescription.quota || place(index).station.counts
        top = [(option.number * times).floor, option.most].compact.min / option.step * option.step
        return if top <= option.number
        number = @assignment.most(index, option, option.numbers(from: top, to: option.number + 1))
        number && @assignment.course.asking(option, number)
      end

      # Never a jump or a skill uninvited, nor two levels up.
      def next_version(index, option)
        above = higher(index, option).first
        above && @assignment.highest(index).best(index, above)
      end

      def higher(index, option)
        return [] if one_version?(index) || option.variation.nil?
        return [] if Catalogue::Alternatives.skill?(@assignment.course.movement(index, @assignment.level_at(place(index))))
        @assignment.course.harder(index, @assignment.level_at(place(index))).drop_while { |above| above.demand <= option.demand }
          .take_while { |above| above.unit == option.unit && above.demand > option.demand && (!above.hard_landing? || option.hard_landing?) && @assignment.barred(index, above).nil? }
      end

      # The school keeps one version for all: it is the number that tells the levels apart.
      def one_version?(index)
        station = place(index).station
        station.scaling && station.scaling != "variation" && station.levels.each_value.map(&:variation).uniq.size == 1
      end
    end
  end
end
