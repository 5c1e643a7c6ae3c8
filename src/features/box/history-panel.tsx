'use client';

import { useEffect, useState } from 'react';
import type { Part } from '@/domain/parts';
import { fieldsOf } from '@/domain/parts/fields';
import { withValueAt } from '@/domain/parts/with-value-at';
import { useI18n, type I18n } from '@/i18n/client';
import { fieldLabel, fieldText } from '@/i18n/field-text';
import { partTitle } from '@/i18n/part-text';
import { partHistory, type PartHistory } from '@/server/actions/box';
import type { Guide } from '@/domain/guides';
import { Panel } from '@/ui/panel';

/** What was measured of a part, over what, and how its stock moved. */
export function HistoryPanel({ part, onClose }: { readonly part: Part; readonly onClose: () => void }) {
  const i18n = useI18n();
  const { t, date, format, number } = i18n;
  const [history, setHistory] = useState<PartHistory | 'away' | null>(null);
  useEffect(() => {
    let open = true;
    partHistory({ partId: part.id }).then(
      (reply) => open && setHistory(reply.ok ? reply.data : 'away'),
      () => open && setHistory('away'),
    );
    return () => {
      open = false;
    };
  }, [part.id]);
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={`${t('box.key.history')} · ${partTitle(i18n, part)}`}
      closeLabel={t('common.close')}
    >
      {history === null && <p role="status">{t('box.loading')}</p>}
      {history === 'away' && <p role="alert">{t('failure.unreachable')}</p>}
      {history !== null && history !== 'away' && (
        <>
          <h3 className="narrow text-[13px] text-dim">{t('box.readings')}</h3>
          {history.unreadable > 0 && (
            <p className="semi-narrow text-[14px]">{t('box.unreadableReadings', { count: history.unreadable })}</p>
          )}
          {history.readings.length === 0 && history.unreadable === 0 && (
            <p className="semi-narrow text-[14px]">{t('box.noReadings')}</p>
          )}
          <ul>
            {history.readings.map(({ guide, before, after, takenAt, by }) => (
              <li key={takenAt + guide} className="border-t border-faint py-1 text-[14px]">
                <span className="narrow text-dim">
                  {date(new Date(takenAt), 'full')} · {t(`guideName.${guide as Guide}`)}
                  {by && ` · ${by}`}
                </span>
                {changesOf(i18n, part, before, after).map(({ label, was, is }) => (
                  <span key={label} className="semi-narrow block">
                    {t('box.wasIs', { field: label, was, is })}
                  </span>
                ))}
              </li>
            ))}
          </ul>
          <h3 className="narrow mt-3 text-[13px] text-dim">{t('box.movements')}</h3>
          {history.movements.length === 0 && <p className="semi-narrow text-[14px]">{t('box.noMovements')}</p>}
          <ul>
            {history.movements.map(({ amount, reason, at, by }, i) => (
              <li key={i} className="flex items-baseline justify-between gap-3 border-t border-faint py-1 text-[14px]">
                <span className="narrow text-dim">
                  {date(new Date(at), 'full')}
                  {by && ` · ${by}`}
                </span>
                <span className="semi-narrow flex-1">{reason}</span>
                <span>
                  {amount > 0 ? '+' : '−'}
                  {part.kind === 'line' ? format(Math.abs(amount), 'distance') : number(Math.abs(amount), 0)}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </Panel>
  );
}

/** The figures of a reading, before and after; a field that holds several is told one by one. */
function changesOf(i18n: I18n, part: Part, before: Record<string, unknown>, after: Record<string, unknown>) {
  const paths = Object.keys(after);
  const with_ = (values: Record<string, unknown>) =>
    paths.reduce<object>((held, path) => withValueAt(held, path, values[path] ?? undefined), part) as Part;
  const [was, is] = [with_(before), with_(after)];
  return fieldsOf(part.kind)
    .filter(
      ({ path }) =>
        paths.some((changed) => path === changed || path.startsWith(`${changed}.`)) && !path.endsWith('.kind'),
    )
    .map((field) => ({
      label: fieldLabel(i18n, part.kind, field.path),
      was: fieldText(i18n, was, field) || '–',
      is: fieldText(i18n, is, field) || '–',
    }))
    .filter((each) => each.was !== each.is);
}
