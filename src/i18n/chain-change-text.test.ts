import { describe, expect, it } from 'vitest';
import { demoFile } from '../../tests/helpers/demo';
import { wordsIn } from '../../tests/helpers/words';
import { chainChanges } from '@/domain/chain-changes';
import type { Joint } from '@/domain/joint';
import { jointSchema } from '@/domain/joint';
import type { Part } from '@/domain/parts';
import { sampleOf } from '@/domain/sample-rig';
import { RIG_IDS } from '@/domain/rigs';
import { chainChangeText } from './chain-change-text';
import { LOCALES, type Preferences } from './preferences';
import { failureText, faultText, problemText } from './problem-text';

const preferences: Preferences = {
  locale: 'en',
  units: 'metric',
  lighting: 'day',
  speedUnit: 'usual',
  letterKeys: 'on',
};
const english = wordsIn(preferences);
const joint = (fields: object) => jointSchema.parse({ id: 'j', partId: 'p', ...fields });
const told = (was: Joint, is: Joint, words = english, parts: readonly Part[] = []) =>
  chainChanges([was], [is]).map((change) => chainChangeText(words, change, parts));

/** Each thing that can be chosen about a joint, before and after. */
const chosen: readonly (readonly [string, object, object, RegExp])[] = [
  ['a leader’s length', { kind: 'leader', lengthM: 1 }, { kind: 'leader', lengthM: 1.5 }, /1 m.*1\.5 m/],
  [
    'a short stinger',
    { kind: 'stinger', lengthM: 0.03, held: 'ring' },
    { kind: 'stinger', lengthM: 0.05, held: 'ring' },
    /30 mm.*50 mm/,
  ],
  [
    'how a stinger is held',
    { kind: 'stinger', lengthM: 0.03, held: 'ring' },
    { kind: 'stinger', lengthM: 0.03, held: 'stopped' },
    /ring/i,
  ],
  ['how a weight is held', { kind: 'weight', hold: 'free' }, { kind: 'weight', hold: 'pegged' }, /slides|free/i],
  [
    'how far a pinched weight is above',
    { kind: 'weight', hold: 'pinched', aboveM: 0.4 },
    { kind: 'weight', hold: 'pinched', aboveM: 0.6 },
    /0\.4 m.*0\.6 m/,
  ],
  ['how a point lies', { kind: 'hook', point: 'open' }, { kind: 'hook', point: 'buried' }, /exposed → point bur/i],
  [
    'where a hook hangs',
    { kind: 'hook', point: 'open' },
    { kind: 'hook', point: 'open', station: 'tail' },
    /all.*tail/i,
  ],
  [
    'a hook off the centre',
    { kind: 'hook', point: 'open', offCentreM: 0.002 },
    { kind: 'hook', point: 'open' },
    /2 mm.*–/,
  ],
  ['a plane to the side', { kind: 'plane', sidewaysRad: 0 }, { kind: 'plane', sidewaysRad: Math.PI / 6 }, /0°.*30°/],
  ['a plane that let go', { kind: 'plane' }, { kind: 'plane', tripped: true }, /–.*yes/i],
  ['segments bitten off', { kind: 'bait' }, { kind: 'bait', segmentsOff: 3 }, /–.*3\b/],
  ['a colour', { kind: 'lure', colour: 'copper' }, { kind: 'lure', colour: 'pearl' }, /copper.*pearl/],
  ['bare stations', { kind: 'lure' }, { kind: 'lure', bare: ['front', 'tail'] }, /front.*tail/i],
  ['hooks that slide', { kind: 'snell', spacingM: 0.05 }, { kind: 'snell', spacingM: 0.08 }, /50 mm.*80 mm/],
  ['where a tube is', { kind: 'hardware' }, { kind: 'hardware', place: 'bend' }, /bend/i],
];

describe('what was chosen otherwise', () => {
  it.each(chosen)('%s', (_, was, is, text) => {
    const said = told(joint(was), joint(is));
    expect(said).toHaveLength(1);
    expect(said[0]).toMatch(text);
  });

  it.each(LOCALES)('is said in words of the language: %s', (locale) => {
    const words = wordsIn({ ...preferences, locale, units: 'customary' });
    for (const [name, was, is] of chosen)
      for (const text of told(joint(was), joint(is), words))
        expect(text, name).not.toMatch(/undefined|NaN|\w+\.\w+\.|jointField|word\./);
  });
});

describe('what went, came and was swapped', () => {
  const wall = demoFile('setup-drowned-wall');
  it.each(LOCALES)('is told part by part, in %s', (locale) => {
    const words = wordsIn({ ...preferences, locale });
    for (const rig of RIG_IDS) {
      const { parts, chain } = sampleOf(rig);
      const changes = chainChanges(wall.chain, chain);
      expect(changes.length).toBeGreaterThan(0);
      for (const change of changes) {
        const text = chainChangeText(words, change, [...wall.parts, ...parts]);
        expect(text).not.toMatch(/undefined|NaN|chainChange/);
        expect(text.length).toBeGreaterThan(3);
      }
    }
  });
  it('names a part that is gone as gone', () => {
    const [change] = chainChanges(wall.chain, wall.chain.slice(0, -1));
    expect(chainChangeText(english, change!, [])).toMatch(/no longer|gone|not in the box/i);
  });
  it('is nothing where nothing is', () => expect(chainChanges(wall.chain, structuredClone(wall.chain))).toEqual([]));
});

describe.each(LOCALES)('what is wrong, in %s', (locale) => {
  const { t } = wordsIn({ ...preferences, locale });
  const allowed = [
    { kind: 'type', type: 'number' },
    { kind: 'type', type: 'nothing that has a name' },
    { kind: 'at-least', bound: 1, of: 'number' },
    { kind: 'at-most', bound: 1, of: 'items' },
    { kind: 'above', bound: 1, of: 'number' },
    { kind: 'below', bound: 1, of: 'number' },
    { kind: 'one-of', options: ['a', 'b'] },
    { kind: 'no-such-field' },
    { kind: 'format', format: 'date' },
    { kind: 'rule', rule: 'a hook behind a lure that carries none' },
    { kind: 'rule', rule: 'a setup that can be worked out' },
    { kind: 'rule', rule: 'an id that no other part has' },
  ] as const;
  it.each(allowed)('%o is a sentence, with what was given or that it is missing', (each) => {
    const [given, missing] = [7, undefined].map((value) =>
      problemText(t, { path: 'chain[3].kind', given: value, allowed: each } as never),
    );
    for (const text of [given!, missing!]) {
      expect(text.length).toBeGreaterThan(10);
      expect(text).not.toMatch(/undefined|\{|broken\./);
    }
    if (each.kind !== 'rule') expect(given).not.toBe(missing);
  });
  it('a long thing that was given is cut', () => {
    const text = problemText(t, {
      path: 'name',
      given: 'x'.repeat(900),
      allowed: { kind: 'at-most', bound: 120, of: 'letters' } as never,
    });
    expect(text.length).toBeLessThan(250);
  });
  it('names the part that keeps a setup from being worked out', () => {
    const problem = { path: 'parts[0].massKg', given: -1, allowed: { kind: 'above', bound: 0, of: 'number' } } as never;
    expect(faultText(t, [{ partName: 'Heron', problem }])).toMatch(/^Heron: /);
    expect(faultText(t, [{ partName: null, problem }])).not.toMatch(/^null/);
    expect(faultText(t, [])).toBe('');
    expect(failureText(t, 'stale').length).toBeGreaterThan(10);
  });
});
