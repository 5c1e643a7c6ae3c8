import katex from 'katex';
import { beforeAll, describe, expect, it } from 'vitest';
import { evaluate, type Evaluation } from '../../judge';
import { MODELS } from '@/domain/contract';
import { everySetup as setups } from '../../../../tests/helpers/every-setup';
import { wordsIn } from '../../../../tests/helpers/words';
import type { Setup } from '../../tackle';
import { WORKING_SUBJECTS, workingOf, type Term, type Working, type WorkingSubject } from '.';

interface Shown {
  readonly name: string;
  readonly subject: WorkingSubject;
  readonly setup: Setup;
  readonly evaluation: Evaluation;
  readonly working: Working;
}

const shown: Shown[] = [];
beforeAll(() => {
  for (const [name, setup] of setups) {
    const evaluation = evaluate(setup);
    for (const subject of WORKING_SUBJECTS) {
      const working = workingOf(subject, setup, evaluation);
      if (working) shown.push({ name, subject, setup, evaluation, working });
    }
  }
});

/** Tries something on every working of a subject; a failure names the setup. */
function each(subject: WorkingSubject | null, check: (one: Shown) => void): void {
  const own = shown.filter((one) => subject === null || one.subject === subject);
  expect(own.length).toBeGreaterThan(0);
  for (const one of own)
    try {
      check(one);
    } catch (error) {
      throw new Error(`${one.name}, ${one.subject}: ${(error as Error).message}`, { cause: error });
    }
}

/** Tries something on whatever stands in the workings, once on each that is the same; a failure names the setup that it came from. */
function eachOnce<T extends string>(read: (working: Working) => readonly T[], check: (one: T) => void): void {
  const seen = new Set<T>();
  each(null, ({ working }) => {
    for (const one of read(working)) {
      if (!seen.has(one)) check(one);
      seen.add(one);
    }
  });
}

/** The value of a displayed term by its name; of several the nth. */
function valueOf(terms: readonly Term[], name: Term['name'], nth = 0): number {
  const term = terms.filter((each) => each.name === name)[nth];
  if (!term || term.value === null) throw new Error(`no ${name}`);
  return term.value;
}
const valuesOf = (terms: readonly Term[], name: Term['name']): readonly number[] =>
  terms.flatMap((term) => (term.name === name && term.value !== null ? [term.value] : []));
const has = (terms: readonly Term[], name: Term['name']) => valuesOf(terms, name).length > 0;
const near = (given: number, expected: number, within = 1e-6) =>
  expect(Math.abs(given - expected)).toBeLessThanOrEqual(within * Math.max(1e-9, Math.abs(expected)));

describe('every working', () => {
  it('has each verdict of each setup, and the boat side where there is a strike', () => {
    for (const [name] of setups) {
      const subjects = shown.filter((one) => one.name === name).map(({ subject }) => subject);
      expect(subjects, name).toEqual(expect.arrayContaining(['set', 'hold', 'balance']));
    }
    expect(new Set(shown.map(({ subject }) => subject))).toEqual(new Set(WORKING_SUBJECTS));
  });

  it('has equations that can be typeset, and so can each symbol', () =>
    eachOnce(
      ({ equations, inputs, results }) => [...equations, ...[...inputs, ...results].map(({ symbol }) => symbol)],
      (tex) => void katex.renderToString(tex, { throwOnError: true, strict: 'ignore' }),
    ));

  it('has a name for each term and a sentence for each source, in both languages', () => {
    const words = (['en', 'es'] as const).map((locale) =>
      wordsIn({ locale, units: 'metric', lighting: 'day', speedUnit: 'usual', letterKeys: 'on' }),
    );
    eachOnce(
      ({ inputs, results }) => [...inputs, ...results].map(({ name }) => name),
      (name) => words.forEach(({ t }) => expect(t(`term.${name}`)).toMatch(/\S/)),
    );
    eachOnce(
      ({ sources }) => sources,
      (source) => words.forEach(({ t }) => expect(t(`source.${source}`)).toMatch(/\S/)),
    );
    each(null, ({ working: { sources } }) => expect(sources.length).toBeGreaterThan(0));
  });

  it('shows the very figures of the evaluation, where it says where they stand', () =>
    each(null, ({ evaluation, working: { inputs, results } }) => {
      for (const { path, value } of [...inputs, ...results]) {
        if (path === undefined) continue;
        const there = path
          .split('.')
          .reduce<unknown>((at, key) => (at as Record<string, unknown> | null)?.[key], evaluation);
        expect(there, path).toBe(value);
      }
    }));

  it('says of each input where it comes from: a reading has its part, a class its spread', () =>
    each(null, ({ setup, working: { inputs } }) => {
      for (const { name, origin, spread, partId, value } of inputs) {
        expect(Number.isFinite(value), name).toBe(true);
        if (partId !== undefined) expect(setup.parts.map(({ id }) => id)).toContain(partId);
        if (origin === 'class') expect(spread, name).toBeGreaterThanOrEqual(0);
        if (origin === 'chosen' || origin === 'computed') expect(partId, name).toBeUndefined();
      }
    }));
});

