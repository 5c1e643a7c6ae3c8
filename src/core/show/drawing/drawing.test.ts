import { describe, expect, it } from 'vitest';
import { demoFiles } from '../../../../tests/helpers/demo';
import { completePart } from '@/domain/parts/class-part';
import { RIG_IDS } from '@/domain/rigs';
import { sampleOf } from '@/domain/sample-rig';
import { catalogueOf } from '@/i18n/catalogue';
import { HARDWARE_CLASSES, type HardwareForm } from '../../tackle/defaults/hardware-classes';
import { HOOK_STYLES } from '../../tackle/defaults/hook-classes';
import { PART_KINDS } from '@/domain/parts';
import { KNOTS, type KnotPattern } from '../../tackle/defaults/knots';
import { evaluate } from '../../judge';
import { readRig } from '../../rig';
import { drawDetail } from './detail';
import { endShape } from './end-shape';
import { hardwareShape } from './hardware-shape';
import { drawKnot } from './knot-shape';
import { outlineOfPart } from './part-outline';
import { placeBalloons } from './place-balloons';
import { scaleToFit, type Dimension, type Drawing, type Primitive, type Pt } from './primitives';
import { drawSheet } from './sheet';

const SIZE = { widthMm: 259, heightMm: 143 };
const INSET = { widthMm: 186, heightMm: 60 };

const drawings = demoFiles.map(({ id, revision, file }) => {
  const rig = readRig(file);
  const evaluation = evaluate(file);
  return {
    id: `${id} ${revision}`,
    file,
    rig,
    evaluation,
    sheet: drawSheet({ rig, chain: file.chain, presentation: file.presentation, figures: evaluation.figures, ...SIZE }),
    detail: drawDetail({
      rig,
      chain: file.chain,
      presentation: file.presentation,
      figures: evaluation.figures,
      ...INSET,
    }),
  };
});

const pointsOf = (p: Primitive): readonly Pt[] => {
  switch (p.kind) {
    case 'path':
      return p.points;
    case 'circle':
    case 'text':
      return [p.at];
    case 'dimension':
      return [p.from, p.to, p.textAt];
    case 'leader-line':
      return [p.from, p.to];
    case 'balloon':
      return [p.at, p.target];
    default:
      return p satisfies never;
  }
};
const dimension = (drawing: Drawing, code: string) =>
  drawing.primitives.find(
    (p): p is Extract<Primitive, { kind: 'dimension' }> => p.kind === 'dimension' && p.label.code === code,
  );
const length = ({ from, to }: { from: Pt; to: Pt }) => Math.hypot(to[0] - from[0], to[1] - from[1]);

describe.each(drawings)('drawing of $id', ({ file, rig, evaluation, sheet, detail }) => {
  it('stays on the paper', () => {
    for (const [drawing, size] of [
      [sheet, SIZE],
      [detail, INSET],
    ] as const) {
      for (const [x, y] of drawing.primitives.flatMap(pointsOf)) {
        expect(x).toBeGreaterThanOrEqual(-0.01);
        expect(x).toBeLessThanOrEqual(size.widthMm);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(size.heightMm);
      }
    }
  });

  it('is to scale: the lever, the body and its height measure what they say', () => {
    const lever = dimension(sheet, 'lever');
    const bend = evaluation.figures.set?.rodBend ?? evaluation.figures.strike?.rodBend;
    expect(lever !== undefined).toBe(bend !== undefined);
    if (lever) expect(length(lever) * sheet.scale).toBeCloseTo(bend!.leverArmM * 1e3, 0);
    const measured = detail.primitives.filter(
      (p): p is Dimension => p.kind === 'dimension' && p.label.code !== 'piece',
    );
    expect(measured.length).toBeGreaterThan(0);
    for (const each of measured)
      expect(length(each) * detail.scale).toBeCloseTo(Number(each.label.facts['lengthM']) * 1e3, 6);
  });

  it('lays every bait as it was computed where an attitude is wanted of it', () => {
    const { attitude } = file.presentation.wanted;
    const body = detail.primitives.find((p): p is Dimension => p.kind === 'dimension' && p.label.code === 'body');
    if (!body || attitude.kind === 'any') return;
    const drawn = Math.atan2(body.to[1] - body.from[1], body.to[0] - body.from[0]);
    expect(drawn).toBeCloseTo(evaluation.figures.balance.ends.at(-1)!.pitchRad, 6);
  });

  it('runs no dimension line through a text, in either language', () => {
    for (const drawing of [
      sheet,
      detail,
      drawDetail({
        rig,
        chain: file.chain,
        presentation: file.presentation,
        figures: evaluation.figures,
        widthMm: 104,
        heightMm: 50,
      }),
    ]) {
      const lines = drawing.primitives.flatMap((p): (readonly [Pt, Pt])[] =>
        p.kind === 'dimension'
          ? [[p.from, p.to]]
          : p.kind === 'path' && p.pen === 'extension'
            ? [[p.points[0]!, p.points[1]!]]
            : [],
      );
      const texts = drawing.primitives.flatMap((p) =>
        p.kind === 'dimension' || p.kind === 'text' ? [{ code: p.label.code, box: textBox(p) }] : [],
      );
      for (const { code, box } of texts)
        for (const [from, to] of lines)
          expect(crosses(box, from, to), `${code} crossed by ${from.join()} to ${to.join()}`).toBe(false);
    }
  });

  it('has one balloon for each joint, numbered as the parts list', () => {
    const balloons = [sheet, detail].flatMap((drawing) =>
      drawing.primitives.flatMap((p) => (p.kind === 'balloon' ? [p] : [])),
    );
    expect([...new Set(balloons.map(({ jointId }) => jointId))].sort()).toEqual(file.chain.map(({ id }) => id).sort());
    for (const { jointId, number } of balloons) expect(file.chain[number - 1]!.id).toBe(jointId);
  });

  it('keeps balloons clear of dimension lines and of each other, on a desk and in the hand', () => {
    for (const drawing of [
      sheet,
      detail,
      drawDetail({
        rig,
        chain: file.chain,
        presentation: file.presentation,
        figures: evaluation.figures,
        widthMm: 104,
        heightMm: 50,
      }),
    ]) {
      const balloons = drawing.primitives.flatMap((p) => (p.kind === 'balloon' ? [p] : []));
      const lines = drawing.primitives.flatMap((p) => (p.kind === 'dimension' ? [p] : []));
      for (const balloon of balloons) {
        for (const line of lines)
          expect(
            distanceToSegment(balloon.at, line.from, line.to),
            `balloon ${balloon.number} on ${line.label.code}`,
          ).toBeGreaterThan(2.6);
        for (const other of balloons)
          if (other !== balloon)
            expect(
              length({ from: balloon.at, to: other.at }),
              `balloons ${balloon.number} and ${other.number}`,
            ).toBeGreaterThan(5.2);
      }
    }
  });
});

interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Characters of the longer of the two languages, figures at their longest; a narrow character is 1.42 mm wide at this size. */
function textBox(p: Extract<Primitive, { kind: 'dimension' | 'text' }>): Box {
  const longest = Math.max(
    ...(['en', 'es'] as const).map(
      (locale) => catalogueOf(locale).drawing[p.label.code].replaceAll(/\{\w+\}/g, '00.0 mm').length,
    ),
  );
  const [x, y] = p.kind === 'text' ? p.at : p.textAt;
  const width = longest * 1.42;
  if (p.kind === 'dimension' && p.turned)
    return { left: x - 2.2, right: x + 0.4, top: y - width / 2, bottom: y + width / 2 };
  const left = p.kind === 'dimension' || p.anchor === 'middle' ? x - width / 2 : p.anchor === 'end' ? x - width : x;
  return { left, right: left + width, top: y - 2.2, bottom: y + 0.4 };
}

/** Whether a segment meets a box, by walking along it. */
function crosses(box: Box, from: Pt, to: Pt): boolean {
  return Array.from({ length: 201 }, (_, i) => i / 200).some((t) => {
    const [x, y] = [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])];
    return x > box.left && x < box.right && y > box.top && y < box.bottom;
  });
}

function distanceToSegment(p: Pt, a: Pt, b: Pt): number {
  const squared = (b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2 || 1;
  const t = Math.min(1, Math.max(0, ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / squared));
  return Math.hypot(p[0] - a[0] - t * (b[0] - a[0]), p[1] - a[1] - t * (b[1] - a[1]));
}

it('takes the largest usual scale that fits', () => {
  expect(scaleToFit({ widthMm: 100, heightMm: 10 }, { widthMm: 60, heightMm: 60 })).toBe(2);
  expect(scaleToFit({ widthMm: 20, heightMm: 10 }, { widthMm: 60, heightMm: 60 })).toBeCloseTo(1 / 3, 12);
  expect(scaleToFit({ widthMm: 1e6, heightMm: 1 }, { widthMm: 10, heightMm: 10 })).toBe(1e5);
});

it('moves a balloon off a label that stands in its way, and tries the far side when its own is full', () => {
  const label = {
    kind: 'dimension',
    from: [0, 30],
    to: [60, 30],
    textAt: [30, 28],
    turned: false,
    label: { code: 'body', facts: {} },
  } as const;
  const [free, moved, below] = [
    placeBalloons([{ jointId: 'a', number: 1, target: [30, 40], side: 'above' }], [], { widthMm: 60, heightMm: 80 }),
    placeBalloons([{ jointId: 'a', number: 1, target: [30, 40], side: 'above' }], [label], {
      widthMm: 60,
      heightMm: 80,
    }),
    placeBalloons([{ jointId: 'a', number: 1, target: [30, 3], side: 'above' }], [], { widthMm: 60, heightMm: 80 }),
  ].map(([first]) => (first?.kind === 'balloon' ? first.at : [Number.NaN, Number.NaN]));
  expect(free![1]).toBeLessThan(32);
  expect(distanceToSegment(moved as Pt, label.from, label.to)).toBeGreaterThan(2.6);
  expect(below![1]).toBeGreaterThan(3.6);
});

/** From the shank to the highest of the first arm of a hook [mm]. */
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
