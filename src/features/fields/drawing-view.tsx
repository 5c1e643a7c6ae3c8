'use client';

import type { Drawing, Label, Pen, Primitive, Pt } from '@/core/show';
import { pathData } from './outline-view';
import { useI18n, type I18n } from '@/i18n/client';

export interface DrawingPartProps {
  readonly drawing: Drawing;
  readonly selected: string;
  readonly onSelect: (jointId: string) => void;
}

/** The primitives of a drawing as SVG; knows pens and words, no geometry. */
export function DrawingPart({ drawing, selected, onSelect }: DrawingPartProps) {
  const i18n = useI18n();
  return drawing.primitives.map((primitive, i) => (
    <PrimitiveView key={i} primitive={primitive} selected={selected} onSelect={onSelect} i18n={i18n} />
  ));
}

/** Another drawing of the rig in thin lines, laid where the two have a place in common; no words, nothing to press. */
export function GhostPart({ drawing, base }: { readonly drawing: Drawing; readonly base: Drawing }) {
  const [dx, dy] = [base.origin[0] - drawing.origin[0], base.origin[1] - drawing.origin[1]];
  return (
    <g className="ghost" transform={`translate(${round(dx)} ${round(dy)})`} aria-hidden="true">
      {drawing.primitives.map((p, i) => {
        if (p.kind === 'path' && p.pen !== 'extension' && p.pen !== 'frame')
          return <path key={i} d={pathData(p.points, p.closed)} />;
        if (p.kind === 'circle') return <circle key={i} cx={round(p.at[0])} cy={round(p.at[1])} r={round(p.radius)} />;
        return null;
      })}
    </g>
  );
}

interface PrimitiveViewProps {
  readonly primitive: Primitive;
  readonly selected: string;
  readonly onSelect: (jointId: string) => void;
  readonly i18n: I18n;
}

function PrimitiveView({ primitive: p, selected, onSelect, i18n }: PrimitiveViewProps) {
  const pick = (jointId: string | undefined) =>
    jointId ? { 'data-joint': jointId, onClick: () => onSelect(jointId) } : {};
  switch (p.kind) {
    case 'path':
      return <path d={pathData(p.points, p.closed)} className={penClass(p.pen)} {...pick(p.jointId)} />;
    case 'circle':
      return (
        <circle
          cx={round(p.at[0])}
          cy={round(p.at[1])}
          r={round(p.radius)}
          className={penClass(p.pen)}
          {...pick(p.jointId)}
        />
      );
    case 'dimension':
      return (
        <g>
          <path d={pathData([p.from, p.to], false)} className="dimension" />
          <path d={arrow(p.to, p.from)} className="arrow" />
          <path d={arrow(p.from, p.to)} className="arrow" />
          <text
            x={round(p.textAt[0])}
            y={round(p.textAt[1])}
            textAnchor="middle"
            className="note"
            transform={p.turned ? `rotate(-90 ${round(p.textAt[0])} ${round(p.textAt[1])})` : undefined}
          >
            {labelText(p.label, i18n)}
          </text>
        </g>
      );
    case 'leader-line':
      return <path d={pathData([p.from, p.to], false)} className="pointer" />;
    case 'balloon':
      return (
        <g className="balloon" data-selected={p.jointId === selected} {...pick(p.jointId)}>
          <path d={pathData([p.at, p.target], false)} className="pointer" />
          <circle cx={round(p.at[0])} cy={round(p.at[1])} r="2.6" />
          <text x={round(p.at[0])} y={round(p.at[1] + 1.02)} textAnchor="middle">
            {p.number}
          </text>
        </g>
      );
    case 'text':
      return (
        <text x={round(p.at[0])} y={round(p.at[1])} textAnchor={p.anchor} className={p.strong ? 'heading' : 'note'}>
          {labelText(p.label, i18n)}
        </text>
      );
    default:
      return p satisfies never;
  }
}

const MEASURES = { lengthM: 'size', leverArmM: 'rodLength', stretchM: 'distance' } as const;

function labelText({ code, facts }: Label, { t, format, number }: I18n): string {
  const figure = (name: keyof typeof MEASURES, measure = MEASURES[name] as 'size' | 'rodLength' | 'distance') =>
    format(Number(facts[name]), measure);
  switch (code) {
    case 'detail':
      return t('drawing.detail', { scale: scaleText(Number(facts['scale']), number) });
    case 'see-detail':
      return t('drawing.see-detail');
    case 'lever':
      return t('drawing.lever', { length: figure('leverArmM') });
    case 'line-gives':
    case 'line-gives-short':
      return t(`drawing.${code}`, { length: figure('lengthM', 'distance'), stretch: figure('stretchM') });
    case 'line-out':
      return t('drawing.line-out', { length: figure('lengthM', 'distance') });
    case 'leader':
    case 'piece':
      return t('drawing.leader', { length: figure('lengthM', 'distance') });
    case 'body':
      return t('drawing.body', { length: figure('lengthM') });
    case 'point-out':
      return t('drawing.point-out', { length: figure('lengthM') });
    default:
      return t('drawing.height', { length: figure('lengthM') });
  }
}

/** `2 : 1` enlarged, `1 : 24` reduced. */
export const scaleText = (scale: number, number: I18n['number']): string =>
  scale < 1 ? `${number(1 / scale, 1)} : 1` : `1 : ${number(scale, 1)}`;

const penClass = (pen: Pen) => `pen-${pen}`;
const round = (value: number) => Math.round(value * 100) / 100;

function arrow(from: Pt, to: Pt): string {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const ux = (to[0] - from[0]) / length;
  const uy = (to[1] - from[1]) / length;
  const [bx, by] = [to[0] - 2 * ux, to[1] - 2 * uy];
  return pathData([to, [bx - 0.5 * uy, by + 0.5 * ux], [bx + 0.5 * uy, by - 0.5 * ux]], true);
}
