'use client';

import type { ReactNode } from 'react';
import { drawDetail, drawSheet, type Drawing, type Pt } from '@/core/show';
import type { Evaluation } from '@/core/judge';
import { readRig } from '@/core/rig';
import type { Setup } from '@/core/tackle';
import { useI18n } from '@/i18n/client';
import { DrawingPart, GhostPart } from '@/features/fields/drawing-view';
import { useZoom, type Zoom } from './use-zoom';

/** A sheet of paper on the screen at 96 dots an inch: what fits beside the parts list at 1280 by 800. */
const WIDE = { widthMm: 259.3, heightMm: 131 } as const;
const INSET = { x: 70, y: 68, widthMm: 186, heightMm: 60 } as const;
const NARROW = { widthMm: 104, heightMm: 66 } as const;

export interface Drawings {
  readonly wide: Drawing;
  readonly inset: Drawing;
  readonly narrow: Drawing;
  readonly narrowDetail: Drawing;
}

export interface SheetViewProps {
  readonly drawings: Drawings;
  /** another revision, to lie over in thin lines */
  readonly over: Drawings | null;
  readonly selected: string;
  readonly onSelect: (jointId: string) => void;
  readonly dimmed: boolean;
  readonly zoom: ReturnType<typeof useZoom>;
  /** the sheet as it stands, for saving */
  readonly onSvg: (svg: SVGSVGElement | null) => void;
}

type Scales = Partial<Record<keyof Drawings, number>>;

/** The drawings of a setup at the sizes the page needs, no larger than `atLeast` says. */
export function drawingsOf(setup: Setup, evaluation: Evaluation, atLeast: Scales = {}): Drawings {
  const rig = readRig(setup);
  const { chain, presentation } = setup;
  const { figures } = evaluation;
  const sheet = (of: 'wide' | 'narrow', size: { widthMm: number; heightMm: number; detailAt?: Pt }) =>
    drawSheet({ rig, chain, presentation, figures, ...size, ...least(atLeast[of]) });
  const detail = (of: 'inset' | 'narrowDetail', size: { widthMm: number; heightMm: number }) =>
    drawDetail({
      rig,
      chain,
      presentation,
      figures,
      widthMm: size.widthMm,
      heightMm: size.heightMm,
      ...least(atLeast[of]),
    });
  return {
    wide: sheet('wide', { ...WIDE, detailAt: [INSET.x + INSET.widthMm * 0.9, INSET.y] }),
    inset: detail('inset', INSET),
    narrow: sheet('narrow', NARROW),
    narrowDetail: detail('narrowDetail', { ...NARROW, heightMm: 50 }),
  };
}

const least = (scale: number | undefined) => (scale === undefined ? {} : { atLeast: scale });

/** Two setups at one scale, so that the one can lie over the other. */
export function overlaid(
  base: readonly [Setup, Evaluation],
  over: readonly [Setup, Evaluation],
): { readonly base: Drawings; readonly over: Drawings } {
  const first = drawingsOf(...base);
  const second = drawingsOf(...over);
  const scales = Object.fromEntries(
    (Object.keys(first) as (keyof Drawings)[]).map((key) => [key, Math.max(first[key].scale, second[key].scale)]),
  );
  return { base: drawingsOf(...base, scales), over: drawingsOf(...over, scales) };
}

/** On a desk one sheet with the detail laid in; in the hand two, one under the other. Wheel, pinch, drag and keys make it larger and move it. */
export function SheetView({ drawings, over, selected, onSelect, dimmed, zoom, onSvg }: SheetViewProps) {
  const { t } = useI18n();
  const parts = { selected, onSelect };
  return (
    <div
      data-state={dimmed ? 'waiting' : 'ready'}
      className="relative min-h-0 border border-ink bg-sheet transition-opacity data-[state=waiting]:opacity-70 data-[state=waiting]:delay-300"
    >
      <div className="hidden h-full lg:block print:block">
        <Figure
          title={t('drawing.sheet')}
          {...WIDE}
          zoom={zoom.zoom}
          handlers={zoom.handlers}
          onSvg={onSvg}
          className="h-full w-full touch-none"
        >
          <g className="tiny">
            <DrawingPart drawing={drawings.wide} {...parts} />
            {over && <GhostPart drawing={over.wide} base={drawings.wide} />}
          </g>
          <g transform={`translate(${INSET.x} ${INSET.y})`} style={{ ['--ground' as string]: 'var(--paper)' }}>
            <rect width={INSET.widthMm} height={INSET.heightMm} className="pen-frame" />
            <DrawingPart drawing={drawings.inset} {...parts} />
            {over && <GhostPart drawing={over.inset} base={drawings.inset} />}
          </g>
        </Figure>
      </div>
      <div className="divide-y divide-ink lg:hidden print:hidden">
        <Stacked title={t('drawing.sheet')} drawing={drawings.narrow} over={over?.narrow ?? null} {...parts} tiny />
        <Stacked
          title={t('drawing.detailTitle')}
          drawing={drawings.narrowDetail}
          over={over?.narrowDetail ?? null}
          {...parts}
        />
      </div>
      {zoom.zoom.k !== 1 && (
        <button
          type="button"
          onClick={() => zoom.run('whole')}
          className="narrow absolute bottom-1 left-1 border border-faint bg-sheet px-2 text-[12px] print:hidden max-lg:hidden"
        >
          {t('drawing.whole')}
        </button>
      )}
    </div>
  );
}

interface StackedProps {
  readonly title: string;
  readonly drawing: Drawing;
  readonly over: Drawing | null;
  readonly tiny?: boolean;
  readonly selected: string;
  readonly onSelect: (jointId: string) => void;
}

/** One drawing in the hand, with its own pinch. */
function Stacked({ title, drawing, over, tiny = false, ...parts }: StackedProps) {
  const { zoom, handlers } = useZoom();
  return (
    <Figure
      title={title}
      widthMm={drawing.widthMm}
      heightMm={drawing.heightMm}
      zoom={zoom}
      handlers={handlers}
      className="block w-full touch-pan-y"
    >
      <g className={tiny ? 'tiny' : undefined}>
        <DrawingPart drawing={drawing} {...parts} />
        {over && <GhostPart drawing={over} base={drawing} />}
      </g>
    </Figure>
  );
}

interface FigureProps {
  readonly title: string;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly zoom: Zoom;
  readonly handlers: ReturnType<typeof useZoom>['handlers'];
  readonly onSvg?: (svg: SVGSVGElement | null) => void;
  readonly className: string;
  readonly children: ReactNode;
}

function Figure({ title, widthMm, heightMm, zoom, handlers, onSvg, className, children }: FigureProps) {
  const { ref, ...events } = handlers;
  return (
    <svg
      ref={(element) => {
        ref(element);
        onSvg?.(element);
      }}
      {...events}
      viewBox={`0 0 ${widthMm} ${heightMm}`}
      className={`drawing overflow-hidden ${className}`}
      role="img"
      aria-label={title}
      data-zoom={zoom.k}
    >
      <g transform={`translate(${zoom.x} ${zoom.y}) scale(${zoom.k})`}>{children}</g>
    </svg>
  );
}
