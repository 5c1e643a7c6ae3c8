import { describe, expect, it } from 'vitest';
import { completePart } from './parts/class-part';
import type { Part } from './parts';
import { RIG_IDS } from './rigs';
import { askedOf, NOTHING_ASKED, rigsFor, slotFor } from './start-from';
import { sampleOf } from './sample-rig';
import { startPresentation } from './start-setup';
import { usualPresentation } from './usual-presentation';
import { coloursOf } from './parts/colours';

const part = (given: { readonly kind: Part['kind'] } & Readonly<Record<string, unknown>>): Part => {
  const made = completePart({ id: 'part', ...given });
  if (!made.ok) throw new Error(JSON.stringify(made.problems));
  return made.data;
};

describe('the rigs that take a lure or bait', () => {
  it('are those with a place for it, for a plug first the one that changes its hooks', () => {
    const rigs = rigsFor(part({ kind: 'hard-lure' }));
    expect(rigs[0]).toBe('plug');
    expect(rigs).toContain('towed-minnow');
    expect(rigs).not.toContain('spoon');
  });
  it('look at what it is like', () => {
    expect(rigsFor(part({ kind: 'topwater', body: 'hollow' }))).toContain('hollow-topwater');
    expect(rigsFor(part({ kind: 'topwater', body: 'cupped' }))).toEqual(['bare-topwater']);
    expect(rigsFor(part({ kind: 'natural-bait', bait: 'bait-worm' }))).toContain('worm-harness');
    expect(rigsFor(part({ kind: 'natural-bait', bait: 'bait-fish' }))).not.toContain('worm-harness');
  });
  it('have no place for what holds the rig', () => {
    for (const rig of RIG_IDS)
      for (const kind of ['rod', 'reel', 'line', 'hook'] as const) expect(slotFor(rig, part({ kind }))).toBeNull();
  });
});

describe('what was asked', () => {
  it('stands in the place of what is usual, with a band about the depth of what is towed', () => {
    const towed = askedOf(startPresentation('towed-minnow'), {
      fished: 'trolled',
      depthM: 8,
      speedMps: 1.3,
      fishKg: 4,
    });
    expect(towed).toMatchObject({ depthM: 8, speedMps: 1.3, fishKg: 4, wanted: { depth: { fromM: 6.8, toM: 9.2 } } });
  });
  it('changes nothing where nothing was asked', () =>
    expect(askedOf(startPresentation('jig-head'), NOTHING_ASKED)).toEqual(startPresentation('jig-head')));
});

it('reads the colours of one model, each once, with its pieces', () =>
  expect(coloursOf(part({ kind: 'spoon', colours: 'firetiger ×3, perch x 2; silver, perch' }))).toEqual([
    { name: 'firetiger', pieces: 3 },
    { name: 'perch', pieces: 2 },
    { name: 'silver', pieces: null },
  ]));

it('starts a rig that no model can read from the pattern’s own presentation', () => {
  const sample = sampleOf('jig-head');
  const parts = sample.parts.map((each) =>
    each.kind === 'jig-head' ? { ...each, massKg: { ...each.massKg, value: 1e-6 } } : each,
  );
  expect(usualPresentation('jig-head', parts, sample.chain)).toEqual(startPresentation('jig-head'));
  expect(usualPresentation('jig-head', sample.parts, sample.chain)).not.toEqual(startPresentation('jig-head'));
});
