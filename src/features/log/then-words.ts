import { speedTrend, turnPlace } from '@/domain/log/then-at';
import type { Strike } from '@/domain/log/trip';
import { readout } from '@/features/fields/readout';
import type { I18n } from '@/i18n/client';

const isKnown = (value: number | null | undefined): value is number => value !== null && value !== undefined;

type ThenName =
  | 'lure'
  | 'lineOut'
  | 'probe'
  | 'overGround'
  | 'throughWater'
  | 'lastMinute'
  | 'turn'
  | 'onTop'
  | 'bottom'
  | 'heading'
  | 'where';

/** What was true at a strike, as pairs of a word and a figure; what nobody knows is left out. */
export function thenRows(
  i18n: I18n,
  { then, gear }: Pick<Strike, 'then' | 'gear'>,
  { number, xM }: { readonly number: number; readonly xM: number | null },
): readonly (readonly [name: string, text: string])[] {
  const { t, format } = i18n;
  const rows: [ThenName, string | null][] = [
    ['lure', then === null || then.lureM === null ? null : t('log.deep', { depth: format(then.lureM, 'depth') })],
    ['lineOut', lineOutText(i18n, gear)],
    ['probe', joined([then?.probeMps, 'probeMps'], [then?.probeC, 'probeC'], [then?.probeM, 'probeM'])],
    ['overGround', joined([then?.sogMps, 'sogMps'], [then?.cogRad, 'cogRad'])],
    ['throughWater', joined([then?.waterMps, 'waterMps'])],
    ['lastMinute', then === null || then.fasterMps === null ? null : minuteText(i18n, then.fasterMps)],
    ['turn', then === null || then.turnRadPerS === null ? null : turnText(i18n, then.turnRadPerS, { number, xM })],
    ['onTop', joined([then?.surfaceC, 'surfaceC'])],
    ['bottom', joined([then?.bottomM, 'bottomM'])],
    ['heading', joined([then?.headingRad, 'headingRad'])],
    ['where', !isKnown(then?.latDeg) ? null : t('log.where')],
  ];
  return rows.flatMap(([name, text]) => (text === null ? [] : [[t(`log.then.${name}`), text] as const]));

  function joined(
    ...given: readonly (readonly [number | null | undefined, Parameters<typeof readout>[1]])[]
  ): string | null {
    const known = given.flatMap(([value, channel]) => (isKnown(value) ? [readout(i18n, channel, value)] : []));
    return known.length === 0 ? null : known.join(', ');
  }
}

/** "ball 16.5 m, 11 m back", "40 m out". */
export function lineOutText(
  { t, format }: I18n,
  gear: Pick<NonNullable<Strike['gear']>, 'lineM' | 'cableM' | 'mark'> | null,
): string | null {
  if (!gear || gear.lineM === null) return null;
  const mark = gear.mark.trim() === '' ? '' : ` · ${gear.mark}`;
  return gear.cableM === null
    ? t('log.lineOut', { line: format(gear.lineM, 'distance') }) + mark
    : t('log.ballOut', { cable: format(gear.cableM, 'distance'), line: format(gear.lineM, 'distance') }) + mark;
}

function minuteText({ t, format }: I18n, fasterMps: number): string {
  const by = format(Math.abs(fasterMps), 'speed');
  return t(`log.minute.${speedTrend(fasterMps)}`, { by });
}

function turnText(
  { t }: I18n,
  turnRadPerS: number,
  { number, xM }: { readonly number: number; readonly xM: number | null },
): string {
  const place = turnPlace(turnRadPerS, xM ?? 0);
  const to = t(turnRadPerS > 0 ? 'log.toStarboard' : 'log.toPort');
  if (Math.abs(turnRadPerS) < 0.01) return t('log.straight');
  return place === 'straight' ? to : t(`log.turned.${place}`, { to, number });
}
