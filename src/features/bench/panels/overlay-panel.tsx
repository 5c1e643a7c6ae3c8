'use client';

import type { Part } from '@/domain/parts';
import { revisionLetter } from '@/domain/revision-letter';
import type { Setup } from '@/core/tackle';
import { effectColumns, MARK_SHAPE } from '@/features/fields/shown-as';
import { useFished, useVerdictText } from '@/features/fields/verdict-words';
import { chainChangeText } from '@/i18n/chain-change-text';
import { useI18n } from '@/i18n/client';
import { Mark } from '@/ui/mark';
import { Panel } from '@/ui/panel';
import { revisionDifference } from './revision-difference';

export interface OverlayPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly older: { readonly number: number; readonly reason: string; readonly setup: Setup };
  readonly newer: { readonly number: number; readonly reason: string; readonly setup: Setup };
  readonly parts: readonly Part[];
  readonly onTakeOff: () => void;
}

/** Two revisions beside each other: what changed, what it did to marks and figures, and why. */
export function OverlayPanel({ open, onOpenChange, older, newer, parts, onTakeOff }: OverlayPanelProps) {
  const fished = useFished();
  const verdictName = useVerdictText();
  const i18n = useI18n();
  const { t, format, number } = i18n;
  const { changes, marks, before, after } = revisionDifference(older.setup, newer.setup);
  const letters = { from: revisionLetter(older.number), to: revisionLetter(newer.number) };
  return (
    <Panel
      side
      open={open}
      onOpenChange={onOpenChange}
      title={t('revisions.changed', letters)}
      closeLabel={t('common.close')}
    >
      <p>{t('revisions.why', { reason: newer.reason })}</p>
      {changes.length === 0 && <p className="text-dim">{t('revisions.sameChain')}</p>}
      <ul className="mt-1 border-t border-faint text-[14px]">
        {changes.map((change, i) => (
          <li key={i} className="border-b border-faint py-0.5">
            {chainChangeText(i18n, change, parts)}
          </li>
        ))}
      </ul>
      <table className="narrow mt-2 w-full border-collapse text-[14px]">
        <thead>
          <tr className="text-dim">
            <td />
            <th className="text-right font-normal">{letters.from}</th>
            <th className="text-right font-normal">{letters.to}</th>
          </tr>
        </thead>
        <tbody>
          {marks.map(({ verdict, was, is }) => (
            <tr key={verdict} className="border-t border-faint">
              <td>{verdictName(verdict)}</td>
              <td>
                <span className="flex items-center justify-end gap-1">
                  <Mark shape={MARK_SHAPE[was]} size={12} />
                  {t(`mark.${was}`)}
                </span>
              </td>
              <td>
                <span className={`flex items-center justify-end gap-1 ${was === is ? '' : 'font-semibold'}`}>
                  <Mark shape={MARK_SHAPE[is]} size={12} />
                  {t(`mark.${is}`)}
                </span>
              </td>
            </tr>
          ))}
          {effectColumns(fished).map(([key, field, measure]) => (
            <tr key={key} className="border-t border-faint">
              <td>{t(`effect.${key}`)}</td>
              <td className="text-right">{format(before[field], measure)}</td>
              <td className={`text-right ${before[field] === after[field] ? '' : 'font-semibold'}`}>
                {format(after[field], measure)}
              </td>
            </tr>
          ))}
          <tr className="border-t border-faint">
            <td>{t('effect.points')}</td>
            <td className="text-right">{number(before.pointsInReach, 0)}</td>
            <td className="text-right">{number(after.pointsInReach, 0)}</td>
          </tr>
        </tbody>
      </table>
      <p className="semi-narrow mt-2 text-[12.5px] text-dim">{t('revisions.overlayNote', { letter: letters.from })}</p>
      <button type="button" onClick={onTakeOff} className="narrow mt-2 min-h-9 border border-ink px-3">
        {t('revisions.takeOff')}
      </button>
    </Panel>
  );
}
