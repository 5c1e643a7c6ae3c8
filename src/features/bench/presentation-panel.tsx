'use client';

import type { ReactNode } from 'react';
import { POINT_PLACES } from '@/core/defaults/bait-classes';
import { CAST_STYLES } from '@/core/defaults/cast-styles';
import { FALL_WINDOWS } from '@/core/defaults/fall-windows';
import { COVERS, MOUTHS, SET_WAYS } from '@/core/defaults/hookset-classes';
import type { Limits } from '@/core/guard';
import type { Measure } from '@/core/measure';
import { HOOKSET_LIMITS } from '@/core/hookset';
import { WATER_LIMITS } from '@/core/water';
import type { Angler } from '@/domain/angler';
import { LEADER_LIMITS, type Joint } from '@/domain/joint';
import { PRESENTATION_LIMITS as L, type Presentation } from '@/domain/presentation';
import { useI18n } from '@/i18n/client';
import { jointText } from '@/i18n/setup-text';
import { ChoiceField } from '@/ui/choice-field';
import { Panel } from '@/ui/panel';
import { QuantityField } from '@/features/fields/quantity-field';

export interface PresentationPanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly presentation: Presentation;
  readonly angler: Angler;
  readonly chain: readonly Joint[];
  readonly onPresent: (presentation: Presentation, field: string) => void;
  readonly onJoint: (joint: Joint, field: string) => void;
}

const keys = <K extends string>(table: Readonly<Record<K, unknown>>) => Object.keys(table) as K[];
const FALL_KINDS = [...keys(FALL_WINDOWS), 'own'] as const;
const ANYWHERE = '';

