/** What a strike and a fight hang on besides rod, line and hook. */
export const FIGHT_CLASSES = {
  holder: { leanRad: 0.7, reason: 'forty degrees from upright: the usual tube in a gunwale' },
  'downrigger-holder': { leanRad: 1.05, reason: 'thirty degrees above level: low, to bow to the ball' },
  fish: {
    strikeMps: 1.5,
    towardShare: 0.8,
    reason: 'turns away at half a body length above cruising, comes at the boat nearly as fast as it runs',
  },
  'fixed-spool': { handleM: 0.055, reason: 'one knob, axle to knob' },
  multiplier: { handleM: 0.045, reason: 'two knobs on one bar, axle to knob' },
  winding: {
    handN: 35,
    efficiency: 0.75,
    mostTurnsPerMin: 150,
    reason:
      'a hand keeps up a push of three and a half kilograms; gears, line and guides take a quarter; nobody cranks faster than two and a half turns a second for long',
  },
  bait: { pullShare: 0.5, reason: 'a live bait pulls with half of its weight while it swims' },
  giving: { toRad: 0.17, reason: 'ten degrees: the rod points at the fish, with a little bend left' },
} as const;

/** A run by the mass of the fish; between the rows by the logarithm of the mass, beyond them as the nearest. Spread 40 %. */
export const FISH_RUNS = {
  small: { massKg: 2, runMps: 2, runS: 6, reason: 'a dozen metres, several times' },
  large: { massKg: 10, runMps: 4, runS: 12, reason: 'fifty metres at a go' },
  'very-large': { massKg: 25, runMps: 6, runS: 25, reason: 'a hundred and fifty metres before it turns' },
} as const;

/** How long a fish holds what it took before it spits it out [s]. Spread 40 %. */
export const FISH_HOLDS = {
  hard: { holdsS: 0.4, reason: 'wood, plastic or metal is felt at once' },
  topwater: { holdsS: 0.6, reason: 'taken in a lunge, with a mouth full of water' },
  soft: { holdsS: 1, reason: 'gives like food' },
  natural: { holdsS: 3, reason: 'tastes like food' },
} as const;

/** Time to set against how long the fish holds: sound to one, an edge to this. */
export const HOLDS_EDGE = 1.6;
