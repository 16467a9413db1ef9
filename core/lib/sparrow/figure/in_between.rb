# frozen_string_literal: true

module Sparrow
  module Figure
    # The body on its way from one key pose to the next: angles at even shares, what is held
    # held, what rests resting, and a foot or a hand that moves lifted in an arc.
    class InBetween
      V = Vector
      ARC = {"feet" => 0.16, "hands" => 0.14}.freeze
      HIGHEST = 9.0
      STILL = 0.8
      CLEAR = 1.5
      ENDS = {"feet" => %w[hip knee ankle], "hands" => %w[shoulder elbow wrist]}.freeze

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

      def skeleton(pose, at, share)
        bones = Skeleton.new(pose, at)
        Body::SIDES.each { |side| limb(bones, pose, "feet", side, share) }
        Body::SIDES.each { |side| limb(bones, pose, "hands", side, share) }
        bones
      end

      def pose(share)
        from, to = [@from, @to].map { |key| key.pose.values }
        Pose.new((from.keys | to.keys).to_h do |key|
          one, other = [from[key], to[key]]
          next [key, other.nil? ? one : other] if [one, other].any?(String)
          [key, ((one || 0) + ((other || 0) - (one || 0)) * share)]
        end)
      end

      def limb(bones, pose, kind, side, share)
        one, other = [@from, @to].map { |key| key.limbs[[kind, side]] }
        held = together?(kind, one, other) ? moving(kind, side, one, other, share) : (one if one && one == other)
        placer = (kind == "feet") ? Legs : Arms
        if held || (one.nil? && other.nil? && angles?(kind, side))
          (kind == "feet") ? placer.place(bones, pose, side, held) : placer.place(bones, pose, side, held, @scene)
        else
          mixed(bones, kind, side, share)
        end
        clear(bones, side) if kind == "feet" && !held
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

      def moving(kind, side, one, other, share)
        apart = V.distance(one.point, other.point)
        lift = (apart < STILL || other.contact.slides) ? 0 : [apart * ARC.fetch(kind), HIGHEST].min * 4 * share * (1 - share)
        point = V.along(V.mix(one.point, other.point, share), V::UP, lift)
        point = [point[0], one.point[1] + (other.point[1] - one.point[1]) * first_up(one, other, share) + lift, point[2]]
        contact = (share < 0.5) ? one.contact : other.contact
        return Solver::Held.new(contact: contact, point: point) unless kind == "feet"
        contact = [other.contact, one.contact].find { |held| held.kind != "flat" } || contact
        raised = [[@from, one], [@to, other]].map { |key, held| Legs.raised(key.pose, side, held.contact.kind) }
        Solver::Held.new(contact: contact, point: point, raised: raised[0] + (raised[1] - raised[0]) * share)
      end

      # Up first and then across; across first and then down: past the edge of a step.
      def first_up(one, other, share)
        (other.point[1] > one.point[1]) ? [share * 2.4, 1].min : [share * 2.4 - 1.4, 0].max
      end

      # A free foot does not go through the floor on its way: its knee bends.
      def clear(bones, side)
        lowest = %w[heel ball toe].map { |name| bones["#{name}_#{side}"][1] }.min
        return if lowest >= CLEAR || carries?(side)
        ankle = bones["ankle_#{side}"]
        pole = V.add(V.subtract(bones["knee_#{side}"], V.mix(bones["hip_#{side}"], ankle, 0.5)), V.scale(bones.pelvis.forward, 4))
        moved = V.along(ankle, V::UP, CLEAR - lowest)
        offsets = %w[heel ball toe].to_h { |name| [name, V.subtract(bones["#{name}_#{side}"], ankle)] }
        bones.points["knee_#{side}"], end_ = bones.reach(bones["hip_#{side}"], moved, Body::THIGH, Body::SHIN, pole)
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
      def mixed(bones, kind, side, share)
        ends = ENDS.fetch(kind).map { |name| "#{name}_#{side}" }
        part = ->(key) { (kind == "feet") ? key.pelvis : key.chest }
        ends.each_cons(2) do |from, to|
          bones.points[to] = V.along(bones[from], direction(bones, part, share, from, to), V.distance(@to.bones[from], @to.bones[to]))
        end
        tips = (kind == "feet") ? %w[heel ball toe] : %w[hand]
        tips.each { |tip| bones.points["#{tip}_#{side}"] = V.along(bones[ends.last], direction(bones, part, share, ends.last, "#{tip}_#{side}"), V.distance(@to.bones[ends.last], @to.bones["#{tip}_#{side}"])) }
      end

      def direction(bones, part, share, from, to)
        local = [@from.bones, @to.bones].map do |held|
          line = V.unit(V.subtract(held[to], held[from]))
          lies = part.call(held)
          [V.dot(line, lies.forward), V.dot(line, lies.up), V.dot(line, lies.right)]
        end
        part.call(bones).direction(*V.between(*local, share))
      end
    end
  end
end
