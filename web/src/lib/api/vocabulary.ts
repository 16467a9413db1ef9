// Written by bin/describe: what the core declares, for the lists that forms offer.
export const MOVEMENT_WORDS = {
  "pattern": [
    "squat",
    "lunge",
    "hinge",
    "push",
    "pull",
    "trunk_flexion",
    "trunk_bracing",
    "rotation",
    "lateral_trunk",
    "gait",
    "jump",
    "balance_skill",
    "mobility",
    "stretch"
  ],
  "plane": [
    "sagittal",
    "frontal",
    "transverse"
  ],
  "role": [
    "main",
    "warm_up",
    "cool_down"
  ],
  "impact": [
    "none",
    "low",
    "high"
  ],
  "position": [
    "standing",
    "kneeling",
    "all_fours",
    "front_support",
    "prone",
    "supine",
    "side",
    "seated",
    "supported",
    "hanging"
  ],
  "space": [
    "on_the_spot",
    "mat",
    "one_step_around",
    "travelling"
  ],
  "sides": [
    "two_sided",
    "one_sided",
    "alternating"
  ],
  "counting": [
    "each",
    "per_side",
    "pair",
    "one_side"
  ],
  "measure": [
    "reps",
    "hold",
    "time"
  ],
  "levels": [
    "beginner",
    "intermediate",
    "advanced"
  ],
  "joints": [
    "knee",
    "hip",
    "ankle",
    "lower_back",
    "neck",
    "shoulder",
    "elbow",
    "wrist"
  ],
  "muscles": [
    "front of thigh",
    "back of thigh",
    "inner thigh",
    "buttocks",
    "side of hip",
    "hip flexors",
    "calves",
    "deep trunk",
    "front of trunk",
    "side of trunk",
    "lower back",
    "upper back",
    "back",
    "chest",
    "front of shoulder",
    "side of shoulder",
    "back of shoulder",
    "front of upper arm",
    "back of upper arm",
    "forearm",
    "grip"
  ],
  "strains": [
    "overhead",
    "head_low",
    "bends_forward",
    "twists",
    "straining"
  ],
  "equipment": [
    "chair",
    "wall",
    "bench",
    "step",
    "bar",
    "table",
    "band",
    "bottle",
    "mat"
  ],
  "weight_on": [
    "feet",
    "hands",
    "fists",
    "forearms",
    "knees",
    "seat",
    "back",
    "front",
    "side",
    "grip"
  ],
  "spared": [
    "knee",
    "shoulder",
    "wrist",
    "lower_back"
  ]
} as const
export const PROFILE_PATTERNS = [
  "push",
  "squat",
  "lunge",
  "hinge",
  "pull",
  "trunk_flexion",
  "trunk_bracing",
  "lateral_trunk",
  "gait",
  "jump"
] as const
export const PAIN_WHERE = [
  "knee",
  "hip",
  "ankle",
  "lower_back",
  "neck",
  "shoulder",
  "elbow",
  "wrist",
  "chest",
  "elsewhere"
] as const
export const PAIN_ACTIONS = [
  "stopped_there",
  "easier_version",
  "went_gently",
  "stopped_training",
  "sent_for_help"
] as const
export const FIGURE_POINTS = [
  "head",
  "nose",
  "neck",
  "waist_l",
  "waist_r",
  "hip_l",
  "hip_r",
  "shoulder_l",
  "shoulder_r",
  "elbow_l",
  "elbow_r",
  "wrist_l",
  "wrist_r",
  "hand_l",
  "hand_r",
  "knee_l",
  "knee_r",
  "ankle_l",
  "ankle_r",
  "heel_l",
  "heel_r",
  "toe_l",
  "toe_r"
] as const
export const FIGURE_LIMBS = {
  "upper_arm": [
    "shoulder",
    "elbow",
    4.6,
    3.7
  ],
  "forearm": [
    "elbow",
    "wrist",
    3.7,
    2.7
  ],
  "hand": [
    "wrist",
    "hand",
    2.8,
    2.6
  ],
  "thigh": [
    "hip",
    "knee",
    7.4,
    5.0
  ],
  "shin": [
    "knee",
    "ankle",
    4.9,
    3.3
  ],
  "foot": [
    "heel",
    "toe",
    3.1,
    2.2
  ]
} as const
export const FIGURE_HEAD = 10.5 as const
