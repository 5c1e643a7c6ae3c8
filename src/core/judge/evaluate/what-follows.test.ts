import { describe, expect, it } from 'vitest';
import { everySetup as setups } from '../../../../tests/helpers/every-setup';
import type { CastPresentation, Part, Setup, TowedPresentation } from '../../tackle';
import { markWithin, VERDICT_NAMES, type VerdictLimits } from '../verdict';
import { evaluate } from '.';

/** What must follow from a change whatever the rig. */
const cast = setups.filter(([, { presentation }]) => presentation.kind === 'cast');
const towed = setups.filter(([, { presentation }]) => presentation.kind === 'towed');

const presenting = (setup: Setup, change: Partial<CastPresentation> | Partial<TowedPresentation>): Setup => ({
  ...setup,
  presentation: { ...setup.presentation, ...change } as Setup['presentation'],
});
const changing = <K extends Part['kind']>(
  setup: Setup,
  kind: K,
  change: (part: Extract<Part, { kind: K }>) => Partial<Extract<Part, { kind: K }>>,
): Setup => ({
  ...setup,
  parts: setup.parts.map((part) =>
    part.kind === kind ? ({ ...part, ...change(part as Extract<Part, { kind: K }>) } as Part) : part,
  ),
});
const hasPart = (kind: Part['kind']) => (one: readonly [string, Setup]) =>
  one[1].parts.some((part) => part.kind === kind);
const scaled = <Q extends { readonly value: number }>(quantity: Q, by: number): Q => ({
  ...quantity,
  value: quantity.value * by,
});

describe('what stands in a file and is nothing to the rig', () => {
  it.each(setups)('%s: the order of parts, parts beside the chain, prices and names change nothing', (_, setup) => {
    const { parts } = setup;
    const spare = { ...parts.find(({ kind }) => kind === 'rod')!, id: 'a-spare-rod' } as Part;
    const priced = parts.map((part) => ({ ...part, name: 'Another', price: { minor: 100, currency: 'EUR' } }) as Part);
    expect(evaluate({ ...setup, parts: [spare, ...priced.toReversed()] })).toEqual(evaluate(setup));
  });
});

describe('a verdict and its scale', () => {
  const closed = (limits: VerdictLimits) => ({
    failsBelow: limits.failsBelow ?? -Infinity,
    soundFrom: limits.soundFrom ?? -Infinity,
    soundTo: limits.soundTo ?? Infinity,
    failsAbove: limits.failsAbove ?? Infinity,
  });
  const isWorse = (a: string, b: string) =>
    ['sound', 'edge', 'fails'].indexOf(a) > ['sound', 'edge', 'fails'].indexOf(b);

  it.each(setups)('%s: no mark is better than its place on the scale, and each has a reason', (_, setup) => {
    const { verdicts } = evaluate(setup);
    for (const name of VERDICT_NAMES) {
      const { mark, value, limits, reasons } = verdicts[name];
      expect(reasons.length, name).toBeGreaterThan(0);
      for (const { facts } of reasons)
        for (const fact of Object.values(facts))
          if (typeof fact === 'number') expect(Number.isFinite(fact), `${name} ${JSON.stringify(facts)}`).toBe(true);
      if (mark === 'cant-tell' || value === null || limits === null) continue;
      const { failsBelow, soundFrom, soundTo, failsAbove } = closed(limits);
      expect(failsBelow).toBeLessThanOrEqual(soundFrom);
      expect(soundTo).toBeLessThanOrEqual(failsAbove);
      const byScale = markWithin(value, closed(limits));
      expect(isWorse(byScale, mark), `${name}: ${mark} at ${value} of ${JSON.stringify(limits)}`).toBe(false);
    }
  });
});

describe('strength', () => {
  it.each(setups)('%s: twice the line everywhere never makes the chain weaker, half never stronger', (_, setup) => {
    const now = evaluate(setup).figures.hold.chain.strengthN;
    const of = (by: number) =>
      evaluate(changing(setup, 'line', ({ strengthN }) => (strengthN ? { strengthN: scaled(strengthN, by) } : {})))
        .figures.hold.chain.strengthN;
    expect(of(2)).toBeGreaterThanOrEqual(now);
    expect(of(0.5)).toBeLessThanOrEqual(now);
  });

  it.each(setups)('%s: half the drag is twice the margin, and locked there is none', (_, setup) => {
    const { clutchN } = setup.presentation;
    if (clutchN === null) return;
    const margin = evaluate(setup).figures.hold.clutchMargin!;
    expect(evaluate(presenting(setup, { clutchN: clutchN / 2 })).figures.hold.clutchMargin).toBeCloseTo(2 * margin, 9);
    const locked = evaluate(presenting(setup, { clutchN: null }));
    expect(locked.figures.hold.clutchMargin).toBeNull();
    expect(locked.figures.hold.chain).toEqual(evaluate(setup).figures.hold.chain);
  });
});

