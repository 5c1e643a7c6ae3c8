import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import type { Presentation, Setup, TowedPresentation } from '../../tackle';
import { DEFAULT_CLASSES } from '../../tackle/defaults/classes';
import { rulingFirst } from '../verdict';
import { evaluate } from './evaluate';

const wall: Setup = demoFile('setup-drowned-wall');
const harness: Setup = demoFile('setup-crawler-harness');
const minnow: Setup = demoFile('setup-crimped-minnow');
const fly: Setup = demoFile('setup-char-flasher');

const presenting = (
  setup: Setup,
  change: Partial<TowedPresentation> | { readonly fishHoldsS: number | null },
): Setup => ({
  ...setup,
  presentation: { ...setup.presentation, ...change } as Presentation,
});
const wanting = (setup: Setup, wanted: Partial<TowedPresentation['wanted']>): Setup =>
  presenting(setup, { wanted: { ...(setup.presentation as TowedPresentation).wanted, ...wanted } });
const codes = (setup: Setup, of: 'set' | 'fall' | 'throw') =>
  evaluate(setup).verdicts[of].reasons.map(({ code }) => code);
const degrees = (angle: number) => (angle * Math.PI) / 180;

describe('how long a fish holds it', () => {
  const timeS = evaluate(wall).figures.set!.hookset.timeToSetS!;
  it.each([
    [1.01, 'sound', 'set-in-time'],
    [0.99, 'edge', 'set-too-late'],
    [1 / 1.59, 'edge', 'set-too-late'],
    [1 / 1.61, 'fails', 'set-too-late'],
  ] as const)('%d of the time to set: %s', (share, mark, code) => {
    const setup = presenting(wall, { fishHoldsS: share * timeS });
    expect(evaluate(setup).verdicts.set.mark).toBe(mark);
    expect(codes(setup, 'set')).toContain(code);
  });
  it('is not judged where it is said that nothing hurries', () => {
    const setup = presenting(wall, { fishHoldsS: null });
    expect(evaluate(setup).verdicts.set.mark).toBe('sound');
    expect(codes(setup, 'set')).toContain('set-time');
  });
  it('goes by what it bites on where nothing is said', () => {
    const { fishHolds } = DEFAULT_CLASSES;
    expect([wall, harness, minnow].map((setup) => evaluate(setup).figures.set?.holdsS ?? null)).toEqual([
      fishHolds.soft.holdsS,
      fishHolds.natural.holdsS,
      null,
    ]);
  });
});

describe('a bottom rig', () => {
  const { surfaceAngleRad, contact } = evaluate(harness).figures.tow!.running;
  it.each([
    [7, 'sound'],
    [9, 'edge'],
    [17, 'edge'],
    [19, 'fails'],
    [-19, 'fails'],
  ] as const)('with its line %d° off is %s', (off, mark) =>
    expect(
      evaluate(wanting(harness, { lineAngleRad: surfaceAngleRad! + degrees(off), contactShare: contact!.share }))
        .verdicts.fall.mark,
    ).toBe(mark),
  );
  it.each([
    [0.19, 'sound'],
    [0.21, 'edge'],
    [0.29, 'edge'],
    [0.31, 'fails'],
  ] as const)('with %d more on the bottom wanted is %s', (off, mark) =>
    expect(
      evaluate(wanting(harness, { lineAngleRad: surfaceAngleRad!, contactShare: contact!.share + off })).verdicts.fall
        .mark,
    ).toBe(mark),
  );
  it('is told the weight that would be right, and that first', () => {
    const off = evaluate(wanting(harness, { lineAngleRad: surfaceAngleRad! + degrees(25) }));
    expect(off.figures.tow!.bottomRig!.right!.massKg).toBeGreaterThan(0.03);
    expect(off.verdicts.fall.reasons[0]!.code).toMatch(/angle/);
  });
  it('that only hangs is not asked for an angle', () =>
    expect(evaluate(presenting(harness, { bottomM: undefined })).figures.tow!.bottomRig).toBeNull());
});

describe('how a rod is meant to stand', () => {
  const standing = (setup: Setup) => {
    const { figures, verdicts } = evaluate(setup);
    const { soundFrom, soundTo, failsAbove } = verdicts.throw.limits!;
    return [figures.tow!.stance, soundFrom, soundTo, failsAbove];
  };
  it.each<[string, Setup, ReturnType<typeof standing>]>([
    ['in the hand', presenting(minnow, { held: 'hand' }), ['worked', null, 0.15, 0.25]],
    ['in a holder on a flat line', minnow, ['holder', null, 0.3, 0.45]],
    ['over a downrigger', fly, ['downrigger', 0.2, 0.6, expect.any(Number)]],
  ])('%s', (_name, setup, expected) => expect(standing(setup)).toEqual(expected));

  it('shows weed where the tip moves enough to be seen, and says where it does not', () => {
    expect(codes(minnow, 'throw')).toContain('carry-fouled');
    expect(codes(demoFile('setup-kelp-live'), 'throw')).toContain('carry-fouled-hidden');
  });

  it('over a downrigger a stiff rod is not loaded, and that is said', () => {
    const stiff = {
      ...fly,
      parts: fly.parts.map((part) =>
        part.kind === 'rod'
          ? {
              ...part,
              stiffness: {
                kind: 'taper' as const,
                buttEiNm2: { value: 200, unit: 'N·m²' as const, provenance: 'measured' as const },
                tipRatio: { value: 0.5, unit: '1' as const, provenance: 'measured' as const },
              },
            }
          : part,
      ),
    };
    expect(evaluate(stiff).verdicts.throw.mark).toBe('edge');
    expect(codes(stiff, 'throw')).toContain('carry-not-loaded');
  });
});

it('the ruling cause stands first, the others in their order', () => {
  const reason = (code: 'set-time' | 'set-slack' | 'set-in-time' | 'set-too-late') => ({ code, facts: {} });
  expect(
    rulingFirst([
      { mark: 'sound', reason: reason('set-time') },
      { mark: 'edge', reason: reason('set-in-time') },
      { mark: 'fails', reason: reason('set-slack') },
      { mark: 'edge', reason: reason('set-too-late') },
    ]).map(({ code }) => code),
  ).toEqual(['set-slack', 'set-in-time', 'set-too-late', 'set-time']);
});
