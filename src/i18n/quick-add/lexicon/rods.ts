import { is, says, type Entry } from './meaning';

const power = (word: string) => is('rod', { 'stiffness.power': word });
const action = (word: string) => says({ 'stiffness.action': word });

export const RODS: readonly Entry[] = [
  [['cast', 'casting', 'baitcast', 'baitcasting', 'casting rod', 'de lance'], is('rod', { mount: 'cast' })],
  [['spin', 'spinning', 'spinning rod'], is('rod', { mount: 'spin' })],
  [['trolling', 'downrigger', 'curricán', 'trolling rod'], says({ mount: 'trolling' })],
  [['downrigger rod', 'caña de curricán', 'caña de profundizador'], is('rod', { mount: 'trolling' })],
  [['boat rod', 'conventional rod', 'caña de barco', 'jigging rod'], is('rod', { mount: 'boat' })],
  [['stand up', 'stand up rod', 'standup'], is('rod', { mount: 'boat', family: 'stand-up' })],
  [['surf', 'surf rod', 'surfcasting', 'beach rod'], is('rod', { family: 'surf', handle: 'two-handed' })],
  [['trout rod', 'panfish rod', 'caña de trucha'], is('rod', { family: 'light' })],
  [['trout', 'panfish', 'trucha'], says({ family: 'light' })],
  [
    ['big lure', 'big bait', 'big lure rod', 'swimbait rod', 'big bait rod', 'caña de señuelos grandes'],
    is('rod', { family: 'big-lure' }),
  ],
  [['ul', 'ultralight', 'ultra light', 'ultraligera'], power('ultralight')],
  [['l', 'light', 'ligera', 'light power'], power('light')],
  [['ml', 'medium light', 'media ligera', 'semiligera'], power('medium-light')],
  [['m', 'medium', 'media', 'medium power'], power('medium')],
  [['mh', 'medium heavy', 'media pesada', 'semipesada', 'med heavy'], power('medium-heavy')],
  [['h', 'heavy', 'pesada', 'heavy power'], power('heavy')],
  [['xh', 'extra heavy', 'x heavy', 'extra pesada'], power('extra-heavy')],
  [['xxh', 'xx heavy', 'double extra heavy'], power('double-extra-heavy')],
  [['fast', 'rápida', 'fast action', 'f'], action('fast')],
  [['extra fast', 'extra rápida', 'xf', 'x fast', 'ex fast'], action('extra-fast')],
  [['moderate fast', 'mod fast', 'mf', 'semirrápida'], action('moderate-fast')],
  [['moderate', 'moderada', 'mod', 'moderate action'], action('moderate')],
  [['slow', 'lenta', 'parabolic', 'parabólica', 'slow action'], action('slow')],
  [['one handed', 'a una mano'], says({ handle: 'one-handed' })],
  [['two handed', 'a dos manos'], says({ handle: 'two-handed' })],
];

export const REELS: readonly Entry[] = [
  [
    ['spinning reel', 'fixed spool', 'bobina fija', 'carrete de spinning', 'carrete de bobina fija'],
    is('reel', { build: 'fixed-spool' }),
  ],
  [
    [
      'baitcasting reel',
      'baitcaster',
      'casting reel',
      'multiplier',
      'multiplicador',
      'bobina giratoria',
      'carrete de casting',
      'carrete rotativo',
      'rotativo',
    ],
    is('reel', { build: 'multiplier' }),
  ],
  [
    [
      'conventional reel',
      'conventional',
      'trolling reel',
      'line counter reel',
      'trolling reel line counter',
      'counter reel',
      'carrete con cuentametros',
      'boat reel',
      'carrete convencional',
      'carrete de barco',
    ],
    is('reel', { build: 'multiplier', clutch: 'star' }),
  ],
  [['star', 'star drag', 'estrella', 'freno de estrella'], says({ clutch: 'star' })],
  [['lever', 'lever drag', 'palanca', 'freno de palanca'], says({ clutch: 'lever' })],
  [['front drag', 'freno delantero'], says({ clutch: 'front' })],
  [['rear drag', 'freno trasero'], says({ clutch: 'rear' })],
  [['left hand', 'left handed', 'zurdo'], says({ handleSide: 'left' })],
  [['right hand', 'right handed', 'diestro'], says({ handleSide: 'right' })],
];
