'use client';

import { useEffect, useState } from 'react';
import type { PlanId, SetupId, SpreadId, TripId } from '@/domain/ids';
import type { TripEventOf } from '@/domain/log/trip-event';
import { useI18n } from '@/i18n/client';
import type { LogPage } from '@/server/queries/log-page';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { BigButton } from './big-button';
import { benchHeader } from '@/features/fields/page-bench';

type Opened = Omit<TripEventOf<'opened'>, 'id' | 'kind' | 'atS'>;

interface Head {
  readonly tripId: TripId;
  readonly fromS: number;
  readonly toS: number;
  readonly events: number;
  readonly name: string;
  readonly isClosed: boolean;
}

/** A trip of another phone can be joined for so long after its last entry [s]. */
const JOIN_S = 16 * 3600;
const NONE = '';

/** Opens a trip: from a day that was planned, with a spread or with rods that are cast; or joins the one of another phone. */
export function OpenPanel({
  page,
  planId,
  nowS,
  onOpen,
  onJoin,
}: {
  readonly page: LogPage;
  /** the day that the trip was opened from */
  readonly planId: string | null;
  readonly nowS: number;
  readonly onOpen: (opened: Opened) => void;
  readonly onJoin: (tripId: TripId) => void;
}) {
  const { t, time, date } = useI18n();
  const plan = page.plans.find(({ id }) => id === planId) ?? null;
  const planned = new Set<SetupId>(plan?.slots.flatMap(({ setupIds }) => setupIds) ?? []);
  const towedFirst = plan === null || page.setups.some(({ id, isTowed }) => isTowed && planned.has(id));
  const [way, setWay] = useState<Opened['way']>(towedFirst && page.spreads.length > 0 ? 'trolling' : 'casting');
  const [spreadId, setSpreadId] = useState<string>(page.helm?.document.spreadId ?? page.spreads[0]?.id ?? NONE);
  const [cast, setCast] = useState<ReadonlySet<SetupId>>(
    () => new Set(page.setups.filter(({ id, isTowed }) => !isTowed && planned.has(id)).map(({ id }) => id)),
  );
  const spread = page.spreads.find(({ id }) => id === spreadId) ?? null;
  const [craftId, setCraftId] = useState<string>(
    spread?.craftId ?? page.helm?.document.craftId ?? page.house.crafts[0]?.id ?? NONE,
  );
  const waterOfPlan = page.waters.find(({ id }) => id === plan?.waterId)?.name;
  const [waterName, setWaterName] = useState(waterOfPlan ?? page.waters[0]?.name ?? '');
  const [name, setName] = useState(plan?.name ?? '');
  const [crew, setCrew] = useState('');
  const [heads, setHeads] = useState<readonly Head[]>([]);
  useEffect(() => {
    let isOver = false;
    fetch('/log/events', { headers: benchHeader() })
      .then(async (response) => (response.ok ? ((await response.json()) as { trips: Head[] }).trips : []))
      .then((trips) => !isOver && setHeads(trips))
      // Without a server there is nobody to join.
      .catch(() => undefined);
    return () => {
      isOver = true;
    };
  }, []);
  const open = heads.filter(({ isClosed, toS }) => !isClosed && nowS - toS < JOIN_S);
  const toggle = (id: SetupId) =>
    setCast((now) => {
      const next = new Set(now);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  const ready = way === 'trolling' ? spread !== null : cast.size > 0;
  return (
    <div className="flex flex-col gap-3" data-testid="open-trip">
      {open.map(({ tripId, fromS, name: title }) => (
        <BigButton
          key={tripId}
          title={t('log.open.join', { name: title || t('log.unnamed') })}
          hint={t('log.open.joinHint', { day: date(new Date(fromS * 1000)), time: time(new Date(fromS * 1000)) })}
          onClick={() => onJoin(tripId)}
        />
      ))}
      <div className="grid grid-cols-2 gap-2">
        {(['trolling', 'casting'] as const).map((each) => (
          <BigButton key={each} title={t(`log.way.${each}`)} on={way === each} onClick={() => setWay(each)} />
        ))}
      </div>
      {way === 'trolling' ? (
        page.spreads.length === 0 ? (
          <p className="semi-narrow text-[14px]">{t('log.open.noSpread')}</p>
        ) : (
          <ChoiceField
            label={t('log.open.spread')}
            value={spreadId}
            options={page.spreads.map(({ id, name: label }) => ({
              value: id as string,
              label: label || t('log.unnamed'),
            }))}
            onValueChange={(id) => {
              setSpreadId(id);
              const craft = page.spreads.find((each) => each.id === id)?.craftId;
              if (craft) setCraftId(craft);
            }}
          />
        )
      ) : (
        <fieldset className="grid grid-cols-1 gap-x-4 sm:grid-cols-2">
          <legend className="narrow text-[12px] text-dim">{t('log.open.rods')}</legend>
          {page.setups
            .filter(({ isTowed }) => !isTowed)
            .map(({ id, name: label }) => (
              <label
                key={id}
                className="semi-narrow flex min-h-11 items-center gap-2 border-b border-faint text-[15px]"
              >
                <input type="checkbox" className="size-5" checked={cast.has(id)} onChange={() => toggle(id)} />
                {label}
              </label>
            ))}
        </fieldset>
      )}
      <div className="grid grid-cols-2 gap-3">
        <ChoiceField
          label={t('log.open.craft')}
          value={craftId}
          options={[
            ...page.house.crafts.map(({ id, name: label }) => ({ value: id, label })),
            { value: NONE, label: t('log.open.onFoot') },
          ]}
          onValueChange={setCraftId}
        />
        <TextField label={t('log.open.water')} value={waterName} maxLength={120} onValueChange={setWaterName} />
        <TextField label={t('log.open.name')} value={name} maxLength={120} onValueChange={setName} />
        <TextField
          label={t('log.open.crew')}
          placeholder={t('log.open.crewHint')}
          value={crew}
          maxLength={300}
          onValueChange={setCrew}
        />
      </div>
      <BigButton
        on
        disabled={!ready}
        title={t('log.open.do')}
        hint={ready ? t('log.open.doHint') : t(way === 'trolling' ? 'log.open.needsSpread' : 'log.open.needsRod')}
        onClick={() =>
          onOpen({
            name,
            way,
            craftId: craftId === NONE ? null : craftId,
            crew: namesIn(crew),
            waterName,
            ...(plan ? { planId: plan.id as PlanId } : {}),
            ...(way === 'trolling' ? { spreadId: spreadId as SpreadId } : { setupIds: [...cast].slice(0, 24) }),
          })
        }
      />
    </div>
  );
}

/** Names as they are typed: "Ana, Bo". */
export const namesIn = (text: string): string[] =>
  [
    ...new Set(
      text
        .split(/[,;\n]/)
        .map((name) => name.trim().slice(0, 60))
        .filter((name) => name !== ''),
    ),
  ].slice(0, 12);
