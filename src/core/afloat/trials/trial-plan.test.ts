import { describe, expect, it } from 'vitest';
import { trialPlan, type TrialPlanInput } from './trial-plan';

const line = (name: string, side: string, angler: string) => ({ name, levels: { side, angler } });
const four: TrialPlanInput = {
  lines: [
    line('1', 'port', 'Skipper'),
    line('2', 'port', 'Mate'),
    line('3', 'starboard', 'Skipper'),
    line('4', 'starboard', 'Mate'),
  ],
  fromS: 0,
  toS: 14_400,
};
const versions = ({ spells }: ReturnType<typeof trialPlan>, name: string) =>
  spells.map(({ lines }) => lines.find((each) => each.name === name)!.version).join('');

describe('a trial is planned', () => {
  it('so that both versions see each side, angler and quarter alike, each line in turn against drift', () => {
    const plan = trialPlan(four);
    expect(plan.overlaps).toEqual([
      { name: 'side', overlap: 1, confounded: false },
      { name: 'angler', overlap: 1, confounded: false },
      { name: 'quarter', overlap: 1, confounded: false },
    ]);
    expect(versions(plan, '1')).toBe('abba');
    for (const { lines } of plan.spells) expect(lines.filter(({ version }) => version === 'a')).toHaveLength(2);
    expect(plan.spells.map(({ fromS, toS }) => [fromS, toS])).toEqual([
      [0, 3600],
      [3600, 7200],
      [7200, 10_800],
      [10_800, 14_400],
    ]);
  });
  it('with more spells goes on in the order that a straight drift falls out of', () => {
    const plan = trialPlan({ ...four, spells: 8 });
    expect(versions(plan, '1')).toBe('abbabaab');
    const drift = (version: string) =>
      [...versions(plan, '1')].reduce((sum, each, i) => (each === version ? sum + i : sum), 0);
    expect(drift('a')).toBe(drift('b'));
  });
  it('with one line still changes its version, and says what it cannot tell apart', () => {
    const plan = trialPlan({ ...four, lines: [line('1', 'port', 'Skipper')] });
    expect(versions(plan, '1')).toBe('abba');
    expect(plan.overlaps.find(({ name }) => name === 'side')!.overlap).toBe(1);
    expect(plan.overlaps.find(({ name }) => name === 'quarter')).toMatchObject({ overlap: 0, confounded: true });
  });
  it('with three lines is as alike as three can be', () => {
    const plan = trialPlan({ ...four, lines: four.lines.slice(0, 3) });
    for (const { overlap } of plan.overlaps) expect(overlap).toBeGreaterThan(0.6);
  });
});

it.each<[Partial<TrialPlanInput>, string]>([
  [{ toS: 0 }, 'toS'],
  [{ spells: 3 }, 'spells'],
  [{ lines: [four.lines[0]!, four.lines[0]!] }, 'lines[1].name'],
  [{ lines: [four.lines[0]!, { name: 'x', levels: { side: 'port' } }] }, 'lines[1].levels'],
  [{ lines: [{ name: 'x', levels: { quarter: '1' } }] }, 'lines[0].levels'],
])('refuses %j', (change, field) => expect(() => trialPlan({ ...four, ...change })).toThrow(field));
