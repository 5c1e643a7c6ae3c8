import { is, says, type Entry } from './meaning';

const soft = (tail: string) => is('soft-bait', { tail });
const plug = (fields: Record<string, string | number>) => is('hard-lure', fields);

export const LURES: readonly Entry[] = [
  [['soft plastic', 'soft plastic bait', 'señuelo de goma', 'goma'], is('soft-bait')],
  [['creature bait', 'lizard'], soft('twin-tail')],
  [['stick worm', 'soft stick', 'stick bait worm'], soft('straight-tail')],
  [
    [
      'soft plastic worm',
      'plastic worm',
      'finesse worm',
      'ribbon tail worm',
      'straight tail worm',
      'trick worm',
      'gusano de goma',
    ],
    is('soft-bait', { tail: 'straight-tail', girth: 'slim' }),
  ],
  [
    [
      'paddle tail',
      'paddletail',
      'swimbait',
      'soft swimbait',
      'paddle tail swimbait',
      'shad',
      'cola de paleta',
      'pez de goma',
    ],
    soft('paddle-tail'),
  ],
  [['twin tail', 'cola doble', 'curly tail', 'grub', 'curly tail grub', 'cola de hoz'], soft('twin-tail')],
  [['straight tail', 'cola recta', 'fluke', 'soft jerkbait', 'minnow soft bait'], soft('straight-tail')],
  [['salted', 'salado'], says({ material: 'soft-salted' })],
  [['floating', 'flotante'], says({ buoyancy: 'floats', material: 'soft-floating' })],
  [['suspending', 'suspendido', 'suspendiente'], says({ buoyancy: 'suspends' })],
  [['sinking', 'hundido', 'hundible'], says({ buoyancy: 'sinks' })],
  [['crankbait', 'crank', 'plug', 'wobbler'], plug({})],
  [['deep diving crankbait', 'deep crankbait', 'deep diving minnow', 'deep diver'], plug({ lip: 'deep-lip' })],
  [['shallow crankbait', 'squarebill', 'shallow minnow', 'shallow diver'], plug({ lip: 'shallow-lip' })],
  [['jerkbait'], plug({ lip: 'medium-lip', buoyancy: 'suspends' })],
  [['glide bait', 'glidebait', 'hard swimbait', 'jerked plug'], plug({ lip: 'no-lip', buoyancy: 'sinks' })],
  [['lipless', 'lipless crankbait', 'sin babero'], plug({ lip: 'no-lip', buoyancy: 'sinks' })],
  [['deep lip', 'deep diving', 'deep', 'babero hondo', 'babero largo'], says({ lip: 'deep-lip' })],
  [['medium lip', 'medium diving', 'babero medio'], says({ lip: 'medium-lip' })],
  [
    ['shallow lip', 'shallow', 'shallow diving', 'shallow running', 'babero somero', 'babero corto'],
    says({ lip: 'shallow-lip' }),
  ],
  [['no lip', 'lipless bait'], says({ lip: 'no-lip' })],
  [
    ['jigging spoon', 'metal jig', 'cuchara', 'cucharilla', 'flutter spoon', 'trolling spoon', 'casting spoon'],
    is('spoon'),
  ],
  [['frog', 'hollow frog', 'hollow body frog', 'rana', 'hollow topwater'], is('topwater', { body: 'hollow' })],
  [['hollow', 'hueco', 'hueca', 'hollow body'], says({ body: 'hollow' })],
  [['popper', 'chugger'], is('topwater', { body: 'cupped' })],
  [['stickbait', 'walking bait', 'walker', 'pencil', 'paseante'], is('topwater', { body: 'stick' })],
  [['buzzbait', 'prop bait', 'con hélice'], is('topwater', { body: 'bladed' })],
  [['jig', 'jighead', 'jig head'], is('jig-head')],
  [['bucktail', 'bucktail jig', 'hair jig'], is('skirted-jig', { blade: 'no-blade', guard: 'none' })],
  [['bladed jig', 'jig con pala', 'vibrating jig', 'swim jig'], is('skirted-jig', { blade: 'blade', guard: 'none' })],
  [['flipping jig', 'weedless jig'], is('skirted-jig', { blade: 'no-blade', guard: 'bristle' })],
  [['weed guard', 'weedguard', 'con antienganche'], says({ guard: 'bristle' })],
  [['rotating', 'rotating attractor', 'flasher', 'rotatorio'], is('attractor', { motion: 'rotating' })],
  [['swaying', 'dodger', 'oscilante', 'swaying attractor'], is('attractor', { motion: 'swaying' })],
  [['diving plane', 'diver', 'diving disc', 'paleta de profundidad'], is('diving-plane')],
  [['fly', 'trolling fly', 'streamer', 'mosca'], is('trolled-fly')],
  [['creature', 'craw trailer', 'trailer'], is('trailer')],
  [['skirt', 'faldón', 'falda'], is('skirt')],
  [
    ['harness', 'crawler harness', 'worm harness', 'spinner rig', 'montaje de lombriz'],
    is('snell', { blade: 'blade' }),
  ],
  [['snelled hook', 'snelled hooks', 'snell'], is('snell')],
];

export const BAITS: readonly Entry[] = [
  [
    ['bait fish', 'baitfish', 'pez cebo', 'herring', 'mackerel', 'alewife', 'sardine', 'sardina'],
    is('natural-bait', { bait: 'bait-fish' }),
  ],
  [
    ['live bait', 'live bait fish', 'live minnow', 'shiner', 'live shad', 'cebo vivo', 'pez vivo'],
    is('natural-bait', { bait: 'bait-fish', state: 'live' }),
  ],
  [['dead bait', 'cut bait', 'cebo muerto'], is('natural-bait', { state: 'dead' })],
  [
    ['nightcrawler', 'night crawler', 'crawler', 'earthworm', 'lombriz'],
    is('natural-bait', { bait: 'bait-worm', state: 'live' }),
  ],
  [['worm'], is('natural-bait', { bait: 'bait-worm', state: 'live' })],
  [['worm'], is('soft-bait', { tail: 'straight-tail', girth: 'slim' })],
  [['minnow'], is('natural-bait', { bait: 'bait-fish', state: 'live' })],
  [['shrimp', 'prawn', 'crayfish', 'crab', 'camarón', 'gamba', 'cangrejo'], is('natural-bait', { bait: 'crustacean' })],
  [['bait strip', 'strip', 'tira', 'tira de pescado'], is('natural-bait', { bait: 'bait-strip' })],
  [['live', 'vivo', 'viva'], says({ state: 'live' })],
  [['dead', 'muerto', 'muerta'], says({ state: 'dead' })],
];
