'use client';

import type { ReactNode } from 'react';
import { CAST_STYLES } from '@/core/tackle/defaults/cast-styles';
import { FALL_WINDOWS } from '@/core/tackle/defaults/fall-windows';
import { COVERS, MOUTHS, SET_WAYS } from '@/core/tackle/defaults/hookset-classes';
import { ATTITUDES } from '@/core/tackle/defaults/rig-classes';
import type { Limits } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';
import { HOOKSET_LIMITS } from '@/core/strike';
import { WATER_LIMITS } from '@/core/water';
import type { House } from '@/domain/house';
import {
  PRESENTATION_LIMITS as L,
  TOWED_WAYS,
  type CastPresentation,
  type Presentation,
  type TowedPresentation,
} from '@/domain/presentation';
import { presentationOf } from '@/domain/start-setup';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { strengthText, type SpokenOf } from '@/i18n/setup-text';
import { ChoiceField } from '@/ui/choice-field';
import { Panel } from '@/ui/panel';
import { ConditionsFields } from './conditions-fields';
import { GearFields } from './gear-fields';

export interface PresentationPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly presentation: Presentation;
  readonly house: House;
  readonly rig: SpokenOf;
  /** names of the joints that carry the pull */
  readonly carrying: readonly string[];
  readonly onPresent: (presentation: Presentation, field: string) => void;
}

const keys = <K extends string>(table: Readonly<Record<K, unknown>>) => Object.keys(table) as K[];
const FALL_KINDS = [...keys(FALL_WINDOWS), 'floats', 'suspends', 'own'] as const;
const ATTITUDE_KINDS = [...keys(ATTITUDES), 'own'] as const;
const WAYS = ['cast', ...TOWED_WAYS] as const;
const WEAR = ['teeth', 'gill-plates', 'rock'] as const;
const ANYWHERE = '';

