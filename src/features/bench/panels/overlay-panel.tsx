'use client';

import type { Part } from '@/domain/parts';
import { revisionLetter } from '@/domain/revision-letter';
import type { Setup } from '@/core/tackle';
import { effectColumns, MARK_SHAPE } from '@/features/fields/shown-as';
import { useFished, useVerdictText } from '@/features/fields/verdict-words';
import { useI18n, type I18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { jointText } from '@/i18n/setup-text';
import { Mark } from '@/ui/mark';
import { Panel } from '@/ui/panel';
import { revisionDifference, type ChainChange, type Chosen } from './revision-difference';

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
            {changeText(i18n, change, parts)}
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

/** What is chosen about a joint, by the words of its fields. */
function fieldName({ t }: I18n, field: string, kind: string): string {
  switch (field) {
    case 'lengthM':
      return lower(kind === 'stinger' ? t('jointField.stingerM') : t('presentation.leaderM'));
    case 'hold':
    case 'point':
      return lower(t(`presentation.${field}`));
    default:
      return lower(t(`jointField.${field}` as 'jointField.held'));
  }
}

const lower = (text: string) => text.charAt(0).toLocaleLowerCase() + text.slice(1);

function changeText(i18n: I18n, change: ChainChange, parts: readonly Part[]): string {
  const { t } = i18n;
  const titleOf = (id: string) => {
    const part = parts.find((each) => each.id === id);
    return part ? partTitle(i18n, part) : i18n.t('reading.gone');
  };
  const joint = jointText(i18n, change.joint, parts);
  switch (change.kind) {
    case 'out':
    case 'in':
      return t(`revisions.${change.kind}`, { part: `${joint}, ${titleOf(change.partId)}` });
    case 'swapped':
      return t('revisions.swapped', { joint, was: titleOf(change.was), is: titleOf(change.is) });
    case 'set': {
      const say = (value: Chosen) => chosenText(i18n, change, value);
      return t('revisions.swapped', {
        joint: `${joint}, ${fieldName(i18n, change.field, change.joint.kind)}`,
        was: say(change.was),
        is: say(change.is),
      });
    }
    default:
      return change satisfies never;
  }
}

/** What was chosen, in words: figures with their unit, colours and joints by name, stations of a lure one by one. */
function chosenText(i18n: I18n, { field }: Extract<ChainChange, { kind: 'set' }>, value: Chosen): string {
  const { t, format } = i18n;
  if (value === undefined || value === false) return field === 'station' ? t('station.all') : '–';
  if (value === true) return t('common.yes');
  if (typeof value === 'number')
    return field === 'segmentsOff' ? String(value) : format(value, value < 0.3 ? 'size' : 'distance');
  if (typeof value !== 'string') return value.map((each) => t(`station.${each}` as 'station.all')).join(', ');
  switch (field) {
    case 'colour':
      return value;
    case 'station':
      return t(`station.${value}` as 'station.all');
    case 'place':
      return t(`jointField.${value}` as 'jointField.eye');
    default:
      return t(`word.${value}` as 'word.lead');
  }
}
