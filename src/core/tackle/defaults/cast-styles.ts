/**
 * Peak acceleration of the tip by casting style, a lure of mass m pulling the tip back with m·a while the rod loads; the
 * speed that the hands give the tip of a rod of 1.8 m; and the angle at which the lure leaves, above level.
 * Reasons: speed reached over the tip's path, v²/2s, with the path a style has room for.
 */
export const CAST_STYLES = {
  pitch: {
    accelerationMps2: 25,
    tipMps: 9,
    launchRad: 0.2,
    reason: 'an underhand swing from slack line, 9 m/s over 1.6 m, low over the water',
  },
  roll: {
    accelerationMps2: 50,
    tipMps: 15,
    launchRad: 0.3,
    reason: 'a short side cast loaded by the turn of the wrist',
  },
  'two-hand': { accelerationMps2: 65, tipMps: 24, launchRad: 0.6, reason: 'a long smooth stroke, 24 m/s over 4.4 m' },
  overhead: {
    accelerationMps2: 75,
    tipMps: 22,
    launchRad: 0.55,
    reason: 'a brisk one- or two-handed stroke, 22 m/s over 3.2 m',
  },
  lob: {
    accelerationMps2: 40,
    tipMps: 17,
    launchRad: 0.65,
    reason: 'a slow high swing for soft baits that would tear off',
  },
} as const;

export type CastStyle = keyof typeof CAST_STYLES;
