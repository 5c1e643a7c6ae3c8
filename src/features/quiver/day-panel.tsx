'use client';

import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import type { QuiverPage } from '@/server/queries/quiver-page';
import { Note, Table } from '@/features/fields/sheet';
import { throughTheDay } from './job';
import { rowName } from './names';
import type { QuiverState } from './use-quiver';

/** What each chosen rod does through the day, and how often its reel or its line is changed over. */
export function DayPanel({ state, box }: { readonly state: QuiverState; readonly box: QuiverPage['box'] }) {
  const i18n = useI18n();
  const { t } = i18n;
  const { answer, table, presented, rods, floor } = state;
  if (!answer || !table) return <p>{t('quiver.ask.asking')}</p>;
  const days = throughTheDay(
    answer.rods.filter((r) => r < rods.length),
    table,
    presented,
    floor,
  );
  const title = (id: string) => {
    const part = box.find((each) => each.id === id);
    return part ? partTitle(i18n, part) : i18n.t('reading.gone');
  };
  return (
    <>
      <Table
        caption={t('quiver.day.caption')}
        head={[t('word.rod'), t('quiver.presentation'), t('quiver.day.reels'), t('quiver.day.lines')]}
        rows={days.map(({ rod, presentations, reels, lines }) => [
          rods[rod]!.name ?? t('part.rod.plain'),
          presentations.map((p) => rowName(i18n, presented[p]!)).join(', ') || '–',
          <>
            {reels.map(title).join(', ') || '–'}
            {reels.length > 1 && (
              <strong className="block font-semibold">{t('quiver.day.twoReels', { count: reels.length - 1 })}</strong>
            )}
          </>,
          <>
            {lines.map(title).join(', ') || '–'}
            {lines.length > reels.length && (
              <strong className="block font-semibold">{t('quiver.day.moreLines', { count: lines.length })}</strong>
            )}
          </>,
        ])}
      />
      <Note>{t('quiver.day.note')}</Note>
    </>
  );
}