describe('the command beneath it', () => {
  /** Every number of an answer, whatever it is called. */
  const numbers = (answer: unknown): readonly number[] =>
    typeof answer === 'number'
      ? [answer]
      : typeof answer === 'object' && answer !== null
        ? Object.values(answer).flatMap(numbers)
        : [];

  it('is taken by the shell as it stands, and gives what is displayed', () =>
    each(null, ({ subject, setup, working: { command, inputs, results } }) => {
      if (!command) return;
      const model = MODELS.find(({ name }) => name === command.model);
      // Through JSON, as it is copied from the page.
      const answer = model!.run(JSON.parse(JSON.stringify(command.input)));
      expect(answer.ok, JSON.stringify(answer.ok ? '' : answer.problems)).toBe(true);
      if (!answer.ok) return;
      const given = numbers(answer.data);
      // The bend of a rod is told in metres, its share of the length on the page.
      const scale = subject === 'throw' && setup.presentation.kind === 'towed' ? valueOf(inputs, 'working-length') : 1;
      const figures = valuesOf(results, MAIN[subject]).map((value) => value * scale);
      for (const figure of figures)
        expect(
          given.some((one) => Math.abs(one - figure) <= 1e-6 * Math.max(1e-9, Math.abs(figure))),
          `${MAIN[subject]} ${figure}`,
        ).toBe(true);
    }));

  /** The figure that a working is about, as its command gives it. */
  const MAIN: Readonly<Record<WorkingSubject, Term['name']>> = {
    throw: 'drop-share',
    fall: 'terminal-speed',
    set: 'tension',
    hold: 'weakest',
    balance: 'pitch-rest',
    clutch: 'window-high',
    'load-up': 'tight-time',
    fight: 'moment',
    winding: 'wound-pull',
    'small-craft': 'heeling',
  };
});

