import { describe, expect, it } from 'vitest';
import { evaluate } from '@/core/judge';
import { partIdSchema } from '@/domain/ids';
import type { PartKind, PartOf } from '@/domain/parts';
import { firstRig, isLure, type InHand } from './first-rig';
import { readPart } from './read-part';

const read = <K extends PartKind>(line: string, kind: K): PartOf<K> => {
  const { part } = readPart(line, partIdSchema.parse(kind), { kind });
  if (!part) throw new Error(`not read: ${line}`);
  return part as PartOf<K>;
};
const hand = (rod: string, line: string, lure: string): InHand => {
  const { part } = readPart(lure, partIdSchema.parse('lure'));
  if (!part || !isLure(part)) throw new Error(`no lure: ${lure}`);
  return { rod: read(rod, 'rod'), line: read(line, 'line'), lure: part };
};
const SPIN = `7' medium fast spinning rod 1/4-3/4 oz`;
const CAST = `7'2" MH fast casting rod 3/8-1 oz`;

describe('a rod, a line and a lure', () => {
  it.each([
    [SPIN, 'braid 15 lb', 'paddle tail 4 inch'],
    [SPIN, 'mono 8 lb', 'spoon 1/2 oz'],
    [SPIN, 'braid 10 lb', 'ball jig head 1/4 oz 2/0'],
    [CAST, 'braid 40 lb', 'crankbait 60 mm 12 g'],
    [CAST, 'mono 14 lb', 'suspending jerkbait 110 mm 14 g'],
    [CAST, 'braid 50 lb', 'hollow frog 65 mm'],
    [CAST, 'braid 50 lb', 'popper 80 mm 14 g'],
    [CAST, 'fluoro 16 lb', 'skirted jig 1/2 oz 4/0'],
    [CAST, 'fluoro 16 lb', 'bladed jig 1/2 oz'],
    [SPIN, 'mono 6 lb', 'nightcrawler'],
    [`8'6" medium downrigger rod 8-17 lb`, 'mono 20 lb', 'spoon 3/4 oz'],
    [`8'6" medium downrigger rod 8-17 lb`, 'mono 20 lb', 'trolling fly 80 mm #2'],
    [`7' medium trolling rod 8-17 lb`, 'braid 20 lb', 'deep lip plug 70 mm floating'],
  ])('%s, %s, %s make a rig with every verdict told', (rod, line, lure) => {
    const made = firstRig(hand(rod, line, lure));
    if (made.kind !== 'rigged') throw new Error(JSON.stringify(made));
    const { verdicts, checks } = evaluate(made.setup);
    expect(Object.values(verdicts).map(({ mark }) => mark)).not.toContain(undefined);
    expect(verdicts.set.value).not.toBeNull();
    expect(checks.map(({ id }) => id)).not.toContain('untied');
    expect(made.setup.presentation.kind).toBe(/trolling|downrigger/.test(rod) ? 'towed' : 'cast');
  });

  it('takes the parts in the hand as they are', () => {
    const held = hand(CAST, 'braid 40 lb', 'crankbait 60 mm 12 g');
    const made = firstRig(held);
    if (made.kind !== 'rigged') throw new Error(made.kind);
    const partIn = (kind: PartKind) => made.setup.parts.find((part) => part.kind === kind);
    expect(partIn('rod')).toEqual({ ...held.rod, id: 'rod' });
    expect(partIn('hard-lure')).toEqual({ ...held.lure, id: 'lure' });
  });

  it('puts a head on a soft bait that brings it to the middle of the rod', () => {
    const made = firstRig(hand(SPIN, 'braid 15 lb', 'paddle tail 4 inch'));
    if (made.kind !== 'rigged') throw new Error(made.kind);
    expect(evaluate(made.setup).verdicts.throw.mark).toBe('sound');
  });

  it('asks a floating lure to float, and one that sinks to sink', () => {
    const fall = (lure: string) => {
      const made = firstRig(hand(CAST, 'mono 14 lb', lure));
      return made.kind === 'rigged' && made.setup.presentation.kind === 'cast'
        ? made.setup.presentation.wanted.fall.kind
        : null;
    };
    expect(fall('crankbait 60 mm 12 g floating')).toBe('floats');
    expect(fall('suspending jerkbait 110 mm 14 g')).toBe('suspends');
    expect(fall('sinking plug 70 mm 14 g')).toBe('steady');
  });
});
