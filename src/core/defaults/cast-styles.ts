/**
 * Peak acceleration of the tip by casting style. A lure of mass m pulls the tip back with m·a while the rod loads.
 * Reasons: speed reached over the tip's path, v²/2s, with the path a style has room for.
 */
export const CAST_STYLES = {
  pitch: { accelerationMps2: 25, reason: 'an underhand swing from slack line, 9 m/s over 1.6 m' },
  roll: { accelerationMps2: 50, reason: 'a short side cast loaded by the turn of the wrist' },
  'two-hand': { accelerationMps2: 65, reason: 'a long smooth stroke, 24 m/s over 4.4 m' },
  overhead: { accelerationMps2: 75, reason: 'a brisk one- or two-handed stroke, 22 m/s over 3.2 m' },
  lob: { accelerationMps2: 40, reason: 'a slow swing for soft baits that would tear off' },
} as const;

export type CastStyle = keyof typeof CAST_STYLES;
