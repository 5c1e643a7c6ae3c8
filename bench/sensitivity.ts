import { uncertainOf, valueAt, withValue } from '@/core/decide';
import { evaluate, placeOf, VERDICT_NAMES, type VerdictName } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { uncertainInput } from '@/domain/uncertain-input';
import { RIG_IDS } from '@/domain/rigs';
import { sampleOf } from '@/domain/sample-rig';
import { demoFiles } from '../tests/helpers/demo';

interface Moved {
  /** widths of the edge by which one standard deviation moves the verdict, of the setups that read the figure */
  readonly by: number[];
  flips: number;
}

/** Figures with less than this on the mean are left out, in widths of an edge. */
const LEAST = 0.05;
/** So many of each verdict. */
const SHOWN = 12;

/**
 * How far each verdict moves when one figure is a standard deviation off, over the demo setups and a sample of every rig: what
 * to measure next, and which class figure to look at first. One line a figure, the strongest first.
 */
export function printSensitivity(): void {
  const setups: readonly Setup[] = [
    ...demoFiles.filter(({ newest }) => newest).map(({ file }) => file),
    ...RIG_IDS.map((rig) => sampleOf(rig)),
  ];
  const moved: Readonly<Record<VerdictName, Map<string, Moved>>> = {
    throw: new Map(),
    fall: new Map(),
    set: new Map(),
    hold: new Map(),
    balance: new Map(),
  };
  for (const given of setups) {
    const { setup, uncertain } = uncertainOf(given);
    const base = evaluate(setup).verdicts;
    for (const { path, relativeSd, most } of uncertain) {
      const value = valueAt(setup, path) as number;
      const up = Math.min(most ?? Infinity, value * Math.exp(relativeSd));
      const { verdicts } = evaluate(withValue(setup, path, up));
      for (const name of VERDICT_NAMES) {
        const [was, is] = [placeOf(base[name]), placeOf(verdicts[name])];
        const flips = base[name].mark !== verdicts[name].mark;
        const by = was === null || is === null ? 0 : Math.abs(is - was);
        if (by === 0 && !flips) continue;
        const key = nameOf(path, setup);
        const entry = moved[name].get(key) ?? { by: [], flips: 0 };
        entry.by.push(by);
        entry.flips += flips ? 1 : 0;
        moved[name].set(key, entry);
      }
    }
  }
  console.log(`One standard deviation of each figure, over ${setups.length} setups: mean move in widths of the edge.`);
  for (const name of VERDICT_NAMES) {
    console.log(`\n${name}`);
    [...moved[name]]
      .map(([key, { by, flips }]) => ({
        key,
        mean: by.reduce((sum, each) => sum + each, 0) / by.length,
        of: by.length,
        flips,
      }))
      .filter(({ mean, flips }) => mean >= LEAST || flips > 0)
      .sort((a, b) => b.flips - a.flips || b.mean - a.mean)
      .slice(0, SHOWN)
      .forEach(({ key, mean, of, flips }) =>
        console.log(`  ${key.padEnd(48)} ${mean.toFixed(2).padStart(6)}  ${of} setups, ${flips} marks change`),
      );
  }
}

function nameOf(path: string, setup: Setup): string {
  const input = uncertainInput(path, setup as never);
  return input === null ? path : input.kind === 'class' ? `class ${input.figure}` : `${input.part} ${input.field}`;
}