/** Everything that the verdicts hang on besides the parts; each change counts at once. */
export function PresentationPanel({
  open,
  onOpenChange,
  presentation: p,
  house,
  rig,
  carrying,
  onPresent,
}: PresentationPanelProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const { angler, crafts } = house;
  const change = (patch: Partial<CastPresentation> & Partial<TowedPresentation>, field: string) =>
    onPresent({ ...p, ...patch } as Presentation, field);
  const sweep = (patch: Partial<Presentation['sweep']>, field: string) =>
    change({ sweep: { ...p.sweep, ...patch } }, field);
  const wanted = (patch: object, field: string) =>
    onPresent({ ...p, wanted: { ...p.wanted, ...patch } } as Presentation, field);
  const options = <K extends string>(values: readonly K[], label: (value: K) => string) =>
    values.map((value) => ({ value, label: label(value) }));
  const word = (key: string) => t(`word.${key}` as 'word.lead');
  const conditions = 'temperatureC' in p.water ? p.water : { temperatureC: 10, salinity: 0 };
  const { attitude } = p.wanted;
  const inHand = p.kind === 'cast' || p.held === 'hand';

  /** A figure that may not be empty. */
  const figure = (
    field: string,
    label: string,
    measure: Measure,
    value: number,
    limits: Limits,
    set: (value: number, field: string) => void,
  ) => (
    <QuantityField
      label={label}
      measure={measure}
      value={value}
      limits={limits}
      onValueChange={(next) => next !== null && set(next, field)}
    />
  );

  return (
    <Panel side open={open} onOpenChange={onOpenChange} title={t('presentation.title')} closeLabel={t('common.close')}>
      <p className="semi-narrow mb-2 text-[12.5px] text-dim">{t('presentation.note')}</p>
      <Group title={t('presentation.cast')}>
        <ChoiceField
          label={t('presentation.fished')}
          value={p.kind === 'cast' ? 'cast' : p.way}
          options={options(WAYS, (way) => (way === 'cast' ? t('presentation.way-cast') : word(way)))}
          onValueChange={(way) => onPresent(presentationOf(way, p), 'fished')}
        />
        {p.kind === 'cast' ? (
          <>
            <ChoiceField
              label={t('presentation.castStyle')}
              value={p.castStyle}
              options={options(keys(CAST_STYLES), (k) => t(`style.${k}`))}
              onValueChange={(castStyle) => change({ castStyle }, 'castStyle')}
            />
            {figure('distanceM', t('presentation.distanceM'), 'distance', p.distanceM, L.distanceM, (distanceM, f) =>
              change({ distanceM }, f),
            )}
          </>
        ) : (
          <>
            <ChoiceField
              label={t('presentation.held')}
              value={p.held}
              options={options(['holder', 'hand'] as const, word)}
              onValueChange={(held) => change({ held }, 'held')}
            />
            {p.held === 'holder' && (
              <QuantityField
                label={t('presentation.holderRad')}
                measure="angle"
                value={p.holderRad ?? null}
                limits={L.holderRad}
                emptyMeans={t('presentation.holderOfCraft')}
                onValueChange={(holderRad) => change({ holderRad: holderRad ?? undefined }, 'holderRad')}
              />
            )}
            <GearFields presentation={p} change={change} />
            <QuantityField
              label={t('presentation.bottomM')}
              measure="depth"
              value={p.bottomM ?? null}
              limits={L.bottomM}
              emptyMeans={t('presentation.deeper')}
              onValueChange={(bottomM) => change({ bottomM: bottomM ?? undefined }, 'bottomM')}
            />
          </>
        )}
        {figure('depthM', t('presentation.depthM'), 'depth', p.depthM, L.depthM, (depthM, f) => change({ depthM }, f))}
        {figure('speedMps', t('presentation.speedMps'), 'speed', p.speedMps, L.speedMps, (speedMps, f) =>
          change({ speedMps }, f),
        )}
        {figure('handHeightM', t('presentation.handHeightM'), 'depth', p.handHeightM, L.handHeightM, (handHeightM, f) =>
          change({ handHeightM }, f),
        )}
        <ChoiceField
          label={t('presentation.craft')}
          value={p.craftId ?? ''}
          options={[
            { value: '', label: t('presentation.bank') },
            ...crafts.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onValueChange={(id) => change({ craftId: id === '' ? null : id }, 'craftId')}
        />
        <ChoiceField
          label={t('presentation.stance')}
          value={p.stance}
          options={options(['standing', 'seated', 'wading'] as const, word)}
          onValueChange={(stance) => change({ stance }, 'stance')}
        />
        <ChoiceField
          label={t('presentation.rodWorked')}
          value={p.rodWorked}
          options={options(['up', 'level', 'down'] as const, word)}
          onValueChange={(rodWorked) => change({ rodWorked }, 'rodWorked')}
        />
        <Tick
          label={t('presentation.boatsideTurn')}
          checked={p.boatsideTurn}
          onChange={(boatsideTurn) => change({ boatsideTurn }, 'boatsideTurn')}
        />
        <Caution>{t('presentation.weatherCaution')}</Caution>
      </Group>
      <Group title={t('presentation.water')}>
        {figure(
          'temperatureC',
          t('presentation.temperatureC'),
          'temperature',
          conditions.temperatureC,
          WATER_LIMITS.temperatureC,
          (temperatureC, f) => change({ water: { ...conditions, temperatureC } }, f),
        )}
        {figure(
          'salinity',
          t('presentation.salinity'),
          'salinity',
          conditions.salinity,
          WATER_LIMITS.salinity,
          (salinity, f) => change({ water: { ...conditions, salinity } }, f),
        )}
        {figure('currentMps', t('presentation.currentMps'), 'speed', p.currentMps, L.currentMps, (currentMps, f) =>
          change({ currentMps }, f),
        )}
        {!('temperatureC' in p.water) && (
          <p className="semi-narrow col-span-2 text-[12px] text-dim">{t('presentation.densityNote')}</p>
        )}
      </Group>
      {inHand && (
        <Group title={t('presentation.sweep')}>
          <ChoiceField
            label={t('presentation.way')}
            value={p.sweep.way}
            options={options(keys(SET_WAYS), (k) => t(`way.${k}`))}
            onValueChange={(way) => sweep({ way }, 'way')}
          />
          <QuantityField
            label={t('presentation.peakMomentNm')}
            measure="moment"
            value={p.sweep.peakMomentNm ?? null}
            limits={HOOKSET_LIMITS.peakMomentNm}
            emptyMeans={t('presentation.byWay')}
            onValueChange={(moment) => change({ sweep: withMoment(p.sweep, moment) }, 'peakMomentNm')}
          />
          {angler.peakMomentNm && (
            <button
              type="button"
              className="narrow col-span-2 min-h-8 border border-faint px-2 text-left text-[13px] hover:border-ink"
              onClick={() =>
                change(
                  {
                    sweep: withMoment(p.sweep, angler.peakMomentNm!.value),
                    slackM: angler.setSlackM?.value ?? p.slackM,
                  },
                  'angler',
                )
              }
            >
              {t('presentation.asMeasured', {
                moment: i18n.format(angler.peakMomentNm.value, 'moment'),
                slack: i18n.format(angler.setSlackM?.value ?? null, 'distance'),
              })}
            </button>
          )}
          {figure('timeS', t('presentation.timeS'), 'time', p.sweep.timeS, L.timeS, (timeS, f) => sweep({ timeS }, f))}
          {figure(
            'startRad',
            t('presentation.startRad'),
            'angle',
            p.sweep.startRad,
            { min: 0, max: p.sweep.endRad - 0.01 },
            (startRad, f) => sweep({ startRad }, f),
          )}
          {figure(
            'endRad',
            t('presentation.endRad'),
            'angle',
            p.sweep.endRad,
            { min: p.sweep.startRad + 0.01, max: L.sweepRad.max },
            (endRad, f) => sweep({ endRad }, f),
          )}
          {figure('stepBackM', t('presentation.stepBackM'), 'distance', p.sweep.stepBackM, L.gainM, (stepBackM, f) =>
            sweep({ stepBackM }, f),
          )}
          {figure('woundM', t('presentation.woundM'), 'distance', p.sweep.woundM, L.gainM, (woundM, f) =>
            sweep({ woundM }, f),
          )}
          {figure('slackM', t('presentation.slackM'), 'distance', p.slackM, L.slackM, (slackM, f) =>
            change({ slackM }, f),
          )}
          <Caution>{t('presentation.caution')}</Caution>
        </Group>
      )}
      <Group title={t('presentation.fish')}>
        <ChoiceField
          label={t('presentation.mouth')}
          value={p.mouth}
          options={options(keys(MOUTHS), (k) => t(`mouth.${k}`))}
          onValueChange={(mouth) => change({ mouth }, 'mouth')}
        />
        <ChoiceField
          label={t('presentation.cover')}
          value={p.cover}
          options={options(keys(COVERS), (k) => t(`cover.${k}`))}
          onValueChange={(cover) => change({ cover }, 'cover')}
        />
        <QuantityField
          label={t('presentation.fishKg')}
          measure="bodyMass"
          value={p.fishKg}
          limits={{ ...L.fishKg, min: 0.01 }}
          emptyMeans={t('presentation.snag')}
          onValueChange={(fishKg) => change({ fishKg }, 'fishKg')}
        />
        <QuantityField
          label={t('presentation.clutchN')}
          measure="force"
          value={p.clutchN}
          limits={L.clutchN}
          emptyMeans={t('presentation.locked')}
          onValueChange={(clutchN) => change({ clutchN }, 'clutchN')}
        />
        <fieldset className="col-span-2">
          <legend className="narrow text-[12px] text-dim">{t('presentation.wear')}</legend>
          <div className="flex flex-wrap gap-x-4">
            {WEAR.map((each) => (
              <Tick
                key={each}
                label={word(each)}
                checked={p.wear.includes(each)}
                onChange={(on) =>
                  change({ wear: on ? [...p.wear, each] : p.wear.filter((held) => held !== each) }, 'wear')
                }
              />
            ))}
          </div>
        </fieldset>
        <Caution>{p.craftId ? t('presentation.craftCaution') : t('presentation.handsCaution')}</Caution>
      </Group>
      <Group title={t('presentation.wanted')}>
        {p.kind === 'cast' ? (
          <WantedFall presentation={p} wanted={wanted} />
        ) : (
          <>
            {figure(
              'depthFrom',
              t('presentation.depthFrom'),
              'depth',
              p.wanted.depth.fromM,
              { min: L.bandM.min, max: p.wanted.depth.toM },
              (fromM, f) => wanted({ depth: { ...p.wanted.depth, fromM } }, f),
            )}
            {figure(
              'depthTo',
              t('presentation.depthTo'),
              'depth',
              p.wanted.depth.toM,
              { min: p.wanted.depth.fromM, max: L.bandM.max },
              (toM, f) => wanted({ depth: { ...p.wanted.depth, toM } }, f),
            )}
          </>
        )}
        <ChoiceField
          label={t('presentation.attitude')}
          value={attitude.kind}
          options={options(ATTITUDE_KINDS, (k) => t(`attitude.${k}`))}
          onValueChange={(kind) => wanted({ attitude: kind === 'own' ? { kind, pitchRad: 0 } : { kind } }, 'attitude')}
        />
        {attitude.kind === 'own' &&
          figure('pitchRad', t('presentation.pitchRad'), 'angle', attitude.pitchRad, L.pitchRad, (pitchRad, f) =>
            wanted({ attitude: { kind: 'own', pitchRad } }, f),
          )}
        <ChoiceField
          label={t('presentation.breakAt')}
          value={p.wanted.breakAt ?? ANYWHERE}
          options={[
            { value: ANYWHERE, label: t('presentation.anywhere') },
            ...carrying
              .filter((name) => !name.includes(':'))
              .map((name) => ({
                value: name,
                label: `${rig.chain.findIndex(({ id }) => id === name) + 1} ${strengthText(i18n, name, rig)}`,
              })),
          ]}
          onValueChange={(id) => wanted({ breakAt: id === ANYWHERE ? null : id }, 'breakAt')}
        />
      </Group>
      <Group title={t('presentation.conditions')}>
        <ConditionsFields
          conditions={p.conditions}
          onConditions={(next, field) => change({ conditions: next }, field)}
        />
      </Group>
    </Panel>
  );
}

function WantedFall({
  presentation: p,
  wanted,
}: {
  readonly presentation: CastPresentation;
  readonly wanted: (patch: object, field: string) => void;
}) {
  const { t } = useI18n();
  const { fall } = p.wanted;
  const window =
    fall.kind === 'own'
      ? fall
      : fall.kind === 'floats' || fall.kind === 'suspends'
        ? FALL_WINDOWS.steady
        : FALL_WINDOWS[fall.kind];
  return (
    <>
      <ChoiceField
        label={t('presentation.fall')}
        value={fall.kind}
        options={FALL_KINDS.map((kind) => ({ value: kind, label: t(`fall.${kind}`) }))}
        onValueChange={(kind) =>
          wanted({ fall: kind === 'own' ? { kind, fromMps: window.fromMps, toMps: window.toMps } : { kind } }, 'fall')
        }
      />
      {fall.kind === 'own' && (
        <>
          <QuantityField
            label={t('presentation.fromMps')}
            measure="speed"
            value={fall.fromMps}
            limits={{ min: L.fallMps.min, max: fall.toMps }}
            onValueChange={(fromMps) => fromMps !== null && wanted({ fall: { ...fall, fromMps } }, 'fromMps')}
          />
          <QuantityField
            label={t('presentation.toMps')}
            measure="speed"
            value={fall.toMps}
            limits={{ min: fall.fromMps, max: L.fallMps.max }}
            onValueChange={(toMps) => toMps !== null && wanted({ fall: { ...fall, toMps } }, 'toMps')}
          />
        </>
      )}
    </>
  );
}

/** The sweep with this angler's own moment, or with that of its way. */
function withMoment(sweep: Presentation['sweep'], peakMomentNm: number | null): Presentation['sweep'] {
  const { peakMomentNm: _, ...rest } = sweep;
  return peakMomentNm === null ? rest : { ...rest, peakMomentNm };
}

function Tick({
  label,
  checked,
  onChange,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}) {
  return (
    <label className="flex min-h-8 items-center gap-1.5 text-[14px]">
      <input type="checkbox" checked={checked} onChange={(event) => onChange(event.target.checked)} /> {label}
    </label>
  );
}

const Caution = ({ children }: { readonly children: ReactNode }) => (
  <p className="semi-narrow col-span-2 border-l-2 border-ink pl-2 text-[12px]">{children}</p>
);

function Group({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <fieldset className="mb-3 border-t border-ink pt-1">
      <legend className="narrow pr-2 text-[13px] font-semibold">{title}</legend>
      <div className="grid grid-cols-2 gap-x-4 gap-y-1.5">{children}</div>
    </fieldset>
  );
}
