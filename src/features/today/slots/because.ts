import type { OutsideUse } from '@/core/decide';
import type { I18n } from '@/i18n/client';
import { findingText, verdictText } from '@/i18n/setup-text';
import type { SuitedSetup } from '../plan/use-suited';

/** Why it stands as it does: the day its owner keeps it for, the worst remark, or the verdict with the least room. */
export function because(i18n: I18n, setup: SuitedSetup): string {
  const { t } = i18n;
  if (setup.outside.length > 0) return setup.outside.map((each) => outsideText(i18n, each)).join(' ');
  const verdict = verdictText(i18n, setup.decides.verdict, setup.today.presentation.kind);
  if (setup.remark && setup.remark.verdict === setup.decides.verdict)
    return `${verdict}: ${findingText(i18n, setup.remark, setup.today).found}`;
  return setup.standing === 'suits'
    ? t(setup.decides.room >= 1 ? 'today.roomToSpare' : 'today.allSound', { verdict })
    : t('today.leastRoom', { verdict, mark: t(`mark.${setup.decides.mark}`) });
}

function outsideText({ t, format }: I18n, { what, asked, from, to }: OutsideUse): string {
  const measures = { temperatureC: 'temperature', depthM: 'depth', speedMps: 'speed' } as const;
  const say = (value: number | string) =>
    typeof value === 'number' ? format(value, measures[what as 'depthM']) : t(`word.${value}` as 'word.clear');
  const words = { what: t(`today.window.${what}`), asked: say(asked) };
  return from === to
    ? t('today.outsideWord', { ...words, own: say(from) })
    : t('today.outsideSpan', { ...words, from: say(from), to: say(to) });
}
