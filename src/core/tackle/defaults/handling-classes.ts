/** What a rod weighs where nobody weighed it, and where that mass sits. */
export const ROD_MASS = {
  blank: {
    perLengthKg: 0.03,
    perPowerKg: 0.022,
    reason:
      'mass over the length to the power of one and a half: thirty grams, and more by the root of the power in kilograms; 0.09 kg for a light 1.8 m, 0.2 kg for a heavy 2.35 m',
  },
  bends: { share: 0.45, reason: 'blank and guides are less than half of a rod; the rest is grip and seat' },
  centre: {
    share: 0.22,
    reason: 'with the reel on, a rod balances a little ahead of the hand: over the working length',
  },
} as const;

/** Flight of a lure. */
export const FLIGHT = {
  body: {
    share: 0.6,
    reason:
      'a lure flies nose or tail first and tumbles: three fifths of what it shows the water when it sinks broadside',
  },
  air: { densityKgPm3: 1.225, reason: 'at 15 °C at the sea' },
  speed: { spread: 0.15, reason: 'one cast to the next of one angler' },
} as const;

/** What working a lure asks of the hands. */
export const HANDLING = {
  share: { value: 0.3, reason: 'of what an arm can hold for a moment: above that an arm tires within minutes' },
  jerk: { factor: 2.5, reason: 'a lure that is jerked goes two to three times as fast as it comes in on the whole' },
  lift: { speedMps: 0.9, reason: 'a jig straight below is lifted by the wrist, or wound at an even pace' },
  ferrule: { lengthM: 0.06, reason: 'what one section of a rod goes into the next' },
} as const;
