# frozen_string_literal: true

module Sparrow
  module Standards
    # What a station's levels take from its school where they leave it open. What
    # was typed always stands.
    class Fill
      # @param school [String, nil] the station's, else its block's; nil fills nothing
      # @param shares [Hash, nil] percentages by level, in place of the house's
      # @param rest_s [Integer, nil] the rest that a level is a multiple of
      def initialize(school, house, catalogue, shares: nil, rest_s: nil)
        @school = school
        @house = house
        @catalogue = catalogue
        @shares = shares
        @rest_s = rest_s
      end

      # @param levels [Hash{String => Hash}] as in the document, without those that sit out
      # @return [Hash{String => Hash}] the same with what was open filled in; each filled
      #   level lists the keys under "filled"
      def call(levels)
        return levels unless @school && @school != "clean_reps"
        advanced = levels.fetch("advanced", {})
        filled = levels.to_h { |level, input| [level, input.merge(found(level, input, like(advanced, input))) { |_, typed, _| typed }] }
        ordered(filled)
      end

      private

      # A number of one movement says nothing of another that is counted in another way.
      def like(advanced, input)
        mine, theirs = variation(input), variation(advanced)
        return advanced if mine&.movement_id == theirs&.movement_id
        (mine && theirs && mine.measure == theirs.measure) ? advanced.except("tempo") : {}
      end

      def found(level, input, advanced)
        open = numbers(level, input, advanced).merge(beside(level, input, advanced)).compact.reject { |key, _| input.key?(key) }
        open.empty? ? {} : open.merge("filled" => open.keys)
      end

      # The number itself: reps, a hold, or a stop.
      def numbers(level, input, advanced)
        return {} if input["reps"] || input["hold_s"] || input["work_s"]
        return band(level, input) if @school == "range"
        return {} if level == "advanced"
        case @school
        when "share" then {"reps" => shared(advanced["reps"], level, input), "hold_s" => in_fives(advanced["hold_s"], share(:shares, level))}
        when "hold" then {"hold_s" => in_fives(advanced["hold_s"], share(:hold_shares, level)), "work_s" => in_fives(advanced["work_s"], share(:hold_shares, level))}
        else same_kind(input, advanced)
        end
      end

      def same_kind(input, advanced)
        return advanced.slice("reps") if counted?(input)
        advanced.slice("hold_s")
      end

      def band(level, input)
        range = counted?(input) ? @house.ranges.fetch(level) : @house.hold_ranges.fetch(level)
        {(counted?(input) ? "reps" : "hold_s") => {"min" => range.min, "max" => range.max}}
      end

      # What goes with the number: a slower lowering, a lighter bottle, a longer rest.
      def beside(level, input, advanced)
        case @school
        when "tempo" then {"tempo" => advanced["tempo"] ? lowered_from(advanced["tempo"], level) : lowered(level, input)}
        when "load" then {"load_kg" => advanced["load_kg"] && halves(Rational(advanced["load_kg"].to_s) * @house.share(:load_shares, level))}
        when "rest" then {"rest_s" => @rest_s && Rounding.to_step(@rest_s * @house.share(:rest_shares, level), 5)}
        else {}
        end
      end

      def lowered(level, input)
        tempo = variation(input)&.tempo
        more = @house.lowering_s.fetch(level)
        tempo.with(lower_s: [tempo.lower_s + more, 9].min).to_s if tempo && more.positive?
      end

      # From the advanced level's own: as much quicker as the house has its levels apart, and never slower.
      def lowered_from(typed, level)
        return if level == "advanced"
        tempo = Tempo.parse(typed)
        apart = @house.lowering_s.fetch("advanced") - @house.lowering_s.fetch(level)
        tempo.with(lower_s: (tempo.lower_s - apart).clamp([tempo.lower_s, 1].min, nil)).to_s
      end

      def halves(kilos)
        number = Rounding.to_step(kilos * 2, 1) / 2.0
        (number == number.to_i) ? number.to_i : number
      end

      def shared(reps, level, input)
        return unless reps
        return reps.transform_values { |count| shared(count, level, input) } if reps.is_a?(Hash)
        Rounding.of(reps, share(:shares, level), alternating: alternating?(input), fives_from: @house.fives_from)
      end

      # Holds go in fives; a hold shorter than five seconds stays as it is.
      def in_fives(hold, share)
        return if hold.nil?
        return hold.transform_values { |seconds| in_fives(seconds, share) } if hold.is_a?(Hash)
        return hold.map { |seconds| in_fives(seconds, share) } if hold.is_a?(Array)
        [Rounding.to_step(hold * share, 5), 5].max.clamp(nil, hold)
      end

      def share(key, level)
        return Rational(@shares[level].to_s) / 100 if @shares&.key?(level)
        @house.share(key, level)
      end

      # A lower level never gets more than a higher one on the same variation.
      def ordered(levels)
        above = nil
        Level::ALL.reverse_each do |level|
          mine = levels[level] or next
          if above && mine["filled"]&.include?("reps") && mine["variation"] == above["variation"] && plain?(mine) && plain?(above)
            mine = levels[level] = mine.merge("reps" => [mine["reps"], above["reps"]].min)
          end
          above = mine
        end
        levels
      end

      def plain?(input)
        input["reps"].is_a?(Integer)
      end

      def counted?(input)
        variation(input).nil? || variation(input).counted?
      end

      def alternating?(input)
        variation(input)&.alternating? || false
      end

      def variation(input)
        @catalogue.variation(input["variation"])
      end
    end
  end
end
