import { is, says, type Entry } from './meaning';

const hook = (style: string) => is('hook', { style });

export const HOOKS: readonly Entry[] = [
  [['worm', 'offset worm', 'worm hook', 'offset', 'offset hook', 'gusano', 'offset shank'], hook('worm-offset')],
  [['straight worm', 'straight shank', 'flipping hook'], hook('worm-straight')],
  [['wide gap', 'extra wide gap', 'ewg', 'gran abertura', 'wide gap hook'], hook('wide-gap')],
  [['jig hook', 'anzuelo de jig'], hook('jig')],
  [
    ['inline', 'in line', 'in line single', 'inline single', 'inline single hook', 'single inline', 'simple en línea'],
    hook('single-inline'),
  ],
  [['treble', 'treble hook', 'triple', 'trebles', 'anzuelo triple'], hook('treble')],
  [['double', 'double hook', 'doble', 'anzuelo doble', 'frog hook'], hook('double')],
  [['circle', 'circle hook', 'circular', 'anzuelo circular'], hook('circle')],
  [
    ['bait hook', 'octopus', 'octopus hook', 'j hook', 'live bait hook', 'j', 'anzuelo de cebo', 'anzuelo recto'],
    hook('bait'),
  ],
  [['stinger', 'stinger hook', 'anzuelo de cola'], hook('stinger')],
  [['single', 'single hook', 'simple', 'anzuelo simple'], is('hook')],
  [['fine', 'fine wire', 'light wire', 'fino', 'alambre fino'], says({ wireClass: 'fine' })],
  [
    ['stout', 'heavy wire', 'strong', 'fuerte', 'reforzado', 'stout wire', 'alambre grueso'],
    says({ wireClass: 'stout' }),
  ],
  [['heavy', 'extra strong', 'x strong'], says({ wireClass: 'stout' })],
  [['light', 'thin', 'ligero'], says({ wireClass: 'fine' })],
  [['2x', '2x strong', '2xs', 'reforzado 2x'], says({ wireClass: '2x' })],
  [['3x', '3x strong', '3xs', 'reforzado 3x'], says({ wireClass: '3x' })],
  [['4x', '4x strong', '4xs', 'reforzado 4x'], says({ wireClass: '4x' })],
  [['regular', 'regular wire', 'standard wire'], says({ wireClass: 'regular' })],
  [
    [
      'weighted',
      'weighted hook',
      'belly weighted',
      'shank weight',
      'shank weighted',
      'lastrado',
      'con peso en la tija',
    ],
    { weighted: true },
  ],
  [['bladed', 'with blade', 'with a blade', 'con pala', 'con palita'], says({ blade: 'blade' })],
  [['no blade', 'without blade', 'plain', 'sin pala'], says({ blade: 'no-blade' })],
  [['barbless', 'sin rebarba', 'sin muerte'], says({ barb: 'barbless' })],
  [['micro barb', 'microbarb', 'microrrebarba'], says({ barb: 'micro' })],
  [['barbed', 'con rebarba'], says({ barb: 'barbed' })],
  [['needle', 'needle point', 'chemically sharpened', 'aguja', 'sharp', 'afilado'], says({ sharpness: 'needle' })],
  [['cutting', 'cutting point', 'knife edge'], says({ sharpness: 'cutting' })],
  [['dull', 'blunt', 'romo'], says({ sharpness: 'dull' })],
];
