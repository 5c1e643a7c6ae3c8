import { describe, expect, it } from 'vitest';
import { completePart } from '@/domain/parts/class-part';
import { RIG_IDS } from '@/domain/rigs';
import { sampleOf } from '@/domain/sample-rig';
import { HARDWARE_CLASSES, type HardwareForm } from '../../../tackle/defaults/hardware-classes';
import { HOOK_STYLES } from '../../../tackle/defaults/hook-classes';
import { PART_KINDS } from '@/domain/parts';
import { KNOTS, type KnotPattern } from '../../../tackle/defaults/knots';
import { evaluate } from '../../../judge';
import { readRig } from '../../../rig';
import { drawDetail } from '../detail';
import { endShape } from '../end-shape';
import { hardwareShape } from '../hardware-shape';
import { drawKnot } from '../knot-shape';
import { outlineOfPart } from '../part-outline';
import type { Primitive, Pt } from '../primitives';
import { drawSheet } from '../sheet';
import { SIZE, INSET, drawings, pointsOf, textBox, crosses } from './drawing-kit';

function heightOfWire({ primitives }: { readonly primitives: readonly Primitive[] }): number {
  const wire = primitives.find((p) => p.kind === 'path' && p.pen === 'hook')!;
  const ys = pointsOf(wire).map(([, y]) => y);
  return Math.max(...ys) - Math.min(...ys);
}

it.each([
  ['bait', 1],
  ['double', 2],
  ['treble', 3],
] as const)('gives a %s hook %i points, each with its barb', (style, points) => {
  const made = completePart({ id: 'hook', kind: 'hook', style, size: '4' });
  const bent = completePart({ id: 'hook', kind: 'hook', style, size: '4', barb: 'barbless' });
  if (!made.ok || !bent.ok) throw new Error('no hook');
  const count = (part: typeof made.data, pen: string) =>
    outlineOfPart(part)!.primitives.filter((p) => p.kind === 'path' && p.pen === pen).length;
  expect(count(made.data, 'hook')).toBe(points);
  expect(count(made.data, 'point')).toBe(points);
  expect(count(bent.data, 'point')).toBe(0);
});

it('draws every kind of part but rods, reels and line, and each style of hook in its own way', () => {
  const outlines = Object.keys(HOOK_STYLES).map((style) => {
    const made = completePart({
      id: 'hook',
      kind: 'hook',
      style,
      size: '2/0',
      wireM: ofHook,
      gapM: gap,
      shankM: shank,
    });
    return made.ok ? JSON.stringify(outlineOfPart(made.data)!.primitives) : style;
  });
  // A stinger is a plain single, as a bait hook is not.
  expect(new Set(outlines).size).toBeGreaterThanOrEqual(outlines.length - 1);
  for (const kind of PART_KINDS) {
    const made = completePart({ id: 'part', kind });
    if (!made.ok) continue;
    expect(outlineOfPart(made.data) === null, kind).toBe(['rod', 'reel', 'line'].includes(kind));
  }
});
const ofHook = { value: 0.0012, unit: 'm', provenance: 'measured' };
const gap = { value: 0.012, unit: 'm', provenance: 'measured' };
const shank = { value: 0.03, unit: 'm', provenance: 'measured' };

it('draws hooks, weights and baits alone, in their own millimetres', () => {
  for (const { file } of drawings) {
    for (const part of file.parts) {
      const outline = outlineOfPart(part);
      if (part.kind === 'hook') {
        expect(outline!.wireMm).toBeCloseTo(part.wireM.value * 1e3, 9);
        expect(Math.abs(heightOfWire(outline!) / (part.gapM.value * 1e3) - 1)).toBeLessThan(0.1);
      } else if (part.kind === 'soft-bait') {
        expect(outline!.widthMm).toBeCloseTo(part.lengthM.value * 1e3 + 3, 6);
      } else if (part.kind === 'rod') {
        expect(outline).toBeNull();
      }
      for (const [x, y] of outline?.primitives.flatMap(pointsOf) ?? []) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(outline!.widthMm);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(outline!.heightMm);
      }
    }
  }
});

