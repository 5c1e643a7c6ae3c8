import type { Change, TechniqueCode } from '@/core/decide';
import { SET_WAYS, type SetWay } from '@/core/tackle/defaults/hookset-classes';
import { CAST_STYLES } from '@/core/tackle/defaults/cast-styles';
import type { Evaluation } from '@/core/judge';
import type { Setup, TowedPresentation } from '@/core/tackle';
import { PRESENTATION_LIMITS as L } from '../presentation-limits';

type Present = Extract<Change, { kind: 'present' }>;

const present = (technique: TechniqueCode, path: string, value: number | string): Present => ({
  kind: 'present',
  technique,
  path,
  value,
});

/** What can be done otherwise with the same rig, within what a presentation may be. */
export function techniqueChanges(setup: Setup, { figures }: Evaluation): readonly Change[] {
  const { presentation: p } = setup;
  const within = (limits: { readonly min: number; readonly max: number }, value: number) =>
    value >= limits.min && value <= limits.max;
  const scaled = (
    technique: TechniqueCode,
    path: string,
    value: number,
    limits: { readonly min: number; readonly max: number },
    factors: readonly number[],
  ) =>
    factors
      .map((factor) => tidy(value * factor))
      .filter((each) => within(limits, each) && each !== value)
      .map((each) => present(technique, path, each));
  const cast =
    p.kind === 'cast'
      ? [
          ...scaled('shorter-cast', 'distanceM', p.distanceM, L.distanceM, [0.85, 0.7, 0.55, 0.4, 0.3]),
          ...Object.keys(CAST_STYLES)
            .filter((style) => style !== p.castStyle)
            .map((style) => present('cast-otherwise', 'castStyle', style)),
        ]
      : [];
  const byHand =
    p.kind === 'cast' || p.held === 'hand'
      ? [
          ...strongerWays(p.sweep.way).map((way) => present('stronger-sweep', 'sweep.way', way)),
          ...(p.slackM > WOUND_DOWN_M ? [present('wind-down-first', 'slackM', WOUND_DOWN_M)] : []),
          ...[0.5, 1]
            .filter((step) => step > p.sweep.stepBackM && p.stance === 'standing' && p.craftId === null)
            .map((step) => present('step-back', 'sweep.stepBackM', step)),
        ]
      : [0.35, 0.7, 1.05].map((lean) => present('holder-lean', 'holderRad', lean));
  const lines = p.kind === 'towed' ? lineChanges(p, scaled) : [];
  const speeds = [0.7, 0.85, 1.2, 1.4]
    .map((factor) => tidy(p.speedMps * factor))
    .filter((speed) => speed > 0 && within(L.speedMps, speed) && speed !== p.speedMps);
  const pace = speeds.map((speed) => present(speed < p.speedMps ? 'slower' : 'faster', 'speedMps', speed));
  return [...cast, ...byHand, ...lines, ...pace, ...clutchChanges(setup, figures), ...jointChanges(setup)];
}

type Scaled = (
  technique: TechniqueCode,
  path: string,
  value: number,
  limits: { readonly min: number; readonly max: number },
  factors: readonly number[],
) => Present[];

/** More or less line from the tip; behind a ball more or less cable, behind a board its lead. */
function lineChanges({ gear, lineOutM }: TowedPresentation, scaled: Scaled): readonly Change[] {
  const both = (path: string, value: number, limits: { readonly min: number; readonly max: number }) => [
    ...scaled('less-line', path, value, limits, [0.5, 0.7, 0.85]),
    ...scaled('more-line', path, value, limits, [1.2, 1.5, 2]),
  ];
  switch (gear?.kind) {
    case undefined:
      return both('lineOutM', lineOutM, L.lineOutM);
    case 'downrigger':
      return both('gear.cableM', gear.cableM, L.cableM);
    case 'side-planer':
      return both('gear.leadM', gear.leadM, L.leadM);
    default:
      return gear satisfies never;
  }
}

/** Slack that is left when one winds until the line just comes tight [m]. */
const WOUND_DOWN_M = 0.05;

const strongerWays = (way: SetWay): readonly SetWay[] =>
  (Object.keys(SET_WAYS) as SetWay[]).filter((each) => SET_WAYS[each].peakMomentNm > SET_WAYS[way].peakMomentNm);

/** Settings worth a try: steps about the present one, a third of the weakest joint, and the middle of the window. */
function clutchChanges(
  { presentation: { clutchN } }: Setup,
  { hold, strike }: Evaluation['figures'],
): readonly Change[] {
  const middle = strike ? [Math.sqrt(strike.window.atFullN[0] * strike.window.atFullN[1])] : [];
  const steps = clutchN === null ? [] : [0.6, 0.75, 0.9, 1.15, 1.35, 1.6, 2].map((factor) => clutchN * factor);
  const settings = [...steps, 0.999 * (hold.chain.strengthN / 3), ...middle]
    .map((value) => Number(value.toPrecision(3)))
    .filter((value) => value >= L.clutchN.min && value <= L.clutchN.max && value !== clutchN);
  return settings.map((value) =>
    present(clutchN === null || value < clutchN ? 'lower-clutch' : 'higher-clutch', 'clutchN', value),
  );
}

function jointChanges({ chain, parts }: Setup): readonly Change[] {
  const set = (
    jointId: string,
    technique: TechniqueCode,
    field: string,
    values: readonly (number | string)[],
    now: unknown,
  ): Change[] =>
    values.filter((value) => value !== now).map((value) => ({ kind: 'joint', jointId, technique, field, value }));
  return chain.flatMap((joint): Change[] => {
    switch (joint.kind) {
      case 'hook':
        return [
          ...set(
            joint.id,
            'point-otherwise',
            'point',
            pointsFor(chain.some(({ kind }) => kind === 'bait')),
            joint.point,
          ),
          ...(joint.offCentreM ? set(joint.id, 'centre-hook', 'offCentreM', [0], joint.offCentreM) : []),
        ];
      case 'jig-head':
        return joint.offCentreM ? set(joint.id, 'centre-hook', 'offCentreM', [0], joint.offCentreM) : [];
      case 'leader':
        return set(
          joint.id,
          'leader-length',
          'lengthM',
          [0.4, 0.6, 0.8, 1.25, 1.6].map((factor) => tidy(joint.lengthM * factor)),
          joint.lengthM,
        );
      case 'weight':
        return joint.hold === 'fixed' || joint.hold === 'pinched'
          ? []
          : set(joint.id, 'weight-hold', 'hold', ['free', 'pegged'], joint.hold);
      case 'stinger':
        return [
          ...set(joint.id, 'stinger-hold', 'held', ['stopped', 'ring'], joint.held),
          ...set(
            joint.id,
            'stinger-length',
            'lengthM',
            [0.6, 0.8, 1.25].map((factor) => tidy(joint.lengthM * factor)),
            joint.lengthM,
          ),
        ];
      case 'trailer':
      case 'bait': {
        const part = parts.find(({ id }) => id === joint.partId);
        const segments = part && 'segments' in part ? (part.segments ?? 0) : 0;
        return set(
          joint.id,
          'trim',
          'segmentsOff',
          Array.from({ length: Math.max(0, segments - 1) }, (_, i) => i),
          joint.segmentsOff ?? 0,
        );
      }
      default:
        return [];
    }
  });
}

/** A bare hook has nothing to lie in. */
const pointsFor = (isDressed: boolean): readonly string[] => (isDressed ? ['open', 'skin-hooked', 'buried'] : []);

/** Two figures: nobody measures a cast closer. */
const tidy = (value: number): number => Number(value.toPrecision(2));
