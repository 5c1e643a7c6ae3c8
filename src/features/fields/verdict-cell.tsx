'use client';

import type { ReactNode } from 'react';
import type { Verdict } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { useI18n } from '@/i18n/client';
import { reasonText } from '@/i18n/setup-text';
import { Mark } from '@/ui/mark';
import { MARK_SHAPE, MEASURE_OF_UNIT } from './shown-as';

/** A verdict in a few lines: its mark, its figure, and why. */
export function VerdictCell({
  verdict,
  setup,
  range,
}: {
  readonly verdict: Verdict;
  readonly setup: Setup;
  readonly range?: ReactNode;
}) {
  const i18n = useI18n();
  const { t, format } = i18n;
  return (
    <>
      <p className="narrow flex items-center gap-1.5">
        <Mark shape={MARK_SHAPE[verdict.mark]} size={13} /> {t(`mark.${verdict.mark}`)}{' '}
        <span className="ml-auto text-[19px] font-semibold">
          {format(verdict.value, MEASURE_OF_UNIT[verdict.unit])}
        </span>
      </p>
      {range}
      <p className="semi-narrow text-[12.5px] leading-[1.25]">
        {verdict.reasons.map((reason) => reasonText(i18n, reason, setup)).join(' ')}
      </p>
    </>
  );
}
