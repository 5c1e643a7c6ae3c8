'use client';

import { useMemo, useReducer } from 'react';
import type { Setup } from '@/core/tackle';
import { axisSteps } from '@/features/fields/nice-steps';
import { useAnswer } from '@/features/fields/use-answer';
import { useUnchanged } from '@/features/fields/use-unchanged';
import { useI18n, type I18n } from '@/i18n/client';
import type { WaterSetup } from '@/server/queries/water-page';
import type { FallAnswer, QuestionOf, RunAnswer } from '@/workers/protocol';
import { setupIn, startScene, type LineChanges, type Scene } from './scene';

export type WaterAction =
  | { readonly kind: 'scene'; readonly change: Partial<Omit<Scene, 'own'>> }
  | { readonly kind: 'own'; readonly id: string; readonly change: LineChanges }
  | { readonly kind: 'put-back' };

/** One setup in the picture, as the scene has it, with the workers' last answer. */
export interface InWater {
  readonly id: string;
  readonly name: string;
  readonly number: number;
  readonly version: number;
  readonly file: WaterSetup['file'];
  readonly setup: Setup;
  readonly run: RunAnswer | null;
  readonly fall: FallAnswer | null;
  readonly waiting: boolean;
  readonly failed: boolean;
}

/** Nearer to each other stand no two depths of a countdown [m]. */
const LEAST_STEP_M = 0.5;

/** Depths of a countdown, round in the unit that is shown, to half as deep again as it is wanted, and that depth itself [m]. */
export function countdownDepths(depthM: number, i18n: Pick<I18n, 'inUnit'>): readonly number[] {
  const round = axisSteps(1.5 * depthM, Math.max(LEAST_STEP_M, depthM / 12), 'depth', i18n);
  const apart = round[0]! / 4;
  return [...round.filter((each) => Math.abs(each - depthM) >= apart), depthM].sort((a, b) => a - b);
}

/** The band that a cast lure is meant to be in: a third of its depth above and below. */
export const castBandOf = (depthM: number) => ({ fromM: (2 / 3) * depthM, toM: (4 / 3) * depthM, betweenS: 8 });

/** Headless: owns the scene, asks the workers for every setup in it, keeps the last answers while the next come. */
export function useWater(given: readonly WaterSetup[]) {
  const shown = useUnchanged(given);
  const start = useMemo(() => startScene(shown), [shown]);
  const [state, dispatch] = useReducer(reduce, start, (scene) => ({ scene, start }));
  // A setup that was asDraft anew, here or elsewhere, starts the picture again.
  if (state.start !== start) dispatch({ kind: 'set', start });
  const { scene } = state;
  const lines = [
    useOne(shown[0], scene),
    useOne(shown[1], scene),
    useOne(shown[2], scene),
    useOne(shown[3], scene),
  ].filter((each) => each !== null);
  return {
    scene,
    dispatch: (action: WaterAction) => dispatch(action.kind === 'put-back' ? { kind: 'set', start } : action),
    lines,
    changed: JSON.stringify(scene) !== JSON.stringify(start),
  };
}

type Reduced = Exclude<WaterAction, { kind: 'put-back' }> | { readonly kind: 'set'; readonly start: Scene };

interface WaterState {
  readonly scene: Scene;
  /** the picture as the setups bring it */
  readonly start: Scene;
}

function reduce({ scene, start }: WaterState, action: Reduced): WaterState {
  switch (action.kind) {
    case 'scene':
      return { start, scene: { ...scene, ...action.change } };
    case 'own':
      return {
        start,
        scene: { ...scene, own: { ...scene.own, [action.id]: { ...scene.own[action.id], ...action.change } } },
      };
    case 'set':
      return { start: action.start, scene: action.start };
    default:
      return action satisfies never;
  }
}

function useOne(shown: WaterSetup | undefined, scene: Scene): InWater | null {
  const { inUnit } = useI18n();
  // Only what concerns this line: one that is dragged has the others solved no second time.
  const { speedMps, layers } = scene;
  const own = shown && scene.own[shown.id];
  const setup = useMemo(
    () => (shown ? setupIn({ speedMps, layers }, shown, own) : null),
    [shown, speedMps, layers, own],
  );
  const isTowed = setup?.presentation.kind === 'towed';
  const runQuestion = useMemo(
    (): QuestionOf<'run'> | null => (setup && isTowed ? { kind: 'run', setup, bottom: scene.bottom } : null),
    [setup, isTowed, scene.bottom],
  );
  const fallQuestion = useMemo(
    (): QuestionOf<'fall'> | null =>
      setup && !isTowed
        ? {
            kind: 'fall',
            setup,
            depthsM: countdownDepths(setup.presentation.depthM, { inUnit }),
            band: castBandOf(setup.presentation.depthM),
          }
        : null,
    [setup, isTowed, inUnit],
  );
  const run = useAnswer(runQuestion);
  const fall = useAnswer(fallQuestion);
  if (!shown || !setup) return null;
  const { id, name, number, version, file } = shown;
  return {
    id,
    name,
    number,
    version,
    file,
    setup,
    run: run.last?.answer ?? null,
    fall: fall.last?.answer ?? null,
    waiting: run.waiting || fall.waiting,
    failed: run.failed !== null || fall.failed !== null,
  };
}
