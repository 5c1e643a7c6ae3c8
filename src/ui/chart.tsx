'use client';

import type { EChartsCoreOption, EChartsType } from 'echarts/core';
import { useEffect, useEffectEvent, useRef } from 'react';

/** The inks of the lighting that is on. */
export interface Pens {
  readonly ink: string;
  readonly dim: string;
  readonly faint: string;
  readonly hi: string;
  readonly sheet: string;
  readonly ok: string;
  readonly edge: string;
  readonly bad: string;
}

export interface ChartProps {
  readonly option: (pens: Pens) => EChartsCoreOption;
  readonly label: string;
  readonly className?: string;
  /** a point of the plot that was clicked, in the units of the axes */
  readonly onPoint?: (x: number, y: number) => void;
}

const PEN_NAMES = ['ink', 'dim', 'faint', 'hi', 'sheet', 'ok', 'edge', 'bad'] as const;

/** A chart in the pens of the page; it follows the lighting and the width. */
export function Chart({ option, label, className = 'h-72', onPoint }: ChartProps) {
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | null>(null);
  const draw = useEffectEvent(() => {
    const style = getComputedStyle(document.documentElement);
    const pens = Object.fromEntries(
      PEN_NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]),
    ) as Record<(typeof PEN_NAMES)[number], string>;
    chart.current?.setOption(
      { animation: false, textStyle: { fontFamily: style.fontFamily, color: pens.dim }, ...option(pens) },
      { notMerge: true },
    );
  });
  const pick = useEffectEvent((pixel: [number, number]) => {
    const [x, y] = chart.current?.convertFromPixel({ gridIndex: 0 }, pixel) ?? [];
    if (chart.current?.containPixel({ gridIndex: 0 }, pixel) && x !== undefined && y !== undefined) onPoint?.(x, y);
  });
  useEffect(() => {
    const element = box.current!;
    const undo: (() => void)[] = [];
    let gone = false;
    // The charts are heavier than all else on a page: they come when the first one is shown.
    void import('./echarts').then(({ startChart }) => {
      if (gone) return;
      const made = startChart(element);
      chart.current = made;
      made.getZr().on('click', ({ offsetX, offsetY }) => pick([offsetX, offsetY]));
      const sized = new ResizeObserver(() => made.resize());
      sized.observe(element);
      const lit = new MutationObserver(() => draw());
      lit.observe(document.documentElement, { attributes: true, attributeFilter: ['data-lighting'] });
      undo.push(
        () => sized.disconnect(),
        () => lit.disconnect(),
        () => made.dispose(),
      );
      draw();
    });
    return () => {
      gone = true;
      for (const each of undo) each();
      chart.current = null;
    };
  }, []);
  useEffect(() => draw(), [option]);
  return <div ref={box} role="img" aria-label={label} className={className} />;
}
