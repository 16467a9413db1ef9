# frozen_string_literal: true

module Sparrow
  module Figure
    # The body on its way from one key pose to the next: angles at even shares, what is held
    # held, what rests resting, and a foot or a hand that moves lifted in an arc.
    class InBetween
      V = Vector
      STILL = 0.8
      CLEAR = 1.5
      ENDS = {"feet" => %w[hip knee ankle], "hands" => %w[shoulder elbow wrist]}.freeze
      TIPS = {"feet" => %w[heel ball toe], "hands" => %w[hand]}.freeze

      # @param from [Solver::Key]
      # @param to [Solver::Key]
      # @param scene [Scene]
      def initialize(from, to, scene)
        @from = from
        @to = to
        @scene = scene
        @resting = [@to, @from].filter_map(&:anchor).select { |anchor| resting?(anchor) }.min_by { |_, side| side ? 0 : 1 }
      end

      # @param share [Float] 0 at one pose, 1 at the other
      # @return [Skeleton]
      def at(share)
        pose = pose(share)
        bones = skeleton(pose, V.mix(@from.bones.at, @to.bones.at, share), share)
        return bones.freeze unless @resting
        part, side, place = @resting
        skeleton(pose, V.add(bones.at, V.subtract(place, RestPoint.of(bones, part, side))), share).freeze
      end

      private

      def resting?(anchor)
        part, side, _place = anchor
        V.distance(RestPoint.of(@from.bones, part, side), RestPoint.of(@to.bones, part, side)) < STILL
      end

      # An instant on the way: its bones as far as they are placed, its angles, and how far it is.
      Instant = Value.of(:bones, :pose, :share)

      def skeleton(pose, at, share)
        instant = Instant.new(bones: Skeleton.new(pose, at), pose: pose, share: share)
        Body::SIDES.each { |side| leg(instant, side) }
        Body::SIDES.each { |side| arm(instant, side) }
        instant.bones
      end

      def pose(share)
        from, to = [@from, @to].map { |key| key.pose.values }
        Pose.new((from.keys | to.keys).to_h do |key|
          one, other = [from[key], to[key]]
          next [key, other.nil? ? one : other] if [one, other].any?(String)
          [key, ((one || 0) + ((other || 0) - (one || 0)) * share)]
        end)
      end

      def leg(instant, side)
        held = held(instant, "feet", side)
        if held || plain?("feet", side)
          Leg.new(instant.bones, instant.pose, side).place(held)
        else
          mixed(instant, "feet", side)
        end
        clear(instant.bones, side) unless held
      end

      def arm(instant, side)
        held = held(instant, "hands", side)
        if held || plain?("hands", side)
          Arm.new(instant.bones, instant.pose, side).place(held, @scene)
        else
          mixed(instant, "hands", side)
        end
      end

      # @return [Solver::Held, Contact, nil] what a limb goes on holding, or touching
      def held(instant, kind, side)
        one, other = [@from, @to].map { |key| key.limbs[[kind, side]] }
        return Moving.new(@from, @to, [kind, side]).at(instant.share) if together?(kind, one, other)
        one if one && one == other
      end

      # @return [Boolean] whether both poses tell the limb by its angles
      def plain?(kind, side)
        [@from, @to].all? { |key| key.limbs[[kind, side]].nil? } && angles?(kind, side)
      end

      # A hand that changes from the forearm to the palm lets go meanwhile.
      def together?(kind, one, other)
        [one, other].all?(Solver::Held) && (kind == "feet" || one.contact.kind == other.contact.kind)
      end

      # @return [Boolean] whether both poses tell the limb by the same kind of thing
      def angles?(kind, side)
        key = "#{(kind == "feet") ? "hip" : "arm"}_#{side}"
        words = [@from.pose[key], @to.pose[key]]
        words.none?(String) || words.uniq.size == 1
      end

      # A free foot does not go through the floor on its way: its knee bends.
      def clear(bones, side)
        lowest = %w[heel ball toe].map { |name| bones["#{name}_#{side}"][1] }.min
        return if lowest >= CLEAR || carries?(side)
        ankle = bones["ankle_#{side}"]
        pole = V.add(V.subtract(bones["knee_#{side}"], V.mix(bones["hip_#{side}"], ankle, 0.5)), V.scale(bones.pelvis.forward, 4))
        moved = V.along(ankle, V::UP, CLEAR - lowest)
        offsets = %w[heel ball toe].to_h { |name| [name, V.subtract(bones["#{name}_#{side}"], ankle)] }
        bones.points["knee_#{side}"], end_ = bones.reach([bones["hip_#{side}"], moved], Body::THIGH, Body::SHIN, pole: pole)
        bones.points["ankle_#{side}"] = end_
        offsets.each { |name, offset| bones.points["#{name}_#{side}"] = V.add(end_, offset) }
      end

      # @return [Boolean] whether the body rests on this leg
      def carries?(side)
        [@from, @to].all? do |key|
          part, rested = key.anchor
          %w[knees toes feet heels].include?(part) && (rested.nil? || rested == side)
        end
      end

      # Where one pose holds and the other does not: each bone's direction, as seen from the trunk, is mixed.
      def mixed(instant, kind, side)
        ends = ENDS.fetch(kind).map { |name| "#{name}_#{side}" }
        tips = TIPS.fetch(kind).map { |tip| [ends.last, "#{tip}_#{side}"] }
        [*ends.each_cons(2), *tips].each do |from, to|
          instant.bones.points[to] = V.along(instant.bones[from], direction(instant, kind, [from, to]), V.distance(@to.bones[from], @to.bones[to]))
        end
      end

      def direction(instant, kind, ends)
        local = [@from.bones, @to.bones].map do |bones|
          line = V.unit(V.subtract(bones[ends[1]], bones[ends[0]]))
          lies = part(bones, kind)
          [V.dot(line, lies.forward), V.dot(line, lies.up), V.dot(line, lies.right)]
        end
        part(instant.bones, kind).direction(*V.between(*local, instant.share))
      end

      def part(bones, kind)
        (kind == "feet") ? bones.pelvis : bones.chest
      end
    end
  end
end
