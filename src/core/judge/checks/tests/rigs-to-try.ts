import { demoFile, demoFiles } from '../../../../../tests/helpers/demo';
import { completePart } from '@/domain/parts/class-part';
import { sampleOf } from '@/domain/sample-rig';
import { evaluate } from '../../evaluate';
import {
  EMPTY_HOUSE,
  type House,
  type Joint,
  type Part,
  type Presentation,
  type Setup,
  type Station,
} from '../../../tackle';
import type { Finding, RuleId } from '..';

/** What is found of one rule in a setup. */
export const found = (id: RuleId, setup: Setup): readonly Finding[] =>
  evaluate(setup).checks.filter((finding) => finding.id === id);
export const codes = (id: RuleId, setup: Setup) =>
  found(id, setup).map(({ code, severity }) => `${severity}${code ? ` ${code}` : ''}`);

export const presenting = (setup: Setup, change: object): Setup => ({
  ...setup,
  presentation: { ...setup.presentation, ...change } as Presentation,
});
export const housed = (setup: Setup, change: Partial<House>): Setup => ({
  ...setup,
  house: { ...(setup.house ?? EMPTY_HOUSE), ...change },
});
export const jointed = (setup: Setup, id: string, change: object): Setup => ({
  ...setup,
  chain: setup.chain.map((joint) => (joint.id === id ? ({ ...joint, ...change } as Joint) : joint)),
});
export const without = (setup: Setup, ...ids: string[]): Setup => ({
  ...setup,
  chain: setup.chain.filter(({ id }) => !ids.includes(id)),
});
export const made = (given: { readonly kind: Part['kind'] } & Readonly<Record<string, unknown>>): Part => {
  const result = completePart({ id: 'made', ...given });
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.data;
};
export const figure = (value: number, unit: string) => ({ value, unit, provenance: 'measured' });
/** The part of a joint with other fields, or quite another part. */
export const parted = (setup: Setup, id: string, change: object): Setup => {
  const { partId } = setup.chain.find((joint) => joint.id === id)!;
  return {
    ...setup,
    parts: setup.parts.map((part) => (part.id === partId ? ({ ...part, ...change, id: partId } as Part) : part)),
  };
};

export const wall: Setup = demoFile('setup-drowned-wall');
/** On a rod that only a word is known of. */
export const onWord = (setup: Setup, power: string): Setup =>
  parted(setup, 'rod', { rating: null, stiffness: { kind: 'class', power, action: 'slow' } });
export const plug: Setup = demoFiles.find(({ id, revision }) => id === 'setup-reef-plug' && revision === 1)!.file;
export const changedPlug: Setup = demoFile('setup-reef-plug');
/** A lure with other trebles at some of its stations, each joint called by its station. */
export function hookedAt(setup: Setup, sizes: Partial<Record<Station, string>>): Setup {
  const hooks = Object.entries(sizes).map(([station, size]) => ({
    station: station as Station,
    part: { ...made({ kind: 'hook', style: 'treble', size }), id: `treble-${size}` } as Part,
  }));
  return {
    ...setup,
    parts: [...setup.parts, ...hooks.map(({ part }) => part)],
    chain: [
      ...setup.chain,
      ...hooks.map(({ station, part }): Joint => ({
        id: station,
        partId: part.id,
        kind: 'hook',
        point: 'open',
        station,
      })),
    ],
  };
}
export const bigTail: Setup = demoFile('setup-big-tail');
export const fly: Setup = demoFile('setup-char-flasher');
export const harness: Setup = demoFile('setup-crawler-harness');
export const minnow: Setup = demoFile('setup-crimped-minnow');
export const copper: Setup = demoFile('setup-copper-deep');
export const live: Setup = demoFile('setup-kelp-live');
export const feather: Setup = demoFile('setup-feather');
export const spoonRig: Setup = { ...sampleOf('spoon'), house: EMPTY_HOUSE };

/** A rule, a rig that passes it, and one or more that do not, with what is said of them. */
export type Case = readonly [rule: RuleId, passes: Setup, fails: readonly (readonly [Setup, string])[]];
