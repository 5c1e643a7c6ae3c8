import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../../tests/helpers/demo';
import { RIG_IDS } from '@/domain/rigs';
import { sampleOf } from '@/domain/sample-rig';
import { evaluate } from '../../evaluate';
import { RULES } from '..';
import { HOOKS_CASES } from './hooks-cases';
import { LINE_AND_LEADER_CASES } from './line-and-leader-cases';
import { ON_THE_WATER_CASES } from './on-the-water-cases';
import { ROD_AND_REEL_CASES } from './rod-and-reel-cases';
import { codes, copper, feather, fly, found, housed, jointed, wall, without } from './rigs-to-try';

const CASES = [...HOOKS_CASES, ...LINE_AND_LEADER_CASES, ...ROD_AND_REEL_CASES, ...ON_THE_WATER_CASES];

it('every rule is tried on a rig that passes and on one that does not', () =>
  expect(CASES.map(([id]) => id).toSorted()).toEqual(Object.keys(RULES).toSorted()));

describe.each(CASES)('%s', (id, passes, fails) => {
  it('is silent where nothing is wrong', () => expect(codes(id, passes)).toEqual([]));
  it.each(fails.map(([setup, expected], i) => [expected, i, setup] as const))('says %s (%i)', (expected, _i, setup) => {
    if (expected === 'none') expect(codes(id, setup)).toEqual([]);
    else expect(codes(id, setup)).toContain(expected);
  });
});

describe('findings', () => {
  it('stand the worst first, name joints that are there, and carry facts that are numbers, words or nothing', () => {
    const order = { fails: 0, edge: 1, note: 2 } as const;
    for (const setup of [...demoFiles.map(({ file }) => file), ...RIG_IDS.map((rig) => sampleOf(rig))]) {
      const { checks } = evaluate(setup);
      expect(checks.map(({ severity }) => order[severity])).toEqual(
        checks.map(({ severity }) => order[severity]).toSorted((a, b) => a - b),
      );
      for (const { joints, facts } of checks) {
        for (const id of joints) expect(setup.chain.map((joint) => joint.id)).toContain(id);
        for (const fact of Object.values(facts)) if (typeof fact === 'number') expect(Number.isFinite(fact)).toBe(true);
      }
    }
  });

  it('of the house say which side it took', () => {
    const [finding] = found('weight-hold', jointed(wall, 'weight', { hold: 'free' }));
    expect(finding).toMatchObject({ school: 'weight-hold', side: 'pegged' });
  });

  it('count in the verdict that they name: a fails takes it, an edge too where the figure was sound, a note changes nothing', () => {
    const untied = evaluate(without(wall, 'hook-knot')).verdicts.hold;
    expect(untied).toMatchObject({
      mark: 'fails',
      reasons: [{ code: 'counts-check', facts: { check: 'untied' } }, {}, {}, {}],
    });
    expect(evaluate(jointed(fly, 'leader', { lengthM: 0.2 })).verdicts.balance.mark).toBe('edge');
    expect(evaluate(copper).verdicts.hold.mark).toBe('fails');
    expect(evaluate(jointed(wall, 'weight', { hold: 'free' })).verdicts.fall.mark).toBe('sound');
  });

  it('follow a limit that the user has changed', () => {
    const lenient = housed(feather, { classes: { 'checks.lightHook.edge': 3 } });
    expect(codes('light-hook-stiff-rod', feather)).toEqual(['fails']);
    expect(codes('light-hook-stiff-rod', lenient)).toEqual([]);
  });
});

describe('the demo: each flaw is found, and what is sound is left in peace', () => {
  it('setup-lily-bay: a wrist cannot drive a stout hook', () =>
    expect(evaluate(demoFile('setup-lily-bay')).verdicts.set).toMatchObject({
      mark: 'fails',
      reasons: [{ code: 'set-ruled-by-leverage' }],
    }));

  it.each([
    ['setup-long-flat', 'stretch-over-distance'],
    ['setup-feather', 'light-hook-stiff-rod'],
    ['setup-reef-plug', 'light-hook-stiff-rod'],
    ['setup-copper-deep', 'guide-material'],
  ] as const)('%s: %s', (id, rule) => expect(evaluate(demoFile(id)).checks[0]).toMatchObject({ id: rule }));

  it.each([
    'setup-drowned-wall',
    'setup-evening-edge',
    'setup-big-tail',
    'setup-bladed',
    'setup-char-flasher',
    'setup-crawler-harness',
    'setup-hung-weight',
    'setup-crimped-minnow',
    'setup-kelp-live',
  ])('%s gives no false alarm', (id) =>
    expect(evaluate(demoFile(id)).checks.filter(({ severity }) => severity !== 'note')).toEqual([]),
  );

  it.each([
    ['setup-char-flasher', 'attractor-lead'],
    ['setup-crimped-minnow', 'hardware-size'],
    ['setup-kelp-live', 'abrasion-leader'],
  ] as const)('%s: the first revision had %s', (id, rule) => {
    const first = demoFiles.find((each) => each.id === id && each.revision === 1)!;
    expect(evaluate(first.file).checks.map((finding) => finding.id)).toContain(rule);
  });
});
