import { describe, expect, it } from 'vitest';
import { drawDetail } from '../detail';
import { placeBalloons } from '../place-balloons';
import { scaleToFit, type Dimension, type Pt } from '../primitives';
import { SIZE, INSET, drawings, pointsOf, dimension, length, textBox, crosses, distanceToSegment } from './drawing-kit';

describe.each(drawings)('drawing of $id', ({ file, rig, evaluation, sheet, detail }) => {
  const inHand = () =>
    drawDetail({
      rig,
      chain: file.chain,
      presentation: file.presentation,
      figures: evaluation.figures,
      widthMm: 104,
      heightMm: 50,
    });
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
    for (const drawing of [sheet, detail, inHand()]) {
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
    for (const drawing of [sheet, detail, inHand()]) {
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