describe.each([...RIG_IDS])('drawing of the rig %s', (rigId) => {
  const sample = sampleOf(rigId);
  const evaluation = evaluate(sample);
  const asked = {
    rig: readRig(sample),
    chain: sample.chain,
    presentation: sample.presentation,
    figures: evaluation.figures,
  };
  const sheet = drawSheet({ ...asked, ...SIZE });
  const details = [drawDetail({ ...asked, ...INSET }), drawDetail({ ...asked, widthMm: 104, heightMm: 50 })];

  it('stays on the paper, on a desk and in the hand', () => {
    for (const drawing of [sheet, ...details]) {
      for (const p of drawing.primitives) {
        if (p.kind === 'text' || p.kind === 'dimension') continue;
        for (const [x, y] of pointsOf(p)) {
          expect(x).toBeGreaterThanOrEqual(-0.01);
          expect(x).toBeLessThanOrEqual(drawing.widthMm + 0.01);
          expect(y).toBeGreaterThanOrEqual(-0.01);
          expect(y).toBeLessThanOrEqual(drawing.heightMm + 0.01);
        }
      }
    }
  });

  it('shows every joint, with one balloon each', () => {
    const balloons = [sheet, details[0]!].flatMap((drawing) =>
      drawing.primitives.flatMap((p) => (p.kind === 'balloon' ? [p.jointId] : [])),
    );
    expect([...new Set(balloons)].sort()).toEqual(sample.chain.map(({ id }) => id).sort());
    const drawn = new Set(
      [sheet, details[0]!].flatMap((drawing) =>
        drawing.primitives.flatMap((p) => ((p.kind === 'path' || p.kind === 'circle') && p.jointId ? [p.jointId] : [])),
      ),
    );
    for (const { id } of sample.chain) expect(drawn, id).toContain(id);
  });

  it('runs no line of a dimension through a text', () => {
    for (const drawing of [sheet, ...details]) {
      const lines = drawing.primitives.flatMap((p): (readonly [Pt, Pt])[] =>
        p.kind === 'dimension' ? [[p.from, p.to]] : [],
      );
      for (const p of drawing.primitives)
        if (p.kind === 'dimension' || p.kind === 'text')
          for (const [from, to] of lines) expect(crosses(textBox(p), from, to), p.label.code).toBe(false);
    }
  });

  it('has no point that is none', () => {
    for (const drawing of [sheet, ...details])
      for (const [x, y] of drawing.primitives.flatMap(pointsOf))
        expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
  });
});

describe('true shapes', () => {
  const hardware = (form: HardwareForm, more: object = {}) => {
    const made = completePart({ id: form, kind: 'hardware', form, ...more });
    if (!made.ok || made.data.kind !== 'hardware') throw new Error(form);
    return { part: made.data, shape: hardwareShape(made.data, 'h') };
  };
  it.each(Object.keys(HARDWARE_CLASSES) as HardwareForm[])(
    'a %s is as wide as it says, and its line goes on behind it',
    (form) => {
      const { part, shape } = hardware(form);
      const width = part.widthM.value * 1e3;
      expect(shape.exit[0]).toBeGreaterThan(0);
      expect(shape.primitives.length).toBeGreaterThan(0);
      expect(shape.primitives.some((p) => 'jointId' in p && p.jointId === 'h')).toBe(true);
      // Loops behind a crimp and hanging blades reach beyond the width that must pass the rings.
      if (
        form !== 'crimp' &&
        form !== 'blade' &&
        form !== 'hook-guard' &&
        form !== 'bridle' &&
        form !== 'screw-keeper' &&
        form !== 'planer-board' &&
        form !== 'release-clip' &&
        form !== 'trace'
      )
        expect(shape.bottom - shape.top).toBeGreaterThan(0.7 * width);
    },
  );
  it('draws a long trace short, with a break', () => {
    const { shape } = hardware('trace', { lengthM: { value: 0.3, unit: 'm', provenance: 'label' } });
    expect(shape.exit[0]).toBe(60);
    expect(shape.primitives.some((p) => p.kind === 'path' && p.pen === 'break')).toBe(true);
  });
  it('turns an end about its eye: what is aft of it goes down when the nose goes up', () => {
    const rig = readRig(sampleOf('jig-head'));
    const [level, up] = [0, 0.3].map((pitch) => endShape(rig.ends[0]!, pitch, rig.hook));
    expect(up!.bottom).toBeGreaterThan(level!.bottom + 10);
    expect(up!.body!.nose[0]).not.toBeCloseTo(level!.body!.nose[0], 3);
    expect(up!.exit).toEqual([0, 0]);
  });
  it('draws two revisions at one scale, with a place in common', () => {
    const [a, b] = [1, 2].map((revision) => drawings.find(({ id }) => id === `setup-bladed ${revision}`)!);
    const both = [a!, b!].map(({ rig, file, evaluation }) =>
      drawDetail({
        rig,
        chain: file.chain,
        presentation: file.presentation,
        figures: evaluation.figures,
        ...INSET,
        atLeast: 4,
      }),
    );
    expect(both.map(({ scale }) => scale)).toEqual([4, 4]);
    for (const { origin } of both) expect(origin.every(Number.isFinite)).toBe(true);
  });
  it('draws each knot another way round', () => {
    const ways = (Object.keys(KNOTS) as KnotPattern[]).map((pattern) => JSON.stringify(drawKnot(pattern, 'k')));
    expect(new Set(ways).size).toBe(ways.length);
  });
});
