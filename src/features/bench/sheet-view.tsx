'use client';

import { drawDetail, drawSheet, type Drawing, type Pt } from '@/core/drawing';
import { readRig, type Evaluation, type Setup } from '@/core/evaluate';
import type { ReactNode } from 'react';
import { useI18n } from '@/i18n/client';
import { DrawingPart } from './drawing-view';

/** A sheet of paper on the screen at 96 dots an inch: what fits beside the parts list at 1280 by 800. */
const WIDE = { widthMm: 259.3, heightMm: 143.7 } as const;
const INSET = { x: 70, y: 80.5, widthMm: 186, heightMm: 60 } as const;
const NARROW = { widthMm: 104, heightMm: 66 } as const;

export interface SheetViewProps {
  readonly drawings: ReturnType<typeof drawingsOf>;
  readonly selected: string;
  readonly onSelect: (jointId: string) => void;
  readonly dimmed: boolean;
}

/** The drawings of a setup at the sizes the page needs, and their scales for the title block. */
export function drawingsOf(setup: Setup, evaluation: Evaluation) {
  const rig = readRig(setup);
  const { chain, presentation } = setup;
  const sheet = (size: { widthMm: number; heightMm: number; detailAt?: Pt }) => drawSheet({ rig, chain, presentation, figures: evaluation.figures, ...size });
  const detail = (size: { widthMm: number; heightMm: number }) => drawDetail({ rig, chain, widthMm: size.widthMm, heightMm: size.heightMm });
  return { wide: sheet({ ...WIDE, detailAt: [INSET.x + INSET.widthMm * 0.9, INSET.y] }), inset: detail(INSET), narrow: sheet(NARROW), narrowDetail: detail({ ...NARROW, heightMm: 50 }) };
}

/** On a desk one sheet with the detail laid in; in the hand two, one under the other. */
export function SheetView({ drawings, selected, onSelect, dimmed }: SheetViewProps) {
  const { t } = useI18n();
  const parts = { selected, onSelect };
  return (
    <div data-state={dimmed ? 'waiting' : 'ready'} className="min-h-0 border border-ink bg-sheet transition-opacity data-[state=waiting]:opacity-70 data-[state=waiting]:delay-300">
      <div className="hidden h-full lg:block">
        <Figure title={t('drawing.sheet')} {...WIDE} className="h-full w-full">
          <g className="tiny"><DrawingPart drawing={drawings.wide} {...parts} /></g>
          <g transform={`translate(${INSET.x} ${INSET.y})`} style={{ ['--ground' as string]: 'var(--paper)' }}>
            <rect width={INSET.widthMm} height={INSET.heightMm} className="pen-frame" />
            <DrawingPart drawing={drawings.inset} {...parts} />
          </g>
        </Figure>
      </div>
      <div className="divide-y divide-ink lg:hidden">
        <Stacked title={t('drawing.sheet')} drawing={drawings.narrow} {...parts} tiny />
        <Stacked title={t('drawing.detailTitle')} drawing={drawings.narrowDetail} {...parts} />
      </div>
    </div>
  );
}

function Stacked({ title, drawing, tiny = false, ...parts }: { readonly title: string; readonly drawing: Drawing; readonly tiny?: boolean; readonly selected: string; readonly onSelect: (jointId: string) => void }) {
  return (
    <Figure title={title} widthMm={drawing.widthMm} heightMm={drawing.heightMm} className="block w-full">
      <g className={tiny ? 'tiny' : undefined}><DrawingPart drawing={drawing} {...parts} /></g>
    </Figure>
  );
}

function Figure({ title, widthMm, heightMm, className, children }: { readonly title: string; readonly widthMm: number; readonly heightMm: number; readonly className: string; readonly children: ReactNode }) {
  return (
    <svg viewBox={`0 0 ${widthMm} ${heightMm}`} className={`drawing ${className}`} role="img" aria-label={title}>
      {children}
    </svg>
  );
}
