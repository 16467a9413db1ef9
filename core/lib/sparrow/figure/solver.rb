# frozen_string_literal: true

module Sparrow
  module Figure
    # From what is written of a pose to points in the room. Poses of one figure are solved in
    # their order: a hand or a foot stays where the first pose that uses it puts it.
    class Solver
      V = Vector
      # A key pose as solved: its numbers, its bones, what each limb does, and on what it rests.
      Key = Value.of(:pose, :bones, :limbs, :anchor)
      # Straight arms and legs are never quite straight: there a joint could flip.
      NEARLY = 0.992

      # @param scene [Scene]
      def initialize(scene)
        @scene = scene
        @places = {}
      end

      # @param pose [Pose]
      # @param before [Key, nil]
      # @return [Key]
      def key(pose, before = nil)
        limbs = limbs_of(pose)
        pose = fitted(pose, limbs, before) if pose["fit"]
        settle(pose, limbs, before)
      end

      private

      # @return [Hash{Array(String, String) => Contact, nil}]
      def limbs_of(pose)
        Pose::CONTACTS.product(Body::SIDES).to_h { |limb, side| [[limb, side], pose.contact(limb, side)&.then { |word| Contact.read(word) }] }
      end

      def settle(pose, limbs, before, trial: false)
        places = @places
        @places = places.dup if trial
        at, anchor = root(pose, limbs, before)
        bones = Skeleton.new(pose, at)
        placed = place(bones, pose, limbs)
        Key.new(pose: pose, bones: trial ? bones : bones.freeze, limbs: placed.freeze, anchor: anchor)
      ensure
        @places = places
        @places.merge!(placed.filter_map { |limb, held| held.is_a?(Held) ? [[limb, held.contact.surface], held.point] : nil }.to_h) if placed && !trial
      end

      # Where the middle of the hips is.
      # @return [Array(Array<Float>, Array)] and the part that rests, with its place, where one does
      def root(pose, limbs, before)
        return rested(pose, limbs, before) if pose["rest"]
        feet = Body::SIDES.select { |side| limbs[["feet", side]] }
        z = pose["z"] || 0.0
        return [[(pose["x"] || hands_place(limbs) || 0.0).to_f, (pose["hips"] || 90).to_f, z.to_f], nil] if feet.empty?
        at = [(pose["x"] || 0.0).to_f, (pose["hips"] || 88).to_f, z.to_f]
        stance = Stance.new(pose: pose, limbs: limbs, feet: feet)
        5.times { at = tall(stance, balanced(stance, at)) }
        [at, nil]
      end

      # The weight over the feet.
      def balanced(stance, at)
        pose = stance.pose
        return at if pose["x"] && pose["z"]
        bones, held = tried(stance, at)
        middle = V.scale(held.reduce([0.0, 0.0, 0.0]) { |sum, foot| V.add(sum, foot.point) }, 1.0 / held.size)
        weight = Body.balance(bones.points)
        ahead = (held.map { |foot| foot.contact.kind }.uniq == %w[toes]) ? 1 : 7
        [pose["x"] ? at[0] : at[0] + middle[0] - ahead - weight[0], at[1], pose["z"] ? at[2] : at[2] + middle[2] - weight[2]]
      end

      # As tall as the legs allow.
      def tall(stance, at)
        return at if stance.pose["hips"]
        bones, held = tried(stance, at)
        heights = stance.feet.zip(held).map do |side, foot|
          ankle = Leg.new(bones, stance.pose, side).ankle(foot)
          hip = bones["hip_#{side}"]
          ankle[1] + Math.sqrt([(Body::LEG * NEARLY)**2 - (hip[0] - ankle[0])**2 - (hip[2] - ankle[2])**2, 100].max) - (hip[1] - at[1])
        end
        [at[0], heights.min, at[2]]
      end

      def tried(stance, at)
        bones = Skeleton.new(stance.pose, at)
        placed = place(bones, stance.pose, stance.limbs)
        [bones, stance.feet.map { |side| placed[["feet", side]] }]
      end

      def hands_place(limbs)
        surface = Body::SIDES.filter_map { |side| limbs[["hands", side]]&.surface }.first
        surface && @scene.place(surface)
      end

      # @return [Array] the hips' place such that what rests lies on its surface
      def rested(pose, limbs, before)
        word, *rest = pose["rest"].split
        part, side = word.split("_")
        shift = rest.find { |text| text.start_with?("@") }&.delete_prefix("@")&.split(",")&.map(&:to_f)
        surface = rest.find { |text| text.match?(/\A[a-z]/) }
        bones = Skeleton.new(pose)
        # Limbs that hold on to the room are bent later: nothing rests on them.
        place(bones, pose, limbs.transform_values { |contact| contact&.body? ? contact : nil })
        point = RestPoint.of(bones, part, side)
        x = shift&.first || @scene.place(surface) || (before && RestPoint.of(before.bones, part, side)[0]) || 0.0
        y = @scene.height(surface) + Body::DEPTH.fetch(part)
        at = [x - point[0], y - point[1], shift&.at(1) || pose["z"] || before&.bones&.at&.at(2) || 0.0]
        [at.map(&:to_f), [part, side, V.add(at, point)]]
      end

      # Who stands: the pose, what its limbs do, and the sides on which a foot is down.
      Stance = Value.of(:pose, :limbs, :feet)
      # A hold and its place; +raised+ is how far a foot is tipped on its way from flat to the toes or the heel.
      Held = Value.of(:contact, :point, :raised)

      # @return [Hash] by limb: what it holds to and where, or the words by which it hangs
      def place(bones, pose, limbs)
        held = limbs.to_h { |key, contact| [key, (contact && !contact.body?) ? Held.new(contact: contact, point: spot(bones, pose, [key, contact])) : contact] }
        Body::SIDES.each { |side| Leg.new(bones, pose, side).place(held[["feet", side]]) }
        Body::SIDES.sort_by { |side| held[["hands", side]].is_a?(Contact) ? 1 : 0 }.each { |side| Arm.new(bones, pose, side).place(held[["hands", side]], @scene) }
        held
      end

      # Where a hand or a foot holds: where it is written, where it was, or where the limb falls.
      def spot(bones, pose, limb)
        key, contact = limb
        known = @places[[key, contact.surface]]
        surface = contact.surface
        height = @scene.height(surface)
        part, side = key
        fallen = (part == "feet") ? Leg.new(bones, pose, side).spot : Arm.new(bones, pose, side).spot(contact)
        if @scene.upright?(surface)
          x = @scene.place(surface)
          y = contact.x || known&.at(1) || fallen[1] + (contact.by[0] || 0)
          return [x, y.to_f, (contact.z&.then { |aside| twin?(pose) ? aside * Skeleton.sign(side) : aside } || known&.at(2) || fallen[2] + (contact.by[1] || 0)).to_f]
        end
        x = if contact.x
          contact.x + ((part == "feet") ? Body::BALL : 0)
        else
          known && contact.by.empty? && known[0]
        end
        x ||= (@scene.place(surface) || fallen[0]) + (contact.by[0] || 0) + ((surface && part == "feet" && @scene.place(surface)) ? 4 : 0)
        z = contact.z&.then { |aside| (part == "hands" && twin?(pose)) ? aside * Skeleton.sign(side) : aside } || (known && contact.by[1].nil? && known[2]) || fallen[2] + (contact.by[1] || 0) * Skeleton.sign(side)
        [x.to_f, height, z.to_f]
      end

      # @return [Boolean] whether both hands are written alike: a place to the side then holds for each on its own
      def twin?(pose)
        pose["hands_l"] == pose["hands_r"]
      end

      # A pose whose angle is turned until what it should meet is met.
      def fitted(pose, limbs, before)
        name, what, amount = pose["fit"].split
        keys = Pose::SIDED.include?(name) ? Body::SIDES.map { |side| "#{name}_#{side}" } : [name]
        start = pose.angle(keys.first)
        miss = lambda do |angle|
          tried = settle(Pose.new(pose.values.merge(keys.to_h { |key| [key, angle] })), limbs, before, trial: true)
          Fit.miss(tried, what, amount: amount.to_f, scene: @scene)
        end
        angle = Fit.solve(start, &miss)
        raise ArgumentError, "#{pose["fit"]} finds no angle" unless angle
        Pose.new(pose.values.merge(keys.to_h { |key| [key, angle] }).except("fit"))
      end
    end
  end
end
