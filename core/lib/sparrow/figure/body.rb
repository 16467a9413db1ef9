# frozen_string_literal: true

module Sparrow
  module Figure
    # A jointed body of about 170 cm, in centimetres: house estimates, drawn from no model.
    module Body
      SIDES = %w[l r].freeze
      THIGH = 42.0
      SHIN = 41.0
      # From the ankle down to the sole, ahead to the ball, back to the heel, and from the ball to the tip.
      ANKLE = 7.0
      BALL = 13.0
      HEEL = 5.0
      TIP = 6.0
      UPPER_ARM = 29.0
      FOREARM = 26.0
      HAND = 9.0
      LOWER_TRUNK = 18.0
      UPPER_TRUNK = 32.0
      NECK = 17.0
      HEAD = 10.5
      HALF_HIPS = 8.0
      HALF_WAIST = 7.0
      HALF_SHOULDERS = 17.0
      SHOULDER_DROP = 4.0
      LEG = THIGH + SHIN
      ARM = UPPER_ARM + FOREARM

      # What is sent and drawn of a figure at an instant, in this order.
      POINTS = %w[head nose neck waist_l waist_r hip_l hip_r shoulder_l shoulder_r elbow_l elbow_r wrist_l wrist_r hand_l hand_r knee_l knee_r ankle_l ankle_r heel_l heel_r toe_l toe_r].freeze

      # What is drawn from point to point, and half how thick it is at either end.
      LIMBS = {
        "upper_arm" => ["shoulder", "elbow", 4.6, 3.7], "forearm" => ["elbow", "wrist", 3.7, 2.7], "hand" => ["wrist", "hand", 2.8, 2.6],
        "thigh" => ["hip", "knee", 7.4, 5.0], "shin" => ["knee", "ankle", 4.9, 3.3], "foot" => ["heel", "toe", 3.1, 2.2]
      }.freeze

      # Shares of the body's weight, each at a share of the way between two points.
      WEIGHTS = [
        ["head", "neck", 0.3, 0.08], ["neck", "hips", 0.3, 0.24], ["neck", "hips", 0.75, 0.26],
        *SIDES.flat_map do |side|
          [["shoulder_#{side}", "elbow_#{side}", 0.45, 0.028], ["elbow_#{side}", "wrist_#{side}", 0.5, 0.022],
            ["hip_#{side}", "knee_#{side}", 0.43, 0.1], ["knee_#{side}", "ankle_#{side}", 0.43, 0.045], ["heel_#{side}", "toe_#{side}", 0.5, 0.015]]
        end
      ].freeze

      # How far each part reaches from its point to what it lies on.
      DEPTH = {"toes" => 2.0, "heels" => 2.0, "feet" => 2.0, "knees" => 5.5, "seat" => 11.0, "back" => 11.0, "front" => 11.0, "side" => 20.0, "shoulders" => 9.0, "hands" => 3.0, "elbows" => 4.0}.freeze

      # @param points [Hash{String => Array<Float>}]
      # @return [Array<Float>] the centre of mass
      def self.balance(points)
        hips = Vector.mix(points["hip_l"], points["hip_r"], 0.5)
        sum = [0.0, 0.0, 0.0]
        all = 0.0
        WEIGHTS.each do |from, to, share, weight|
          sum = Vector.along(sum, Vector.mix(points[from], (to == "hips") ? hips : points[to], share), weight)
          all += weight
        end
        Vector.scale(sum, 1 / all)
      end

      # The muscles that a limb or a part of the trunk stands for in a drawing.
      TINTS = {
        "front of thigh" => "thigh", "back of thigh" => "thigh", "inner thigh" => "thigh", "buttocks" => "hips", "side of hip" => "hips", "hip flexors" => "hips", "calves" => "shin",
        "deep trunk" => "belly", "front of trunk" => "belly", "side of trunk" => "belly", "lower back" => "belly", "upper back" => "chest", "back" => "chest", "chest" => "chest",
        "front of shoulder" => "upper_arm", "side of shoulder" => "upper_arm", "back of shoulder" => "upper_arm", "front of upper arm" => "upper_arm", "back of upper arm" => "upper_arm",
        "forearm" => "forearm", "grip" => "forearm"
      }.freeze
      # The points at which a joint of the catalogue is ringed.
      JOINTS = {"knee" => "knee", "hip" => "hip", "ankle" => "ankle", "lower_back" => "waist", "neck" => "neck", "shoulder" => "shoulder", "elbow" => "elbow", "wrist" => "wrist"}.freeze
    end
  end
end
