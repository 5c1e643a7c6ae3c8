import { turnOf } from '@/domain/helm/moved';
import type { HelmEventOf } from '@/domain/helm/helm-event';
import type { Alarm } from '@/domain/helm/alarms';
import type { BottomAhead } from '@/domain/helm/bottom-ahead';
import { lineIdOf, PROBE } from '@/domain/spread/line-names';
import type { I18n } from '@/i18n/client';
import { ageText } from '../age';
import { clockText, readout } from '@/features/fields/readout';

export type MovedEvent = HelmEventOf<'moved'>;

/** What a channel changed by between the two sides; null: not known on both. */
export const changeOf = (
  { before, after }: Pick<MovedEvent, 'before' | 'after'>,
  name: 'boatMps' | 'sensorMps' | 'sensorC' | 'sensorDepthM',
): number | null => {
  const [b, a] = [before[name], after[name]];
  return b && a ? a.mean - b.mean : null;
};

/** What moved, in one sentence: the boat, the probe, the water, or nobody knows. */
export const movedTitle = ({ t }: Pick<I18n, 't'>, event: MovedEvent): string => t(`helm.moved.${event.outcome}`);

/** Steps too small to be told beside the one that mattered [m/s, K, m]. */
const TELL = { boatMps: 0.04, sensorMps: 0.03, sensorC: 0.15, sensorDepthM: 0.4 } as const;

/** What each channel did: "21:11 · the probe lost 0.5 km/h; the boat and the probe's depth did not change." */
export function movedReason(i18n: I18n, event: MovedEvent): string {
  const { t } = i18n;
  const said: string[] = [];
  const still: string[] = [];
  for (const name of ['sensorMps', 'sensorC', 'boatMps', 'sensorDepthM'] as const) {
    const change = changeOf(event, name);
    if (change === null) continue;
    if (Math.abs(change) < TELL[name]) {
      still.push(t(`helm.moved.what.${name}`));
      continue;
    }
    const by = readout(
      i18n,
      name === 'sensorC' ? 'surfaceC' : name === 'sensorDepthM' ? 'probeM' : 'probeMps',
      name === 'sensorC' ? null : Math.abs(change),
    );
    said.push(
      t(`helm.moved.${change > 0 ? 'gained' : 'lost'}.${name}`, {
        by: name === 'sensorC' ? temperatureStep(i18n, Math.abs(change)) : by,
      }),
    );
  }
  const turned = turnOf(event);
  if (turned !== null && Math.abs(turned) > 0.35)
    said.push(
      t(`helm.moved.turned.${turned > 0 ? 'starboard' : 'port'}`, { by: i18n.format(Math.abs(turned), 'angle') }),
    );
  const list = new Intl.ListFormat(i18n.preferences.locale).format(still);
  return [
    `${clockText(i18n, event.atS)} ·`,
    said.join('; '),
    still.length > 0 ? `; ${t('helm.moved.still', { count: still.length, what: list })}` : '.',
  ]
    .join(' ')
    .replace(' ;', ';')
    .replace(' .', '.');
}

/** A difference of temperatures has no zero to be moved by. */
function temperatureStep({ unitLabel, number }: Pick<I18n, 'unitLabel' | 'number'>, kelvin: number): string {
  const unit = unitLabel('temperature');
  return `${number(unit === '°F' ? kelvin * 1.8 : kelvin, 1)} ${unit}`;
}

/** One alarm in a sentence. */
export function alarmText(
  i18n: I18n,
  { kind, channel }: Alarm,
  {
    nowS,
    sinceS,
    bottom,
    lineNumber,
  }: {
    readonly nowS: number;
    readonly sinceS: number;
    readonly bottom: BottomAhead | null;
    readonly lineNumber: (id: string) => number | null;
  },
): string {
  const { t } = i18n;
  const what = t(`helm.channel.${channel}`);
  if (kind === 'bottom' && bottom) {
    const number = lineNumber(lineIdOf(bottom.name));
    const name =
      bottom.name === PROBE || number === null
        ? t('helm.theProbe')
        : t(bottom.name === lineIdOf(bottom.name) ? 'helm.lure' : 'helm.ball', { number });
    return bottom.touchesInS === null
      ? t('helm.alarm.bottomNear', { name, clear: readout(i18n, 'bottomM', Math.max(0, bottom.clearM)) })
      : t('helm.alarm.bottomTouch', { name, seconds: Math.round(bottom.touchesInS) });
  }
  if (kind === 'break') return t('helm.alarm.break', { age: ageText(i18n, nowS - sinceS) });
  return t(`helm.alarm.${kind === 'bottom' ? 'lost' : kind}`, { what });
}
