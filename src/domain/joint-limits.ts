/** How far a place in the rig can be set; schema and forms both hold to it. */
export const JOINT_LIMITS = {
  leaderM: { min: 0.03, max: 60 },
  stingerM: { min: 0, max: 0.5 },
  offCentreM: { min: -0.05, max: 0.05 },
  sidewaysRad: { min: 0, max: 1.2 },
  segments: { min: 0, max: 40 },
} as const;