/** Everything that the verdicts hang on besides the parts; each change counts at once. */
export function PresentationPanel({ open, onOpenChange, presentation: p, angler, chain, onPresent, onJoint }: PresentationPanelProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const change = (patch: Partial<Presentation>, field: string) => onPresent({ ...p, ...patch }, field);
  const sweep = (patch: Partial<Presentation['sweep']>, field: string) => change({ sweep: { ...p.sweep, ...patch } }, field);
  const wanted = (patch: Partial<Presentation['wanted']>, field: string) => change({ wanted: { ...p.wanted, ...patch } }, field);
  const options = <K extends string>(values: readonly K[], label: (value: K) => string) => values.map((value) => ({ value, label: label(value) }));
  const conditions = 'temperatureC' in p.water ? p.water : { temperatureC: 10, salinity: 0 };
  const leader = chain.find((joint): joint is Extract<Joint, { kind: 'leader' }> => joint.kind === 'leader');
  const weight = chain.find((joint): joint is Extract<Joint, { kind: 'weight' }> => joint.kind === 'weight');
  const hook = chain.find((joint): joint is Extract<Joint, { kind: 'hook' }> => joint.kind === 'hook');
  const { fall } = p.wanted;
  const ownFall = fall.kind === 'own' ? fall : null;

  /** A figure that may not be empty. */
  const figure = (field: string, label: string, measure: Measure, value: number, limits: Limits, set: (value: number, field: string) => void) => (
    <QuantityField label={label} measure={measure} value={value} limits={limits} onValueChange={(next) => next !== null && set(next, field)} />
  );

  return (
    <Panel side open={open} onOpenChange={onOpenChange} title={t('presentation.title')} closeLabel={t('common.close')}>
      <p className="semi-narrow mb-2 text-[12.5px] text-dim">{t('presentation.note')}</p>
      <Group title={t('presentation.cast')}>
        <ChoiceField label={t('presentation.castStyle')} value={p.castStyle} options={options(keys(CAST_STYLES), (k) => t(`style.${k}`))} onValueChange={(castStyle) => change({ castStyle }, 'castStyle')} />
        {figure('distanceM', t('presentation.distanceM'), 'distance', p.distanceM, L.distanceM, (distanceM, f) => change({ distanceM }, f))}
        {figure('depthM', t('presentation.depthM'), 'depth', p.depthM, L.depthM, (depthM, f) => change({ depthM }, f))}
        {figure('handHeightM', t('presentation.handHeightM'), 'depth', p.handHeightM, L.handHeightM, (handHeightM, f) => change({ handHeightM }, f))}
      </Group>
      <Group title={t('presentation.water')}>
        {figure('temperatureC', t('presentation.temperatureC'), 'temperature', conditions.temperatureC, WATER_LIMITS.temperatureC, (temperatureC, f) => change({ water: { ...conditions, temperatureC } }, f))}
        {figure('salinity', t('presentation.salinity'), 'salinity', conditions.salinity, WATER_LIMITS.salinity, (salinity, f) => change({ water: { ...conditions, salinity } }, f))}
        {figure('currentMps', t('presentation.currentMps'), 'speed', p.currentMps, L.currentMps, (currentMps, f) => change({ currentMps }, f))}
        {!('temperatureC' in p.water) && <p className="semi-narrow col-span-2 text-[12px] text-dim">{t('presentation.densityNote')}</p>}
      </Group>
      <Group title={t('presentation.sweep')}>
        <ChoiceField label={t('presentation.way')} value={p.sweep.way} options={options(keys(SET_WAYS), (k) => t(`way.${k}`))} onValueChange={(way) => sweep({ way }, 'way')} />
        <QuantityField label={t('presentation.peakMomentNm')} measure="moment" value={p.sweep.peakMomentNm ?? null} limits={HOOKSET_LIMITS.peakMomentNm} emptyMeans={t('presentation.byWay')} onValueChange={(moment) => change({ sweep: withMoment(p.sweep, moment) }, 'peakMomentNm')} />
        {angler.peakMomentNm && (
          <button type="button" className="narrow col-span-2 min-h-8 border border-faint px-2 text-left text-[13px] hover:border-ink" onClick={() => change({ sweep: withMoment(p.sweep, angler.peakMomentNm!.value), slackM: angler.setSlackM?.value ?? p.slackM }, 'angler')}>
            {t('presentation.asMeasured', { moment: i18n.format(angler.peakMomentNm.value, 'moment'), slack: i18n.format(angler.setSlackM?.value ?? null, 'distance') })}
          </button>
        )}
        {figure('timeS', t('presentation.timeS'), 'time', p.sweep.timeS, L.timeS, (timeS, f) => sweep({ timeS }, f))}
        {figure('startRad', t('presentation.startRad'), 'angle', p.sweep.startRad, { min: 0, max: p.sweep.endRad - 0.01 }, (startRad, f) => sweep({ startRad }, f))}
        {figure('endRad', t('presentation.endRad'), 'angle', p.sweep.endRad, { min: p.sweep.startRad + 0.01, max: L.sweepRad.max }, (endRad, f) => sweep({ endRad }, f))}
        {figure('stepBackM', t('presentation.stepBackM'), 'distance', p.sweep.stepBackM, L.gainM, (stepBackM, f) => sweep({ stepBackM }, f))}
        {figure('woundM', t('presentation.woundM'), 'distance', p.sweep.woundM, L.gainM, (woundM, f) => sweep({ woundM }, f))}
        {figure('slackM', t('presentation.slackM'), 'distance', p.slackM, L.slackM, (slackM, f) => change({ slackM }, f))}
        <QuantityField label={t('presentation.clutchN')} measure="force" value={p.clutchN} limits={L.clutchN} emptyMeans={t('presentation.locked')} onValueChange={(clutchN) => change({ clutchN }, 'clutchN')} />
        <p className="semi-narrow col-span-2 border-l-2 border-ink pl-2 text-[12px]">{t('presentation.caution')}</p>
      </Group>
      <Group title={t('presentation.fish')}>
        <ChoiceField label={t('presentation.mouth')} value={p.mouth} options={options(keys(MOUTHS), (k) => t(`mouth.${k}`))} onValueChange={(mouth) => change({ mouth }, 'mouth')} />
        <ChoiceField label={t('presentation.cover')} value={p.cover} options={options(keys(COVERS), (k) => t(`cover.${k}`))} onValueChange={(cover) => change({ cover }, 'cover')} />
        <QuantityField label={t('presentation.fishKg')} measure="bodyMass" value={p.fishKg} limits={{ ...L.fishKg, min: 0.01 }} emptyMeans={t('presentation.snag')} onValueChange={(fishKg) => change({ fishKg }, 'fishKg')} />
      </Group>
      <Group title={t('presentation.wanted')}>
        <ChoiceField
          label={t('presentation.fall')}
          value={fall.kind}
          options={options(FALL_KINDS, (k) => t(`fall.${k}`))}
          onValueChange={(kind) => wanted({ fall: kind === 'own' ? { kind, fromMps: windowOf(fall).fromMps, toMps: windowOf(fall).toMps } : { kind } }, 'fall')}
        />
        <ChoiceField
          label={t('presentation.breakAt')}
          value={p.wanted.breakAt ?? ANYWHERE}
          options={[{ value: ANYWHERE, label: t('presentation.anywhere') }, ...chain.filter(carriesPull).map((joint) => ({ value: joint.id, label: jointText(i18n, joint) }))]}
          onValueChange={(id) => wanted({ breakAt: id === ANYWHERE ? null : id }, 'breakAt')}
        />
        {ownFall && figure('fromMps', t('presentation.fromMps'), 'speed', ownFall.fromMps, { min: L.fallMps.min, max: ownFall.toMps }, (fromMps, f) => wanted({ fall: { ...ownFall, fromMps } }, f))}
        {ownFall && figure('toMps', t('presentation.toMps'), 'speed', ownFall.toMps, { min: ownFall.fromMps, max: L.fallMps.max }, (toMps, f) => wanted({ fall: { ...ownFall, toMps } }, f))}
      </Group>
      {(leader ?? weight ?? hook) && (
        <Group title={t('presentation.rig')}>
          {leader && figure('leaderM', t('presentation.leaderM'), 'distance', leader.lengthM, LEADER_LIMITS, (lengthM, f) => onJoint({ ...leader, lengthM }, f))}
          {weight && <ChoiceField label={t('presentation.hold')} value={weight.hold} options={options(['free', 'pegged'] as const, (k) => t(`word.${k}`))} onValueChange={(hold) => onJoint({ ...weight, hold }, 'hold')} />}
          {hook && <ChoiceField label={t('presentation.point')} value={hook.point} options={options(keys(POINT_PLACES), (k) => t(`word.${k}`))} onValueChange={(point) => onJoint({ ...hook, point }, 'point')} />}
        </Group>
      )}
    </Panel>
  );
}

/** The sweep with this angler's own moment, or with that of its way. */
function withMoment(sweep: Presentation['sweep'], peakMomentNm: number | null): Presentation['sweep'] {
  const { peakMomentNm: _, ...rest } = sweep;
  return peakMomentNm === null ? rest : { ...rest, peakMomentNm };
}

const carriesPull = ({ kind }: Joint) => kind === 'line' || kind === 'knot' || kind === 'leader' || kind === 'hook' || kind === 'jig-head';
const windowOf = (fall: Presentation['wanted']['fall']) => (fall.kind === 'own' ? fall : FALL_WINDOWS[fall.kind]);

function Group({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <fieldset className="mb-3 border-t border-ink pt-1">
      <legend className="narrow pr-2 text-[13px] font-semibold">{title}</legend>
      <div className="grid grid-cols-2 gap-x-4 gap-y-1.5">{children}</div>
    </fieldset>
  );
}
