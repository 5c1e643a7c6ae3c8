/** What a strike and a fight hang on besides rod, line and hook. */
export const FIGHT_CLASSES = {
  holder: { leanRad: 0.7, reason: 'forty degrees from upright: the usual tube in a gunwale' },
  fish: {
    strikeMps: 1.5,
    runMps: 3,
    runS: 12,
    towardMps: 2.5,
    reason:
      'turns away at half a body length above cruising, runs at twice that for a dozen seconds, comes at the boat nearly as fast',
  },
  'fixed-spool': { handleM: 0.055, reason: 'one knob, axle to knob' },
  multiplier: { handleM: 0.045, reason: 'two knobs on one bar, axle to knob' },
  winding: {
    handN: 35,
    efficiency: 0.75,
    mostTurnsPerMin: 150,
    reason:
      'a hand keeps up a push of three and a half kilograms; gears, line and rings take a quarter; faster than two and a half turns a second nobody winds for long',
  },
  bait: { pullShare: 0.5, reason: 'a live bait pulls with half of its weight while it swims' },
  giving: { toRad: 0.17, reason: 'ten degrees: the rod points at the fish, with a little bend left' },
} as const;