describe('the displayed equation gives the displayed result', () => {
  it('Throw: where the mass stands in the rating, and how far the line is from snapping', () =>
    each('throw', ({ setup, working: { inputs, results } }) => {
      if (setup.presentation.kind !== 'cast') return;
      const m = valueOf(inputs, 'cast-mass');
      if (has(results, 'rating-place')) {
        const [lo, hi] = [valueOf(inputs, 'rating-low'), valueOf(inputs, 'rating-high')];
        near(valueOf(results, 'rating-place'), Math.log(m / Math.sqrt(lo * hi)) / Math.log(Math.sqrt(hi / lo)));
      }
      near(
        valueOf(results, 'snap-off-margin'),
        valueOf(inputs, 'weakest-of-line') / (3 * m * valueOf(inputs, 'tip-acceleration')),
      );
      expect(valueOf(results, 'sound-from')).toBeLessThanOrEqual(valueOf(results, 'sound-to'));
    }));

  it('Fall: the mean speed is the depth by its time, and on a tight line it takes no less', () =>
    each('fall', ({ setup, working: { inputs, results } }) => {
      if (setup.presentation.kind !== 'cast' || !has(results, 'time-free')) return;
      const [z, t] = [valueOf(inputs, 'depth'), valueOf(results, 'time-free')];
      if (has(results, 'mean-speed')) near(valueOf(results, 'mean-speed'), z / t);
      if (has(results, 'time-tight')) expect(valueOf(results, 'time-tight')).toBeGreaterThanOrEqual(t - 1e-9);
    }));

  it('Set: the force that is needed, that opens the hook, and the margin between pull and need', () =>
    each('set', ({ setup, working: { inputs, results } }) => {
      if (!has(results, 'needed') || !has(inputs, 'tissue') || setup.presentation.kind !== 'cast') return;
      const [d, g] = [valueOf(inputs, 'wire'), valueOf(inputs, 'gap')];
      const needed =
        valueOf(inputs, 'points') *
          (Math.PI / 4) *
          (valueOf(inputs, 'barb') * d) ** 2 *
          valueOf(inputs, 'tissue') *
          valueOf(inputs, 'sharpness') +
        valueOf(inputs, 'guard');
      near(valueOf(results, 'needed'), needed);
      near(valueOf(results, 'at-hook'), valueOf(results, 'tension') * valueOf(inputs, 'through'));
      near(valueOf(results, 'margin'), valueOf(results, 'at-hook') / needed);
      // The strength of the wire is that of its temper, the same for every hook of one set: the shape must be that of the equation.
      expect(valueOf(results, 'opening') / (d ** 3 / g)).toBeGreaterThan(0);
    }));

  it('Hold: the weakest joint, and how much of the drag it bears', () =>
    each('hold', ({ setup, working: { inputs, results } }) => {
      const joints = valuesOf(results, 'joint-strength');
      near(valueOf(results, 'weakest'), Math.min(...joints));
      const clutch = setup.presentation.clutchN;
      if (clutch !== null && has(results, 'clutch-margin'))
        near(valueOf(results, 'clutch-margin'), valueOf(results, 'weakest') / clutch);
      for (const share of valuesOf(inputs, 'knot-share')) expect(share).toBeGreaterThan(0);
    }));

  it('Balance: both pitches, from the masses and their places', () =>
    each('balance', ({ working: { inputs, results } }) => {
      const [rho, u, g] = [valueOf(inputs, 'water-density'), valueOf(inputs, 'speed'), 9.80665];
      const [m, v, x, z] = (['mass', 'volume', 'place-x', 'place-z'] as const).map((name) =>
        valuesOf(inputs, name),
      ) as [readonly number[], readonly number[], readonly number[], readonly number[]];
      const w = m.map((each, i) => (each - rho * v[i]!) * g);
      near(
        valueOf(results, 'net-weight'),
        w.reduce((sum, each) => sum + each, 0),
        1e-6,
      );
      // Where no area is displayed there is none, so only ends all of whose masses have one are held against the second equation.
      const areas = valuesOf(inputs, 'drag-area');
      if (areas.length !== m.length || u === 0) return;
      const d = areas.map((area) => 0.5 * rho * area * u * u);
      const sum = (a: readonly number[], b: readonly number[]) => a.reduce((all, each, i) => all + each * b[i]!, 0);
      const tan = (sum(w, x) + sum(d, z)) / (sum(d, x) - sum(w, z));
      if (Number.isFinite(tan)) near(Math.tan(valueOf(results, 'pitch-pulled')), tan, 1e-3);
    }));

  it('Drag: the window between what sets the hook and what gives way first', () =>
    each('clutch', ({ working: { inputs, results } }) => {
      near(valueOf(results, 'window-low'), 1.3 * valueOf(inputs, 'needed'));
      const least = Math.min(valueOf(inputs, 'opening'), valueOf(inputs, 'weakest-of-line'), valueOf(inputs, 'tear'));
      near(valueOf(results, 'window-high'), least / 1.8);
      if (has(results, 'light-setting')) near(valueOf(results, 'light-setting'), 1.3 * valueOf(inputs, 'bait-pull'));
      if (has(inputs, 'clutch')) {
        const slips =
          1.2 * valueOf(inputs, 'clutch') * (valueOf(inputs, 'radius-full') / valueOf(inputs, 'radius-now'));
        near(valueOf(results, 'peak'), Math.min(valueOf(results, 'elastic-peak'), slips));
      }
    }));

  it('Winding: line for a turn, and the pull of the hand at the line', () =>
    each('winding', ({ working: { inputs, results } }) => {
      const [i, r] = [valueOf(inputs, 'gear'), valueOf(inputs, 'radius-now')];
      near(valueOf(results, 'line-a-turn'), 2 * Math.PI * r * i);
      near(
        valueOf(results, 'wound-pull'),
        (valueOf(inputs, 'hand-push') * valueOf(inputs, 'handle') * valueOf(inputs, 'efficiency')) / (i * r),
      );
    }));

  it('Fight: the moment is the pull on its lever', () =>
    each('fight', ({ working: { inputs, results } }) =>
      near(valueOf(results, 'moment'), valueOf(inputs, 'pull') * valueOf(results, 'lever'), 1e-3),
    ));

  it('a small craft is towed no faster than the fish, and heels by pull and height', () =>
    each('small-craft', ({ working: { inputs, results } }) => {
      const [f, d, v, t] = (['pull', 'hull-drag', 'fish-speed', 'run-time'] as const).map((name) =>
        valueOf(inputs, name),
      ) as [number, number, number, number];
      const towed = Math.min(v, Math.sqrt(f / d));
      near(valueOf(results, 'towed-speed'), towed);
      near(valueOf(results, 'line-needed'), (v - towed) * t, 1e-6);
      near(valueOf(results, 'heeling'), f * valueOf(inputs, 'tip-height'));
    }));

  it('Carry and Depth of what is towed agree with where the line runs', () =>
    each('fall', ({ setup, evaluation, working: { inputs, results } }) => {
      if (setup.presentation.kind !== 'towed') return;
      const { running } = evaluation.figures.tow!;
      near(valueOf(results, 'depth'), running.depthM!);
      near(valueOf(inputs, 'boat-speed'), setup.presentation.speedMps);
      expect(valuesOf(inputs, 'line-diameter')).toHaveLength(running.asked.segments.length);
    }));
});
