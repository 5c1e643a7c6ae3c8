import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { leastDistanceM, wetPieces } from './distance';
import { parentsOf, type Point, type Profile, type SpreadLine } from './lines';
import { inTurn } from './place';
import { spread, type SpreadInput } from './spread';

/** A line from a tip a metre up, in at 3 m behind, down to its lure. */
const line = (name: string, x: number, outM: number, depthM: number, more: Partial<SpreadLine> = {}): SpreadLine =>
  ({
    name,
    tipM: [x, 0, -1],
    profileM: [
      [0, -1],
      [3, 0],
      [outM, depthM],
    ],
    ...more,
  }) as SpreadLine;
const two = [line('port', -1, 30, 4), line('starboard', 1, 30, 4)];
const pairOf = (input: SpreadInput) => spread(input).pairs[0]!;

describe('on a straight course', () => {
  it('lures stand behind their tips, drawn aside by their offset', () => {
    const { lines } = spread({ lines: [line('a', -1, 40, 5), line('b', 1, 20, 2, { offsetM: 6 })] });
    expect(lines.map(({ lureM }) => lureM)).toEqual([
      [-1, 40, 5],
      [7, 20, 2],
    ]);
    expect(lines[0]!.turn).toBeNull();
  });
  it('a chain goes on where the line before it ends', () => {
    const board: SpreadLine = {
      name: 'board',
      tipM: [1, 0, -2],
      profileM: [
        [0, -2],
        [15, 0],
      ],
      offsetM: 12,
    };
    const lead: SpreadLine = {
      name: 'lead',
      after: 'board',
      profileM: [
        [0, 0],
        [20, 3],
      ],
    };
    const made = spread({ lines: [board, lead] });
    expect(made.lines[1]!.lureM).toEqual([13, 35, 3]);
    expect(made.pairs).toEqual([
      { a: 'board', b: 'lead', straightM: null, crosses: false, turnM: null, turnCrosses: null },
    ]);
    expect(made.closest).toBeNull();
  });
  it('two parallel lines stand apart by their tips', () => {
    expect(pairOf({ lines: two }).straightM).toBeCloseTo(2, 12);
    expect(spread({ lines: two }).tooClose).toEqual([]);
    expect(spread({ lines: two, clearM: 2.5 }).tooClose).toEqual([['port', 'starboard']]);
  });
  it('depths that are not sure ask for more room', () => {
    const unsure = two.map((each) => ({ ...each, depthSdM: 0.5 }));
    // 1.5 + 1.3·√(0.5² + 0.5²) = 2.42
    expect(spread({ lines: unsure }).tooClose).toEqual([['port', 'starboard']]);
  });
  it('lines that are drawn across each other cross, and what never is in the water is near to nothing', () => {
    const across = [line('a', -1, 30, 4, { offsetM: 4 }), line('b', 1, 30, 8, { offsetM: -4 })];
    expect(pairOf({ lines: across }).crosses).toBe(true);
    const dry: SpreadLine = {
      name: 'dry',
      tipM: [2, 0, -3],
      profileM: [
        [0, -3],
        [5, -1],
      ],
    };
    expect(pairOf({ lines: [two[0]!, dry] }).straightM).toBeNull();
  });
  it('straight hanging lines are as far apart as their tips', () => {
    const hung = (name: string, x: number): SpreadLine => ({
      name,
      tipM: [x, 0, 0],
      profileM: [
        [0, 0],
        [0, 20],
      ],
    });
    expect(pairOf({ lines: [hung('a', 0), hung('b', 3)] })).toMatchObject({ straightM: 3, crosses: false });
  });
});

