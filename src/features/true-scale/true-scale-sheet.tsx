'use client';

import { useState } from 'react';
import { outlineOfPart } from '@/core/show';
import type { Part } from '@/domain/parts';
import { PART_KINDS, type PartKind } from '@/domain/parts/kinds';
import { OutlineShapes } from '@/features/fields/outline-view';
import { useI18n } from '@/i18n/client';
import { partDetail, partTitle } from '@/i18n/part-text';
import { ChoiceField } from '@/ui/choice-field';

/** A rod on paper at true scale needs more paper than there is; line and reels are told by figures. */
const WITHOUT_SHAPE: ReadonlySet<PartKind> = new Set(['rod', 'reel', 'line', 'knot']);

const WIRES_MM = [0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.2, 1.3, 1.4, 1.6, 1.8, 2, 2.3] as const;
const BAR_MM = 11;

/** A sheet to print and to lay hooks on, where there is no calliper: millimetres on paper are millimetres. */
export function TrueScaleSheet({ box }: { readonly box: readonly Part[] }) {
  const i18n = useI18n();
  const { t, number } = i18n;
  const [kind, setKind] = useState<PartKind>('hook');
  const kinds = PART_KINDS.filter((each) => !WITHOUT_SHAPE.has(each) && box.some((part) => part.kind === each));
  const shown = box
    .filter((part) => part.kind === kind)
    .flatMap((part) => {
      const outline = outlineOfPart(part);
      return outline ? [{ part, outline }] : [];
    });
  return (
    <main id="main" tabIndex={-1} className="mx-auto max-w-[200mm] bg-sheet p-4 outline-none print:p-0">
      <div className="mb-3 flex items-baseline justify-between gap-4">
        <h1 className="narrow text-[20px] font-semibold">{t('scale.title')}</h1>
        <button
          type="button"
          onClick={() => window.print()}
          className="narrow min-h-9 border border-ink bg-hi px-3 font-semibold text-on-hi print:hidden"
        >
          {t('scale.print')}
        </button>
      </div>
      <p className="semi-narrow text-[13px]">{t('scale.check')}</p>
      <svg
        viewBox="0 0 102 6"
        style={{ width: '102mm', height: '6mm' }}
        className="drawing mb-3"
        role="img"
        aria-label={t('scale.check')}
      >
        <path
          d={`M1,5H101${Array.from({ length: 11 }, (_, i) => `M${1 + 10 * i},5V${i % 5 === 0 ? 0.5 : 2.5}`).join('')}`}
          className="dimension"
        />
      </svg>
      <p className="semi-narrow text-[13px]">{t('scale.wires')}</p>
      <svg
        viewBox={`0 0 ${WIRES_MM.length * BAR_MM} 14`}
        style={{ width: `${WIRES_MM.length * BAR_MM}mm`, height: '14mm' }}
        className="drawing mb-3"
        role="img"
        aria-label={t('scale.wires')}
      >
        {WIRES_MM.map((wire, i) => (
          <g key={wire}>
            <path d={`M${i * BAR_MM + 1},4H${(i + 1) * BAR_MM - 1.5}`} stroke="currentColor" strokeWidth={wire} />
            <text x={i * BAR_MM + 1} y="11" className="note">
              {number(wire, 1)}
            </text>
          </g>
        ))}
      </svg>
      <ChoiceField
        className="mb-2 max-w-xs print:hidden"
        label={t('scale.kind')}
        value={kind}
        options={kinds.map((value) => ({ value, label: t(`kind.${value}`) }))}
        onValueChange={setKind}
      />
      <p className="semi-narrow mb-2 text-[13px]">{t('scale.hooks')}</p>
      <ul className="flex flex-wrap gap-x-5 gap-y-3">
        {shown.map(({ part, outline }) => (
          <li key={part.id} className="break-inside-avoid">
            <svg
              viewBox={`0 0 ${outline.widthMm} ${outline.heightMm}`}
              style={{ width: `${outline.widthMm}mm`, height: `${outline.heightMm}mm` }}
              className="drawing block"
              role="img"
              aria-label={partTitle(i18n, part)}
            >
              <OutlineShapes outline={outline} isTrueWire />
            </svg>
            <span className="narrow text-[12px]">
              {partTitle(i18n, part)} <span className="text-dim">{partDetail(i18n, part, null)}</span>
            </span>
          </li>
        ))}
      </ul>
    </main>
  );
}
