import { partIdSchema, setupIdSchema, spreadIdSchema } from '@/domain/ids';
import type { LineMark, SpreadDocument, SpreadLineDocument } from '@/domain/spread/spread';

const counter: LineMark = { by: 'counter', at: 'reel', name: '', toCheck: false };

const line = (
  id: string,
  setup: string,
  pointId: string,
  lineM: number,
  more: Partial<Omit<SpreadLineDocument, 'rodId'>> & { readonly rod?: string } = {},
): SpreadLineDocument => {
  const { rod, ...rest } = more;
  return {
    id,
    setupId: setupIdSchema.parse(`setup-${setup}`),
    ...(rod ? { rodId: partIdSchema.parse(`rod-${rod}`) } : {}),
    pointId,
    lineM,
    pinned: false,
    wants: null,
    mark: counter,
    ...rest,
  };
};

/** Eight lines on the lake with downriggers and planers, and four fast heads on wire on the sound. */
export const demoSpreads: readonly SpreadDocument[] = [
  {
    id: spreadIdSchema.parse('spread-sound'),
    name: 'Sound, four fast heads',
    craftId: 'dunlin',
    facing: 'forward',
    speedMps: 3,
    current: [
      { depthM: 0, alongMps: 0, acrossMps: 0.2 },
      { depthM: 12, alongMps: 0, acrossMps: 0.05 },
    ],
    bottomM: 18,
    clearM: 0.7,
    radiusM: 80,
    lines: [
      line('a', 'fast-head', 'holder-1', 20),
      line('b', 'fast-head', 'holder-2', 26, { rod: 'fulmar' }),
      line('c', 'fast-head', 'holder-3', 34, { rod: 'guillemot' }),
      line('d', 'fast-head', 'holder-4', 42, { rod: 'shearwater' }),
    ],
    probe: null,
    pattern: null,
    order: null,
    strike: { speed: 'hold', forS: 20, worked: ['a', 'b'], cleared: null },
  },
  {
    id: spreadIdSchema.parse('spread-lake'),
    name: 'Lake eight, two planers wide',
    craftId: 'dunlin',
    facing: 'forward',
    speedMps: 1.1,
    current: [],
    bottomM: 34,
    breakM: 13,
    clearM: 1.2,
    radiusM: 60,
    lines: [
      line('a', 'crimped-minnow', 'holder-3', 18, {
        wants: { of: 'surface', fromM: 3, toM: 5 },
        board: { lineM: 28, outM: 19 },
      }),
      line('b', 'ball-spoon', 'downrigger-1', 15, {
        cableM: 12,
        ballKg: 4.5,
        wants: { of: 'break', fromM: -2, toM: 1 },
      }),
      line('c', 'char-flasher', 'downrigger-3', 8, {
        cableM: 18,
        ballKg: 4.5,
        wants: { of: 'break', fromM: 3, toM: 7 },
      }),
      line('d', 'lead-core', 'holder-1', 55, {
        wants: { of: 'surface', fromM: 4, toM: 7 },
        mark: { by: 'colours', at: 'reel', name: '', toCheck: false },
      }),
      line('e', 'crimped-minnow', 'holder-2', 16, {
        wants: { of: 'surface', fromM: 1.5, toM: 3 },
        rod: 'curlew',
        mark: { by: 'tied', at: 'reel', name: 'yellow thread', toCheck: false },
      }),
      line('f', 'ball-spoon', 'downrigger-2', 20, {
        rod: 'skua',
        cableM: 15,
        ballKg: 4.5,
        wants: { of: 'break', fromM: -1, toM: 3 },
      }),
      line('g', 'char-flasher', 'downrigger-4', 11, {
        rod: 'cormorant',
        cableM: 16,
        ballKg: 4.5,
        wants: { of: 'break', fromM: 1, toM: 5 },
      }),
      line('h', 'crimped-minnow', 'holder-4', 15, {
        rod: 'heron',
        wants: { of: 'surface', fromM: 2.5, toM: 4.5 },
        board: { lineM: 30, outM: 21 },
      }),
    ],
    probe: null,
    pattern: null,
    order: null,
    strike: { speed: 'hold', forS: 15, worked: [], cleared: null },
  },
];
