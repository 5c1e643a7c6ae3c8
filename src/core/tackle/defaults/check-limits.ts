/** Limits of the checks, each with its reason; the user can change every one. */
export const CHECK_LIMITS = {
  clearGap: {
    sound: 0.4,
    edge: 0.25,
    reason: 'two fifths of the gap must stand clear of the bitten body, or the point meets plastic instead of jaw',
  },
  pointStation: {
    from: 0.15,
    to: 0.65,
    slack: 0.06,
    reason:
      'over the body without its tail: a point well inside the front two thirds meets the jaw whichever end is taken',
  },
  hookBait: {
    least: 0.35,
    most: 2.2,
    reason: 'gap over the height of the bait: less is buried in it, more kills a live one',
  },
  hookSpacing: {
    least: 0.25,
    most: 0.75,
    reason: 'second hook behind the first over the length of the bait: before the vent, not in the tail',
  },
  stingerStation: {
    least: 0.55,
    most: 0.95,
    unneededUnderM: 0.1,
    neededFromM: 0.15,
    reason:
      'short strikes take the last third; beyond the tail nothing holds it, and a bait under ten centimetres is taken whole',
  },
  offCentre: {
    edge: 0.05,
    fails: 0.15,
    reason: 'to the side over the height of the body: a twentieth rolls a bait at speed, a seventh at any',
  },
  hookMass: {
    edge: 0.15,
    fails: 0.35,
    reason: 'mass of changed hooks over that of the lure: a seventh changes its swing, a third kills it',
  },
  hookReach: {
    share: 0.85,
    reason:
      'distance of two rings over the shanks of both hooks: they lock when both swing toward each other, which they rarely do to the full',
  },
  lightHook: {
    edge: 8,
    fails: 5,
    reason:
      'opening force over the force that drops the tip by a third of the rod: a blank bears nine times that force, and what opens below eight of them opens before the rod is bent far',
  },
  stoutHook: {
    edge: 0.7,
    fails: 1,
    reason: 'force to bury the hook over what the blank bears: close to it nobody dares to pull, above it nobody can',
  },
  stretch: { edge: 0.45, fails: 0.8, reason: 'stretch at the needed pull over what the sweep takes up' },
  hardwareStrength: {
    least: 1,
    most: 5,
    reason: 'weaker than the line it breaks first, five times stronger it is only weight on the nose',
  },
  crimpBore: { least: 2, most: 3.2, reason: 'the tube takes the line twice: bore over line diameter' },
  abrasion: {
    teethMm: 0.7,
    rockMm: 0.4,
    reason: 'how thick fluorocarbon must be against teeth, or dragged over stone and gill plates',
  },
  leaderOverRod: {
    cast: 0.9,
    towed: 1,
    reason: 'what cannot pass the guides must hang below the tip to cast, and within reach to land a fish',
  },
  leaderShort: { least: 0.3, reason: 'less than a forearm brings the main line or the swivel to the fish’s eye' },
  leaderWeak: { edge: 0.5, reason: 'a leader under half of the line wastes what the line could do' },
  attractorLead: {
    leastM: 0.3,
    drivenToM: 1.4,
    mostM: 4.6,
    reason:
      'leads from a forearm to two rod lengths are fished; a fly or a spoon, which nothing else drives, must be close enough for the attractor to throw it about',
  },
  attractorMood: {
    active: 0.8,
    neutral: 1,
    wary: 1.4,
    dusk: 0.85,
    reason: 'the lead shortens for hungry fish and at dusk, and grows for wary ones',
  },
  workingSpeed: { edge: 0.12, reason: 'ranges are read beside the boat to a tenth' },
  reserveLine: {
    runs: 1.2,
    leastM: 40,
    reason:
      'line that a fish may take beyond what is out: a run and a fifth for a fish of its weight, at least forty metres',
  },
  lineForFish: {
    open: 0.15,
    sparse: 0.5,
    dense: 1,
    edgeShare: 0.6,
    reason:
      'strength of the weakest joint over the weight of the fish in air: in open water a smooth drag and line on the spool land a fish of six times the line, in dense cover it must be stopped',
  },
  blank: {
    clutchEdge: 0.8,
    clutchFails: 1.2,
    reason: 'pull that the drag allows over what the blank bears: above it a rod breaks when it is lifted',
  },
  clearance: {
    downRad: 0.7,
    standingM: 0.15,
    seatedM: 0.1,
    wadingM: 0.1,
    reason: 'tip over the water when the rod is worked forty degrees down',
  },
  boatsideCircle: { leastM: 0.9, reason: 'a fish follows a turn of about a metre; a smaller circle stops the bait' },
  holder: { insideM: 0.05, reason: 'the butt must fill its holder' },
  twist: { edge: 60, fails: 200, reason: 'turns that a hundred metres of line take before it coils when slack' },
  sinkingIntoMud: {
    leadM: 0.25,
    overKg: 0.012,
    reason: 'a weight over a dozen grams goes into mud, and draws a bait on a short lead after it',
  },
  ringBore: { tipM: 0.006, buttM: 0.025, reason: 'what must pass a usual tip-top and a butt guide' },
} as const;