describe('in a turn', () => {
  it('the lure trails on its own circle: r = √(ρ² − ℓ²), behind by atan2(ℓ, r)', () => {
    const { lines } = spread({ lines: [line('a', 0, 30, 4)], turn: { radiusM: 50, side: 'starboard' }, speedMps: 2 });
    const { radiusM, speedMps, lureM } = lines[0]!.turn!;
    expect(radiusM).toBeCloseTo(40, 12);
    expect(speedMps).toBeCloseTo(1.6, 12);
    const behind = Math.atan2(30, 40);
    expect(lureM![0]).toBeCloseTo(50 - 40 * Math.cos(behind), 9);
    expect(lureM![1]).toBeCloseTo(40 * Math.sin(behind), 9);
  });
  it('is a mirror of the turn to the other side', () => {
    const mirrored = (side: 'port' | 'starboard', x: number, offsetM: number) =>
      spread({ lines: [line('a', x, 30, 4, { offsetM })], turn: { radiusM: 60, side } }).lines[0]!.turn!;
    const [a, b] = [mirrored('starboard', 2, 5), mirrored('port', -2, -5)];
    expect(b.radiusM).toBeCloseTo(a.radiusM!, 12);
    expect(b.lureM).toEqual([expect.closeTo(-a.lureM![0], 9), expect.closeTo(a.lureM![1], 9), a.lureM![2]]);
  });
  it('an offset outward puts the lure on a wider circle', () => {
    const radius = (offsetM: number) =>
      spread({ lines: [line('a', 0, 30, 4, { offsetM })], turn: { radiusM: 50, side: 'starboard' } }).lines[0]!.turn!
        .radiusM!;
    expect(radius(-10)).toBeCloseTo(50, 9);
    expect(radius(10)).toBeCloseTo(30, 9);
  });
  it('goes slack where the line is longer than the radius, and so does what goes on from it', () => {
    const long = line('long', 0, 30, 0);
    const lead: SpreadLine = {
      name: 'lead',
      after: 'long',
      profileM: [
        [0, 0],
        [5, 1],
      ],
    };
    const { lines, pairs } = spread({ lines: [long, lead, line('b', 2, 8, 1)], turn: { radiusM: 25, side: 'port' } });
    expect(lines.map(({ turn }) => turn!.outcome)).toEqual(['goes-slack', 'goes-slack', 'ok']);
    expect(lines[0]!.turn).toEqual({ outcome: 'goes-slack', lureM: null, radiusM: null, speedMps: null });
    expect(pairs.find(({ a, b }) => a === 'long' && b === 'b')).toMatchObject({ turnM: null, turnCrosses: null });
  });
  it('takes the depths of its own speed, and a lead goes up and down with its ball', () => {
    const cable: SpreadLine = {
      name: 'cable',
      tipM: [2, 0, 0],
      profileM: [
        [0, 0],
        [4, 20],
      ],
      depthsAt: [
        { speedMps: 1, zM: [0, 22] },
        { speedMps: 2, zM: [0, 18] },
      ],
    };
    const lead: SpreadLine = {
      name: 'lead',
      after: 'cable',
      profileM: [
        [0, 20],
        [10, 19],
      ],
    };
    const { lines } = spread({ lines: [cable, lead], turn: { radiusM: 50, side: 'starboard' }, speedMps: 1.5 });
    const own = lines[0]!.turn!.speedMps!;
    expect(lines[0]!.turn!.lureM![2]).toBeCloseTo(22 - 4 * (own - 1), 9);
    expect(lines[1]!.turn!.lureM![2]).toBeCloseTo(lines[0]!.turn!.lureM![2] - 1, 9);
  });
  it('comes to the straight course as the turn widens', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: 4, max: 60, noNaN: true }),
        (x, outM) => {
          const [{ lureM, turn }] = spread({
            lines: [line('a', x, outM, 2)],
            turn: { radiusM: 90_000, side: 'port' },
          }).lines as [ReturnType<typeof spread>['lines'][number]];
          turn!.lureM!.forEach((value, i) => expect(value).toBeCloseTo(lureM[i]!, 1));
        },
      ),
    ));
});

describe('distances', () => {
  const at = fc.double({ min: -5, max: 5, noNaN: true });
  const point: fc.Arbitrary<Point> = fc.tuple(at, at, at);
  it('are no more than between any two points of the pieces, and come as near to the least of many', () =>
    fc.assert(
      fc.property(point, point, point, point, (a, b, c, d) => {
        const found = leastDistanceM([[a, b]], [[c, d]])!;
        const on = (p: Point, q: Point, s: number) => p.map((value, i) => value + s * (q[i]! - value));
        let least = Infinity;
        for (let i = 0; i <= 60; i += 1)
          for (let k = 0; k <= 60; k += 1) {
            const [p, q] = [on(a, b, i / 60), on(c, d, k / 60)];
            least = Math.min(least, Math.hypot(p[0]! - q[0]!, p[1]! - q[1]!, p[2]! - q[2]!));
          }
        expect(found).toBeLessThanOrEqual(least + 1e-9);
        expect(least - found).toBeLessThan(0.4);
      }),
      { numRuns: 60 },
    ));
});

