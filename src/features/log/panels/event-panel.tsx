'use client';

import { useState } from 'react';
import { SEEN, TIDES } from '@/domain/log/event-choices';
import type { TripEventOf } from '@/domain/log/trip-event';
import { PLAN_LIMITS } from '@/domain/plan/plan-limits';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { BigButton } from './big-button';

type Conditions = Omit<TripEventOf<'conditions'>, 'id' | 'kind' | 'atS'>;

const POINTS = [0, 1, 2, 3, 4, 5, 6, 7] as const;
const LIGHTS = ['dark', 'dusk', 'overcast', 'bright'] as const;
const CLARITIES = ['clear', 'stained', 'murky'] as const;

/** What changed around the boat: wind, waves, water, light, tide; what was seen; a new pass. */
export function EventPanel({
  now,
  onSeen,
  onPass,
  onConditions,
}: {
  readonly now: Conditions;
  readonly onSeen: (what: TripEventOf<'seen'>['what']) => void;
  readonly onPass: () => void;
  readonly onConditions: (changed: Conditions) => void;
}) {
  const { t } = useI18n();
  const [draft, setDraft] = useState<Conditions>({});
  const shown = { ...now, ...draft };
  const set = (more: Conditions) => setDraft((before) => ({ ...before, ...more }));
  const direction = (name: 'windFromRad' | 'wavesFromRad') => (
    <ChoiceField
      label={t(`log.event.${name}`)}
      value={shown[name] === undefined ? '' : String(Math.round((shown[name]! / Math.PI) * 4) % 8)}
      options={[{ value: '', label: '–' }, ...POINTS.map((i) => ({ value: String(i), label: t(`log.compass.${i}`) }))]}
      onValueChange={(value) => value !== '' && set({ [name]: (Number(value) * Math.PI) / 4 })}
    />
  );
  const word = <W extends (typeof LIGHTS | typeof CLARITIES | typeof TIDES)[number]>(
    name: 'light' | 'clarity' | 'tide',
    options: readonly W[],
  ) => (
    <ChoiceField
      label={t(`log.event.${name}`)}
      value={shown[name] ?? ''}
      options={[
        { value: '', label: '–' },
        ...options.map((value) => ({
          value: value as string,
          label: t(`log.event.words.${value}` as 'log.event.words.low'),
        })),
      ]}
      onValueChange={(value) => value !== '' && set({ [name]: value } as Conditions)}
    />
  );
  return (
    <div className="flex flex-col gap-4" data-testid="event">
      <div className="grid grid-cols-2 gap-1.5 sm:grid-cols-4">
        {SEEN.map((what) => (
          <BigButton key={what} title={t(`log.seen.${what}`)} onClick={() => onSeen(what)} />
        ))}
        <BigButton title={t('log.event.pass')} hint={t('log.event.passHint')} onClick={onPass} />
      </div>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <QuantityField
          label={t('log.event.windMps')}
          measure="speed"
          value={shown.windMps ?? null}
          limits={PLAN_LIMITS.windMps}
          emptyMeans="–"
          onValueChange={(windMps) => windMps !== null && set({ windMps })}
        />
        {direction('windFromRad')}
        {direction('wavesFromRad')}
        {word('light', LIGHTS)}
        {word('clarity', CLARITIES)}
        {word('tide', TIDES)}
      </div>
      <BigButton
        on
        title={t('log.event.keep')}
        disabled={Object.keys(draft).length === 0}
        onClick={() => onConditions(draft)}
      />
    </div>
  );
}
