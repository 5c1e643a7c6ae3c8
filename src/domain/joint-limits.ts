/** How far a place in the rig can be set; schema and forms both hold to it. */
export const JOINT_LIMITS = {
  leaderM: { min: 0.03, max: 60 },
  stingerM: { min: 0, max: 0.5 },
  /** a pinched weight above the end of its line */
  aboveM: { min: 0.02, max: 20 },
  /** between two hooks of a snell whose front hook slides */
  spacingM: { min: 0.005, max: 0.5 },
  /** a worm longer between its hooks than they stand apart */
  slackM: { min: 0, max: 0.2 },
  offCentreM: { min: -0.05, max: 0.05 },
  sidewaysRad: { min: 0, max: 1.2 },
  segments: { min: 0, max: 40 },
} as const;