describe('the tightest turn', () => {
  it('is any where nothing comes near, and none where it is too close already', () => {
    // Lines that hang straight down keep their tips' places in any turn.
    const hung = [-1, 1].map((x): SpreadLine => ({
      name: String(x),
      tipM: [x, 0, 0],
      profileM: [
        [0, 0],
        [0, 9],
      ],
    }));
    expect(spread({ lines: hung }).tightest).toEqual({
      port: { outcome: 'any' },
      starboard: { outcome: 'any' },
    });
    const close = { outcome: 'too-close-straight', because: ['port', 'starboard'] };
    expect(spread({ lines: two, clearM: 2.5 }).tightest).toEqual({ port: close, starboard: close });
  });
  it('is where a line goes slack, to half a per cent', () => {
    const { port } = spread({ lines: [line('a', 0, 30, 4)] }).tightest;
    expect(port).toMatchObject({ outcome: 'ok', because: ['a'] });
    if (port.outcome === 'ok') expect(Math.abs(port.radiusM / 30 - 1)).toBeLessThan(0.005);
  });

  /** The largest radius of a close scan at which a pair stands too close or a line is slack. */
  function scanned(lines: readonly SpreadLine[], clearM: number, side: 'port' | 'starboard'): number | null {
    const parents = parentsOf(lines);
    for (let radiusM = 1000; radiusM >= 5; radiusM /= 1.001) {
      const [a, b] = inTurn({ lines, parents, turn: { radiusM, side }, speedMps: 1.5 });
      if (!a || !b) return radiusM;
      const distanceM = leastDistanceM(wetPieces(a), wetPieces(b));
      if (distanceM !== null && distanceM < clearM) return radiusM;
    }
    return null;
  }
  const profile = fc
    .tuple(fc.double({ min: 8, max: 45, noNaN: true }), fc.double({ min: 0.5, max: 8, noNaN: true }))
    .map(([outM, depthM]): Profile => [
      [0, -1],
      [2, 0],
      [outM, depthM],
    ]);
  it('is that of a close scan', () =>
    fc.assert(
      fc.property(profile, profile, fc.boolean(), (a, b, risesFast) => {
        const lines: SpreadLine[] = [
          { name: 'a', tipM: [-2.5, 0, -1], profileM: a },
          {
            name: 'b',
            tipM: [2.5, 0, -1],
            profileM: b,
            ...(risesFast
              ? {
                  depthsAt: [
                    { speedMps: 0.5, zM: [-1, 0.2, 2 * b[2]![1]] },
                    { speedMps: 2, zM: [-1, -0.2, 0.5 * b[2]![1]] },
                  ],
                }
              : {}),
          },
        ];
        const straight = spread({ lines, clearM: 1, speedMps: 1.5 });
        if (straight.tooClose.length > 0) return;
        for (const side of ['port', 'starboard'] as const) {
          const found = straight.tightest[side];
          const slow = scanned(lines, 1, side);
          if (slow === null) expect(found.outcome).toBe('any');
          else expect(found.outcome === 'ok' ? found.radiusM / slow : 0).toBeCloseTo(1, 2);
        }
      }),
      { numRuns: 8 },
    ));
});

describe('what cannot be is refused where it stands', () => {
  const a = two[0]!;
  it.each<[SpreadInput, string]>([
    [{ lines: [a, { ...a, tipM: [3, 0, -1] } as SpreadLine] }, 'lines[1].name'],
    [{ lines: [{ ...a, tipM: undefined, after: 'nobody' } as SpreadLine] }, 'lines[0].after'],
    [
      {
        lines: [
          {
            ...a,
            profileM: [
              [1, -1],
              [5, 2],
            ],
          },
        ],
      },
      'lines[0].profileM[0][0]',
    ],
    [
      {
        lines: [
          {
            ...a,
            profileM: [
              [0, -1],
              [5, 2],
              [4, 3],
            ],
          },
        ],
      },
      'lines[0].profileM[2][0]',
    ],
    [
      {
        lines: [
          {
            ...a,
            profileM: [
              [0, -2],
              [5, 2],
            ],
          },
        ],
      },
      'lines[0].profileM[0][1]',
    ],
    [
      {
        lines: [
          {
            ...a,
            offsetM: 3,
            profileM: [
              [0, -1],
              [0, 2],
            ],
          },
        ],
      },
      'lines[0].offsetM',
    ],
    [
      {
        lines: [
          {
            ...a,
            turnProfileM: [
              [0, 0],
              [5, 2],
            ],
          },
        ],
      },
      'lines[0].turnProfileM[0][1]',
    ],
    [{ lines: [{ ...a, depthsAt: [{ speedMps: 1, zM: [-1, 0] }] }], speedMps: 1 }, 'lines[0].depthsAt[0].zM'],
    [{ lines: [{ ...a, depthsAt: [{ speedMps: 1, zM: [0, 0, 4] }] }], speedMps: 1 }, 'lines[0].depthsAt[0].zM[0]'],
    [{ lines: [{ ...a, depthsAt: [{ speedMps: 1, zM: [-1, 0, 4] }] }] }, 'speedMps'],
    [
      {
        lines: [
          {
            ...a,
            depthsAt: [
              { speedMps: 1, zM: [-1, 0, 4] },
              { speedMps: 1, zM: [-1, 0, 4] },
            ],
          },
        ],
        speedMps: 1,
      },
      'lines[0].depthsAt[1].speedMps',
    ],
    [{ lines: [] }, 'lines'],
    [{ lines: two, turn: { radiusM: 0, side: 'port' } }, 'turn.radiusM'],
    [{ lines: two, clearM: -1 }, 'clearM'],
  ])('%#', (input, field) =>
    expect(() => spread(input)).toThrow(new RegExp(`^${field.replace(/[[\].]/g, '\\$&')} (=|must be) `)),
  );
});
