'use client';

import type { ReactNode } from 'react';
import type { Drawing } from '@/core/show';
import { useI18n } from '@/i18n/client';
import { DrawingPart, GhostPart } from '@/features/fields/drawing-view';
import { INSET, WIDE, type Drawings } from './drawings';
import { useZoom } from './use-zoom';

export interface SheetViewProps {
  readonly drawings: Drawings;
  /** another revision, to lie over in thin lines */
  readonly over: Drawings | null;
  /** on a desk or on paper, else in the hand */
  readonly isWide: boolean;
  readonly selected: string;
  readonly onSelect: (jointId: string) => void;
  readonly dimmed: boolean;
  readonly zoom: ReturnType<typeof useZoom>;
}

/** On a desk one sheet with the detail laid in; in the hand two, one under the other. Wheel, pinch, drag and keys make it larger and move it. */
export function SheetView({ drawings, over, isWide, selected, onSelect, dimmed, zoom }: SheetViewProps) {
  const { t } = useI18n();
  const parts = { selected, onSelect };
  return (
    <div
      data-tour="sheet"
      data-state={dimmed ? 'waiting' : 'ready'}
      className="relative min-h-0 border border-ink bg-sheet transition-opacity data-[state=waiting]:opacity-70 data-[state=waiting]:delay-300"
    >
      {isWide ? (
        <div className="hidden h-full lg:block print:block">
          <Figure title={t('drawing.sheet')} {...WIDE} zoom={zoom} className="h-full w-full touch-none">
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
      ) : (
        <div className="divide-y divide-ink lg:hidden print:hidden">
          <Stacked title={t('drawing.sheet')} drawing={drawings.narrow} over={over?.narrow ?? null} {...parts} tiny />
          <Stacked
            title={t('drawing.detailTitle')}
            drawing={drawings.narrowDetail}
            over={over?.narrowDetail ?? null}
            {...parts}
          />
        </div>
      )}
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
  const zoom = useZoom();
  return (
    <Figure
      title={title}
      widthMm={drawing.widthMm}
      heightMm={drawing.heightMm}
      zoom={zoom}
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
  readonly zoom: ReturnType<typeof useZoom>;
  readonly className: string;
  readonly children: ReactNode;
}

function Figure({ title, widthMm, heightMm, zoom: { zoom, ref }, className, children }: FigureProps) {
  return (
    <svg
      ref={ref}
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
