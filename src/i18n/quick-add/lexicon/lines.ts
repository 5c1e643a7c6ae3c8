import { is, says, type Entry } from './meaning';

const line = (material: string) => is('line', { material });

export const LINES: readonly Entry[] = [
  [['nylon', 'mono', 'monofilament', 'nailon', 'monofilamento'], line('nylon')],
  [['fluorocarbon', 'fluoro', 'fc', 'fluorocarbono'], line('fluorocarbon')],
  [['braid', 'braided', 'braided line', 'trenzado', 'multifilamento'], line('braid')],
  [['copper', 'cobre', 'copper line'], line('copper-strand')],
  [['lead core', 'leadcore', 'alma de plomo', 'línea emplomada'], line('lead-core')],
  [['steel wire', 'single strand', 'single strand wire', 'wire leader', 'alambre'], line('steel-single')],
  [['wire'], line('steel-single')],
  [['seven strand', '7 strand', 'seven strand wire', 'siete hilos'], line('steel-seven')],
  [['soft wire', 'trolling wire'], line('steel-soft')],
  [['cable'], line('steel-cable')],
  [['leader', 'bajo', 'tippet'], says({ use: 'leader-stock' })],
  [['backing', 'relleno'], says({ use: 'backing' })],
  [['main line', 'línea principal'], says({ use: 'main-line' })],
];
