import { valueAt, withValue } from '@/core/decide';
import type { VerdictName } from '@/core/judge';
import type { Limits } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';
import { quantitiesOf } from '@/core/base/quantity';
import type { Setup } from '@/core/tackle';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { partSchema } from '@/domain/parts';
import { fieldLabel } from '@/i18n/field-text';
import type { I18n } from '@/i18n/client';
import { measureOfField } from '@/i18n/measure-of-field';
import { jointText } from '@/i18n/setup-text';
import type { Draft } from '../../state/bench-state';
import { draftOf } from '../../state/read-draft';

/** An input that can be moved: where it stands, what it is called, how far it may go. */
export interface SweepChoice {
  readonly path: string;
  readonly label: string;
  readonly measure: Measure;
  readonly value: number;
  readonly from: number;
  readonly to: number;
}

/** A result that can be watched, and the verdict that it belongs to. */
export interface ResultChoice {
  readonly path: string;
  readonly verdict: VerdictName;
  /** null: as the verdict's own unit says */
  readonly measure: Measure | null;
  readonly key:
    'value' | 'tension' | 'atHook' | 'needed' | 'opening' | 'timeToSet' | 'strike' | 'weakest' | 'dropShare' | 'pull';
}

export const RESULTS: readonly ResultChoice[] = [
  { path: 'verdicts.throw.value', verdict: 'throw', measure: null, key: 'value' },
  { path: 'verdicts.fall.value', verdict: 'fall', measure: null, key: 'value' },
  { path: 'verdicts.set.value', verdict: 'set', measure: null, key: 'value' },
  { path: 'verdicts.hold.value', verdict: 'hold', measure: null, key: 'value' },
  { path: 'verdicts.balance.value', verdict: 'balance', measure: null, key: 'value' },
  { path: 'figures.throw.castFit.dropShare', verdict: 'throw', measure: 'share', key: 'dropShare' },
  { path: 'figures.tow.clean.pullN', verdict: 'throw', measure: 'force', key: 'pull' },
  { path: 'figures.set.hookset.tensionN', verdict: 'set', measure: 'force', key: 'tension' },
  { path: 'figures.set.hookset.atHookN', verdict: 'set', measure: 'force', key: 'atHook' },
  { path: 'figures.hook.neededN', verdict: 'set', measure: 'force', key: 'needed' },
  { path: 'figures.hook.openingN', verdict: 'set', measure: 'force', key: 'opening' },
  { path: 'figures.set.hookset.timeToSetS', verdict: 'set', measure: 'time', key: 'timeToSet' },
  { path: 'figures.strike.window.peakN', verdict: 'set', measure: 'force', key: 'strike' },
  { path: 'figures.hold.chain.strengthN', verdict: 'hold', measure: 'force', key: 'weakest' },
];

const PRESENTED: readonly (readonly [path: string, measure: Measure, limits: Limits])[] = [
  ['distanceM', 'distance', L.distanceM],
  ['lineOutM', 'distance', L.lineOutM],
  ['depthM', 'depth', L.depthM],
  ['speedMps', 'speed', L.speedMps],
  ['currentMps', 'speed', L.currentMps],
  ['clutchN', 'force', L.clutchN],
  ['fishKg', 'bodyMass', { ...L.fishKg, min: 0.05 }],
  ['slackM', 'distance', L.slackM],
  ['handHeightM', 'distance', L.handHeightM],
  ['sweep.startRad', 'angle', L.sweepRad],
  ['sweep.endRad', 'angle', L.sweepRad],
  ['sweep.timeS', 'time', L.timeS],
  ['sweep.stepBackM', 'distance', L.gainM],
  ['sweep.woundM', 'distance', L.gainM],
  ['holderRad', 'angle', L.holderRad],
  ['bottomM', 'depth', L.bottomM],
  ['gear.leadM', 'distance', L.leadM],
  ['gear.cableM', 'distance', L.cableM],
  ['gear.ballKg', 'bodyMass', L.ballKg],
  ['gear.boardM', 'distance', L.boardM],
];

/** Every input of a setup that is a number: how it is fished first, then how it is rigged, then the parts. */
export function sweepChoices(i18n: I18n, setup: Setup): readonly SweepChoice[] {
  const { t } = i18n;
  const presented = PRESENTED.flatMap(([field, measure, limits]): SweepChoice[] => {
    const value = valueAt(setup.presentation, field);
    if (typeof value !== 'number') return [];
    return [
      {
        path: `presentation.${field}`,
        label: t(`presentation.${field.split('.').at(-1)!}` as 'presentation.depthM'),
        measure,
        value,
        ...spanOf(value, limits),
      },
    ];
  });
  const rigged = setup.chain.flatMap((joint, i): SweepChoice[] =>
    'lengthM' in joint
      ? [
          {
            path: `chain[${i}].lengthM`,
            label: `${i + 1} ${jointText(i18n, joint, setup.parts)}: ${t('presentation.leaderM')}`,
            measure: 'distance',
            value: joint.lengthM,
            ...spanOf(joint.lengthM, { min: 0.01, max: 100 }),
          },
        ]
      : [],
  );
  const seen = new Set<string>();
  const parts = setup.chain.flatMap((joint, at) => {
    const i = setup.parts.findIndex(({ id }) => id === joint.partId);
    const parsed = partSchema.safeParse(setup.parts[i]);
    if (!parsed.success || seen.has(joint.partId)) return [];
    seen.add(joint.partId);
    const part = parsed.data;
    return quantitiesOf(part)
      .filter(([, { value }]) => value > 0)
      .map(([field, { value }]): SweepChoice => ({
        path: `parts[${i}].${field}.value`,
        label: `${at + 1} ${jointText(i18n, joint, setup.parts)}: ${fieldLabel(i18n, part.kind, field)}`,
        measure: measureOfField(field, part.kind).measure,
        value,
        ...spanOf(value, { min: value * 0.3, max: value * 3 }),
      }));
  });
  return [...presented, ...rigged, ...parts];
}

/** From less than half to twice, within what may be; from nothing, a fifth of the way. */
function spanOf(value: number, { min, max }: Limits): { readonly from: number; readonly to: number } {
  if (value === 0) return { from: Math.max(0, min), to: Math.min(max, Math.max(0, min) + 0.2 * (max - min), 2) };
  const ends = value > 0 ? [0.4 * value, 2 * value] : [2 * value, 0.4 * value];
  return { from: Math.max(min, ends[0]!), to: Math.min(max, ends[1]!) };
}

/** A value of a sweep can be taken over where it is chosen; what a part is cannot be chosen. */
export const canTakeOver = (path: string): boolean => !path.startsWith('parts');

/** The draft with the value taken over; null where it is not allowed. */
export const takenOver = (setup: Setup, path: string, value: number): Draft | null =>
  draftOf(withValue(setup, path, value));
