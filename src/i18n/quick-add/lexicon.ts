import type { PartKind } from '@/domain/parts';

/** What a word on a part says: its kind, words for its fields, or both. */
export interface Meaning {
  readonly kind?: PartKind;
  readonly fields?: Readonly<Record<string, string>>;
}

const kind = (kindOfPart: PartKind, fields?: Record<string, string>): Meaning => ({ kind: kindOfPart, ...(fields ? { fields } : {}) });
const says = (fields: Record<string, string>): Meaning => ({ fields });
const hook = (style: string) => kind('hook', { style });
const hardware = (form: string) => kind('hardware', { form });
const power = (word: string) => kind('rod', { 'stiffness.power': word });
const action = (word: string) => says({ 'stiffness.action': word });

/** English and Spanish together: a box holds both, and no word of one says something else in the other. */
export const LEXICON: Readonly<Record<string, Meaning>> = {
  rod: kind('rod'), caña: kind('rod'), cast: kind('rod', { mount: 'cast' }), casting: kind('rod', { mount: 'cast' }), spin: kind('rod', { mount: 'spin' }), spinning: kind('rod', { mount: 'spin' }),
  trolling: says({ mount: 'trolling' }), curricán: says({ mount: 'trolling' }), 'boat rod': kind('rod', { mount: 'boat' }), 'caña de barco': kind('rod', { mount: 'boat' }),
  ul: power('ultralight'), ultralight: power('ultralight'), ultraligera: power('ultralight'), l: power('light'), light: power('light'), ligera: power('light'),
  ml: power('medium-light'), 'medium light': power('medium-light'), m: power('medium'), medium: power('medium'), media: power('medium'),
  mh: power('medium-heavy'), 'medium heavy': power('medium-heavy'), h: power('heavy'), heavy: power('heavy'), pesada: power('heavy'),
  xh: power('extra-heavy'), 'extra heavy': power('extra-heavy'), xxh: power('double-extra-heavy'),
  fast: action('fast'), rápida: action('fast'), 'extra fast': action('extra-fast'), 'extra rápida': action('extra-fast'), xf: action('extra-fast'),
  'moderate fast': action('moderate-fast'), 'mod fast': action('moderate-fast'), mf: action('moderate-fast'), moderate: action('moderate'), moderada: action('moderate'), slow: action('slow'), lenta: action('slow'),
  'one-handed': says({ handle: 'one-handed' }), 'two-handed': says({ handle: 'two-handed' }), 'a una mano': says({ handle: 'one-handed' }), 'a dos manos': says({ handle: 'two-handed' }),

  reel: kind('reel'), carrete: kind('reel'), 'fixed spool': kind('reel', { build: 'fixed-spool' }), 'bobina fija': kind('reel', { build: 'fixed-spool' }),
  multiplier: kind('reel', { build: 'multiplier' }), multiplicador: kind('reel', { build: 'multiplier' }), 'bobina giratoria': kind('reel', { build: 'multiplier' }),
  star: says({ clutch: 'star' }), lever: says({ clutch: 'lever' }), estrella: says({ clutch: 'star' }), palanca: says({ clutch: 'lever' }), 'left hand': says({ handleSide: 'left' }), 'right hand': says({ handleSide: 'right' }),

  line: kind('line'), hilo: kind('line'), línea: kind('line'), nylon: kind('line', { material: 'nylon' }), nailon: kind('line', { material: 'nylon' }), fluorocarbon: kind('line', { material: 'fluorocarbon' }),
  fluorocarbono: kind('line', { material: 'fluorocarbon' }), fluoro: kind('line', { material: 'fluorocarbon' }), braid: kind('line', { material: 'braid' }), braided: kind('line', { material: 'braid' }), trenzado: kind('line', { material: 'braid' }),
  copper: kind('line', { material: 'copper-strand' }), cobre: kind('line', { material: 'copper-strand' }), 'lead core': kind('line', { material: 'lead-core' }), 'alma de plomo': kind('line', { material: 'lead-core' }),
  'steel wire': kind('line', { material: 'steel-single' }), 'seven strand': kind('line', { material: 'steel-seven' }), 'soft wire': kind('line', { material: 'steel-soft' }), cable: kind('line', { material: 'steel-cable' }),
  leader: says({ use: 'leader-stock' }), bajo: says({ use: 'leader-stock' }), backing: says({ use: 'backing' }), relleno: says({ use: 'backing' }),

  hook: kind('hook'), anzuelo: kind('hook'), worm: hook('worm-offset'), 'offset worm': hook('worm-offset'), offset: hook('worm-offset'), gusano: hook('worm-offset'), 'straight worm': hook('worm-straight'), 'straight shank': hook('worm-straight'),
  'wide gap': hook('wide-gap'), 'gran abertura': hook('wide-gap'), 'jig hook': hook('jig'), 'anzuelo de jig': hook('jig'), inline: hook('single-inline'), 'in-line single': hook('single-inline'), 'simple en línea': hook('single-inline'),
  treble: hook('treble'), triple: hook('treble'), circle: hook('circle'), circular: hook('circle'), 'bait hook': hook('bait'), 'anzuelo de cebo': hook('bait'), stinger: hook('stinger'), 'anzuelo de cola': hook('stinger'),
  fine: says({ wireClass: 'fine' }), fino: says({ wireClass: 'fine' }), stout: says({ wireClass: 'stout' }), fuerte: says({ wireClass: 'stout' }), regular: says({ wireClass: 'regular' }),
  barbless: says({ barb: 'barbless' }), 'sin rebarba': says({ barb: 'barbless' }), 'micro barb': says({ barb: 'micro' }), microrrebarba: says({ barb: 'micro' }),
  needle: says({ sharpness: 'needle' }), cutting: says({ sharpness: 'cutting' }), aguja: says({ sharpness: 'needle' }),

  'jig head': kind('jig-head'), 'cabeza plomada': kind('jig-head'), cabeza: kind('jig-head'), 'skirted jig': kind('skirted-jig'), 'jig con faldón': kind('skirted-jig'), 'bladed jig': kind('skirted-jig', { blade: 'blade' }), 'jig con pala': kind('skirted-jig', { blade: 'blade' }),
  weight: kind('weight'), sinker: kind('weight'), plomo: kind('weight'), bullet: says({ shape: 'bullet' }), bala: says({ shape: 'bullet' }), ball: says({ shape: 'sphere' }), bola: says({ shape: 'sphere' }), cone: says({ shape: 'cone' }), cono: says({ shape: 'cone' }), football: says({ shape: 'football' }),
  sliding: says({ rigging: 'sliding' }), corredizo: says({ rigging: 'sliding' }), fixed: says({ rigging: 'fixed' }), fijo: says({ rigging: 'fixed' }),
  lead: says({ material: 'lead' }), tungsten: says({ material: 'tungsten' }), tungsteno: says({ material: 'tungsten' }), wolframio: says({ material: 'tungsten' }), brass: says({ material: 'brass' }), latón: says({ material: 'brass' }), steel: says({ material: 'steel' }), acero: says({ material: 'steel' }), tin: says({ material: 'tin' }), estaño: says({ material: 'tin' }), bismuth: says({ material: 'bismuth' }), bismuto: says({ material: 'bismuth' }),

  'soft bait': kind('soft-bait'), vinilo: kind('soft-bait'), 'paddle tail': kind('soft-bait', { tail: 'paddle-tail' }), 'paddle-tail': kind('soft-bait', { tail: 'paddle-tail' }), paddletail: kind('soft-bait', { tail: 'paddle-tail' }), 'cola de paleta': kind('soft-bait', { tail: 'paddle-tail' }),
  'twin tail': kind('soft-bait', { tail: 'twin-tail' }), 'twin-tail': kind('soft-bait', { tail: 'twin-tail' }), 'cola doble': kind('soft-bait', { tail: 'twin-tail' }), 'straight tail': kind('soft-bait', { tail: 'straight-tail' }), 'straight-tail': kind('soft-bait', { tail: 'straight-tail' }), 'cola recta': kind('soft-bait', { tail: 'straight-tail' }),
  salted: says({ material: 'soft-salted' }), salado: says({ material: 'soft-salted' }),
  lure: kind('hard-lure'), plug: kind('hard-lure'), minnow: kind('hard-lure'), señuelo: kind('hard-lure'), floating: says({ buoyancy: 'floats', material: 'soft-floating' }), flotante: says({ buoyancy: 'floats', material: 'soft-floating' }), suspending: says({ buoyancy: 'suspends' }), suspendido: says({ buoyancy: 'suspends' }), sinking: says({ buoyancy: 'sinks' }), hundido: says({ buoyancy: 'sinks' }),
  'deep lip': says({ lip: 'deep-lip' }), 'shallow lip': says({ lip: 'shallow-lip' }), 'babero hondo': says({ lip: 'deep-lip' }), 'babero somero': says({ lip: 'shallow-lip' }),
  spoon: kind('spoon'), cucharilla: kind('spoon'), topwater: kind('topwater'), 'de superficie': kind('topwater'), hollow: says({ body: 'hollow' }), hueco: says({ body: 'hollow' }), 'trolled fly': kind('trolled-fly'), mosca: kind('trolled-fly'),
  trailer: kind('trailer'), tráiler: kind('trailer'), skirt: kind('skirt'), faldón: kind('skirt'), attractor: kind('attractor'), atractor: kind('attractor'), rotating: says({ motion: 'rotating' }), giratorio: says({ motion: 'rotating' }), swaying: says({ motion: 'swaying' }), oscilante: says({ motion: 'swaying' }),
  'diving plane': kind('diving-plane'), 'plano de inmersión': kind('diving-plane'), 'bottom bouncer': kind('bottom-bouncer'), 'brazo de fondo': kind('bottom-bouncer'), snell: kind('snell'), harness: kind('snell', { blade: 'blade' }), 'bajo montado': kind('snell'),
  swivel: hardware('swivel'), emerillón: hardware('swivel'), snap: hardware('snap'), mosquetón: hardware('snap'), 'solid ring': hardware('solid-ring'), 'anilla maciza': hardware('solid-ring'), 'split ring': hardware('split-ring'), 'anilla partida': hardware('split-ring'),
  bead: hardware('bead'), perla: hardware('bead'), stop: hardware('stop'), tope: hardware('stop'), crimp: hardware('crimp'), casquillo: hardware('crimp'), 'screw keeper': hardware('screw-keeper'), 'hook guard': hardware('hook-guard'), antienganche: hardware('hook-guard'), trace: hardware('trace'), 'bajo de acero': hardware('trace'), blade: hardware('blade'), pala: hardware('blade'),
  'bait fish': kind('natural-bait', { bait: 'bait-fish' }), 'pez cebo': kind('natural-bait', { bait: 'bait-fish' }), live: says({ state: 'live' }), vivo: says({ state: 'live' }), dead: says({ state: 'dead' }), muerto: says({ state: 'dead' }), lombriz: kind('natural-bait', { bait: 'bait-worm' }), 'bait head': kind('natural-bait', { bait: 'bait-head' }),
};