describe('hooks', () => {
  it.each(setups.filter(hasPart('hook')))('%s: a sharper hook needs less, a stouter one opens later', (_, setup) => {
    const hook = (change: Parameters<typeof changing<'hook'>>[2]) =>
      evaluate(changing(setup, 'hook', change)).figures.hook;
    const needed = (['cutting', 'needle', 'stock', 'dull'] as const).map(
      (sharpness) => hook(() => ({ sharpness })).neededN,
    );
    expect(needed).toEqual([...needed].sort((a, b) => a - b));
    expect(hook(() => ({ barb: 'barbless' })).neededN).toBeLessThanOrEqual(hook(() => ({ barb: 'barbed' })).neededN);
    const opens = [0.8, 1, 1.25].map((by) => hook(({ wireM }) => ({ wireM: scaled(wireM, by) })).openingN);
    expect(opens).toEqual([...opens].sort((a, b) => a - b));
  });
});

describe('a cast', () => {
  it.each(cast.filter(hasPart('weight')))(
    '%s: a heavier weight is thrown as what it is, and sinks no slower',
    (_, setup) => {
      const count = setup.chain.filter(({ kind }) => kind === 'weight').length;
      const heavier = evaluate(
        changing(setup, 'weight', ({ massKg }) => ({ massKg: { ...massKg, value: massKg.value + 0.005 } })),
      );
      const now = evaluate(setup);
      expect(heavier.castMassKg).toBeCloseTo(now.castMassKg + 0.005 * count, 9);
      const [before, after] = [now, heavier].map(({ figures }) => figures.fall!.free);
      if (before!.outcome === 'sinks' && after!.outcome === 'sinks')
        expect(after!.terminalMps!).toBeGreaterThanOrEqual(before!.terminalMps! * (1 - 1e-9));
    },
  );

  it.each(cast)('%s: with the drag locked less comes to the hook from farther off and with more slack', (_, setup) => {
    const p = setup.presentation as CastPresentation;
    const margin = (change: Partial<CastPresentation>) =>
      evaluate(presenting(setup, { clutchN: null, ...change })).figures.set?.hookset.margin;
    const now = margin({});
    const [far, slack] = [margin({ distanceM: 1.3 * p.distanceM }), margin({ slackM: p.slackM + 0.5 })];
    if (now === undefined) return;
    if (far !== undefined) expect(far).toBeLessThanOrEqual(now * (1 + 1e-9));
    if (slack !== undefined) expect(slack).toBeLessThanOrEqual(now * (1 + 1e-9));
  });
});

describe('a tow', () => {
  const isPlain = ([, { chain, presentation }]: readonly [string, Setup]) =>
    presentation.kind === 'towed' &&
    presentation.gear === undefined &&
    !presentation.layers &&
    presentation.way !== 'dropped' &&
    chain.every(({ kind }) => kind !== 'plane' && kind !== 'lure' && kind !== 'bouncer');

  const depthOf = (setup: Setup) => evaluate(setup).figures.tow!.running.depthM!;

  it.each(towed.filter(isPlain))('%s: with nothing that dives, faster is shallower', (_, setup) => {
    const deep = presenting(setup, { bottomM: undefined });
    const { speedMps } = setup.presentation;
    expect(depthOf(presenting(deep, { speedMps: 1.4 * speedMps }))).toBeLessThanOrEqual(depthOf(deep) + 1e-6);
  });

  it.each(towed.filter(isPlain))('%s: more line is deeper', (_, setup) => {
    const p = setup.presentation as TowedPresentation;
    const deep = presenting(setup, { bottomM: undefined });
    expect(depthOf(presenting(deep, { lineOutM: 1.1 * p.lineOutM }))).toBeGreaterThanOrEqual(depthOf(deep) - 1e-6);
  });

  it.each(towed)('%s: the ground takes what would run deeper', (_, setup) => {
    const { tow } = evaluate(setup).figures;
    const { bottomM } = setup.presentation as TowedPresentation;
    if (bottomM !== undefined) expect(tow!.running.depthM).toBeLessThanOrEqual(bottomM + 1e-6);
  });
});
