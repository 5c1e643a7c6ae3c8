import { demoFiles } from '../../../../../tests/helpers/demo';
import { catalogueOf } from '@/i18n/catalogue';
import { evaluate } from '../../../judge';
import { readRig } from '../../../rig';
import { drawDetail } from '../detail';
import type { Drawing, Primitive, Pt } from '../primitives';
import { drawSheet } from '../sheet';

export const SIZE = { widthMm: 259, heightMm: 143 };
export const INSET = { widthMm: 186, heightMm: 60 };

export const drawings = demoFiles.map(({ id, revision, file }) => {
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

export const pointsOf = (p: Primitive): readonly Pt[] => {
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
export const dimension = (drawing: Drawing, code: string) =>
  drawing.primitives.find(
    (p): p is Extract<Primitive, { kind: 'dimension' }> => p.kind === 'dimension' && p.label.code === code,
  );
export const length = ({ from, to }: { from: Pt; to: Pt }) => Math.hypot(to[0] - from[0], to[1] - from[1]);

interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Characters of the longer of the two languages, figures at their longest; a narrow character is 1.42 mm wide at this size. */
export function textBox(p: Extract<Primitive, { kind: 'dimension' | 'text' }>): Box {
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
export function crosses(box: Box, from: Pt, to: Pt): boolean {
  return Array.from({ length: 201 }, (_, i) => i / 200).some((t) => {
    const [x, y] = [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])];
    return x > box.left && x < box.right && y > box.top && y < box.bottom;
  });
}

export function distanceToSegment(p: Pt, a: Pt, b: Pt): number {
  const squared = (b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2 || 1;
  const t = Math.min(1, Math.max(0, ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / squared));
  return Math.hypot(p[0] - a[0] - t * (b[0] - a[0]), p[1] - a[1] - t * (b[1] - a[1]));
}
