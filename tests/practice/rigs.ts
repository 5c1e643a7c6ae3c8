import type { Rigged, Words } from './fact';

type Json = Readonly<Record<string, unknown>>;

const rigged =
  (rig: string, usual: Words, how: Json = {}) =>
  (parts: Words = {}, presentation: Json = {}, house?: Json): Rigged => ({
    rig,
    parts: { ...usual, ...parts },
    presentation: { ...how, ...presentation },
    ...(house ? { house } : {}),
  });

/** A ball head with a soft bait, on a spinning rod from the bank. */
export const head = rigged('jig-head', {
  rod: "7' medium fast spinning rod 7-21 g",
  reel: 'spinning reel',
  line: 'braid 15 lb',
  leader: 'fluoro 12 lb',
  'jig-head': 'jig head 10 g 3/0',
  bait: 'paddle tail 100 mm',
});

export const weightless = rigged('weightless-weedless', {
  rod: `7' MH fast casting rod 3/8-1 oz`,
  reel: 'baitcasting reel',
  line: 'fluoro 15 lb',
  leader: 'fluoro 15 lb',
  hook: 'offset worm 4/0',
  bait: 'stick worm 5 inch',
});

export const weedless = rigged('pegged-weedless', {
  rod: `7'3" heavy fast casting rod 1/2-1 1/2 oz`,
  reel: 'baitcasting reel',
  line: 'braid 50 lb',
  leader: 'fluoro 20 lb',
  weight: '3/4 oz tungsten bullet',
  hook: 'straight shank 4/0 stout',
  bait: 'soft plastic 100 mm',
});

/** A hollow frog over matted weed. */
export const frog = rigged(
  'hollow-topwater',
  {
    rod: `7'4" extra heavy fast casting rod`,
    reel: 'baitcasting reel',
    line: 'braid 65 lb',
    lure: 'hollow frog 65 mm',
  },
  { cover: 'dense', depthM: 0.1 },
);

export const plug = rigged('plug', {
  rod: `7' medium moderate casting rod 7-21 g`,
  reel: 'baitcasting reel',
  line: 'fluoro 12 lb',
  leader: 'fluoro 12 lb',
  snap: 'snap 8 mm',
  lure: 'crankbait 70 mm 14 g',
  'hook-ring': 'split ring 5 mm',
  hook: 'treble #6',
});

export const glide = rigged('jerked-plug', {
  rod: `8' extra heavy casting rod 3-8 oz`,
  reel: 'conventional reel',
  line: 'braid 80 lb',
  leader: 'fluoro 100 lb',
  trace: 'wire trace',
  snap: 'snap 10 mm',
  lure: 'glide bait 9 inch 4 oz',
});

export const spoon = rigged('spoon', {
  rod: `7' medium moderate spinning rod 10-30 g`,
  reel: 'spinning reel',
  line: 'braid 15 lb',
  swivel: 'swivel 6 mm',
  leader: 'fluoro 15 lb',
  snap: 'snap 8 mm',
  lure: 'spoon 3/4 oz',
});

/** A diving minnow at the end of forty metres of 0.28 mm nylon, the tip 1.2 m over the water. */
export const minnow = rigged(
  'towed-minnow',
  {
    rod: `7' medium trolling rod 8-17 lb`,
    reel: 'trolling reel',
    line: 'mono 0.28 mm 300 m',
    swivel: 'swivel 4 mm',
    'front-crimp': 'crimp 1.2 mm',
    leader: 'fluoro 0.28 mm',
    'rear-crimp': 'crimp 1.2 mm',
    lure: 'deep lip plug 70 mm suspending',
  },
  { speedMps: 1.5, lineOutM: 39, handHeightM: 1.2, holderRad: 1.57, wanted: { depth: { fromM: 1, toM: 10 } } },
);

export const bouncer = rigged(
  'bouncer-harness',
  {
    rod: `7' medium trolling rod 8-17 lb`,
    reel: 'trolling reel',
    line: 'braid 15 lb 0.2 mm',
    bouncer: 'bottom bouncer 1.5 oz',
    swivel: 'swivel 6 mm',
    snell: 'two hook crawler harness #4',
    bait: 'nightcrawler',
  },
  { speedMps: 0.35, bottomM: 6, lineOutM: 10, wanted: { depth: { fromM: 5, toM: 6.2 } } },
);

export const attractor = rigged(
  'fly-behind-attractor',
  {
    rod: `8'6" medium downrigger rod 8-17 lb`,
    reel: 'trolling reel',
    line: 'mono 20 lb',
    swivel: 'swivel 7 mm',
    attractor: 'flasher 8 inch',
    'rear-swivel': 'swivel 6 mm',
    leader: 'fluoro 20 lb',
    disc: 'wobble disc 24 mm',
    lure: 'trolling fly 80 mm #2',
  },
  {
    speedMps: 1,
    gear: { kind: 'downrigger', leadM: 8, cableM: 15, cable: 'steel-cable', cableDiameterM: 0.0009, ballKg: 4 },
  },
);

export const spoonBehind = rigged(
  'spoon-behind-attractor',
  {
    rod: `8'6" medium downrigger rod 8-17 lb`,
    reel: 'trolling reel',
    line: 'mono 20 lb',
    swivel: 'swivel 7 mm',
    attractor: 'dodger 8 inch',
    'rear-swivel': 'swivel 6 mm',
    leader: 'fluoro 20 lb',
    snap: 'snap 7 mm',
    lure: 'trolling spoon 90 mm',
  },
  { speedMps: 1 },
);

export const live = rigged(
  'bridled-bait',
  {
    rod: `6'6" heavy boat rod 30-50 lb`,
    reel: 'conventional reel 15 kg',
    line: 'braid 65 lb 400 m',
    swivel: 'swivel 9 mm',
    'front-crimp': 'crimp 3 mm',
    leader: 'mono 80 lb',
    'rear-crimp': 'crimp 3 mm',
    hook: 'circle 8/0 stout',
    bridle: 'bridle',
    bait: 'live bait fish 180 mm',
  },
  { fishKg: 20, speedMps: 0.3 },
);

export const dropped = rigged('drop-weight', {
  rod: `6'8" medium-light extra fast spinning rod 3-12 g`,
  reel: 'spinning reel',
  line: 'braid 10 lb',
  leader: 'fluoro 8 lb',
  hook: 'bait hook 2',
  bait: 'finesse worm 80 mm',
  tag: 'fluoro 6 lb',
  weight: 'drop shot weight 10 g',
});

export const fastHead = rigged(
  'fast-head',
  {
    rod: `7' stand-up rod 50 lb`,
    reel: 'conventional reel 18 kg',
    line: 'braid 50 lb 400 m',
    swivel: 'swivel 10 mm',
    'front-crimp': 'crimp 2.6 mm',
    leader: 'seven strand wire 120 lb',
    weight: 'cone 60 g',
    skirt: 'skirt 120 mm',
    'rear-crimp': 'crimp 2.6 mm',
    hook: 'J hook 8/0 stout',
  },
  { speedMps: 4, fishKg: 15, wanted: { depth: { fromM: 0, toM: 3 } } },
);
