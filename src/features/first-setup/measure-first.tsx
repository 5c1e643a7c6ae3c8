'use client';

import type { Ranges } from '@/core/decide';
import { VERDICT_NAMES } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import type * as VerdictRanges from '@/domain/verdict-ranges';
import { useI18n } from '@/i18n/client';
import { inputText } from '@/i18n/input-text';
import { useLoaded } from '@/ui/use-loaded';

export interface MeasureFirstProps {
  /** null until the draws are made */
  readonly ranges: Ranges | null;
  readonly setup: Setup;
}

/** The measurement that would make the verdicts surer than any other, and how it is made. */
export function MeasureFirst({ ranges, setup }: MeasureFirstProps) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const told = useLoaded<typeof VerdictRanges>(load, ranges !== null);
  if (!ranges || !told) return <p className="semi-narrow mt-2 text-[13px] text-dim">{t('range.drawing')}</p>;
  const each = told.verdictRanges(ranges, setup);
  const [first] = VERDICT_NAMES.flatMap((name) => {
    const { mostly, sure } = each[name];
    return mostly?.measure ? [{ mostly, guide: mostly.measure.guide, sure }] : [];
  }).sort((a, b) => a.sure - b.sure || b.mostly.share - a.mostly.share);
  if (!first) return null;
  return (
    <p className="semi-narrow mt-2 border-l-2 border-ink pl-2 text-[14px]">
      <strong>{t('first.measure', { guide: t(`guideName.${first.guide}`) })}</strong>{' '}
      {t('range.mostly', {
        share: format(first.mostly.share, 'share'),
        input: inputText(i18n, first.mostly.path, setup),
      })}
    </p>
  );
}

const load = () => import('@/domain/verdict-ranges');
