'use client';

import { useMemo } from 'react';
import { commonSpeeds } from '@/core/rig';
import { filesById } from '@/domain/packed-setups';
import { isSolved } from '@/domain/spread/line-names';
import { useAnswer } from '@/features/fields/use-answer';
import { useUnpacked, useUnpackedSetups } from '@/features/fields/use-unpacked';
import type { Helm } from '@/domain/helm/helm';
import type { SpreadQuestion } from '@/domain/spread/solve';
import type { HelmPage } from '@/server/queries/helm-page';
import type { QuestionOf } from '@/workers/protocol';

/** Lines are solved anew when the boat's speed has changed by this [m/s]. */
const STEP_MPS = 0.05;
/** Turns are not asked here: a wide one costs nothing. */
const WIDE = { radiusM: 1000, side: 'starboard' } as const;

export interface LureNow {
  readonly id: string;
  readonly number: number;
  readonly name: string;
  /** null: it cannot be worked out */
  readonly depthM: number | null;
  readonly laybackM: number | null;
  /** the ball of its downrigger: where it hangs */
  readonly ball: { readonly depthM: number; readonly laybackM: number } | null;
  readonly works: { readonly fromMps: number; readonly toMps: number } | null;
}

/** Every lure in the water as it runs at the speed that the boat makes now; null while no spread was chosen. */
export function useLures(page: HelmPage, helm: Helm, throughMps: number | null) {
  const setups = useUnpackedSetups(page.setups);
  const rods = useUnpacked(page.rods);
  const spread = page.spreads.find(({ id }) => id === helm.spreadId) ?? null;
  const craft =
    page.house.crafts.find(({ id }) => id === (spread?.craftId ?? helm.craftId)) ?? page.house.crafts[0] ?? null;
  const rounded = throughMps === null ? null : Math.max(0.3, Math.round(throughMps / STEP_MPS) * STEP_MPS);
  const question = useMemo((): QuestionOf<'spread'> | null => {
    if (!spread || !craft) return null;
    const input: SpreadQuestion = {
      // At the boat's speed through the water: what carries it over ground moves no lure in it.
      spread: { ...spread, speedMps: rounded ?? spread.speedMps, current: [] },
      craft,
      files: filesById(setups),
      house: page.house,
      rods,
      turn: WIDE,
    };
    return { kind: 'spread', input };
  }, [spread, craft, setups, rods, page.house, rounded]);
  const { last } = useAnswer(question);
  return useMemo(() => {
    if (!spread) return null;
    const lures = spread.lines.map((line, i): LureNow => {
      const answer = last?.answer.lines.find(({ id }) => id === line.id);
      const solved = answer && isSolved(answer) ? answer : null;
      return {
        id: line.id,
        number: i + 1,
        name: setups.find(({ id }) => id === line.setupId)?.name ?? '–',
        depthM: solved?.depthM ?? null,
        laybackM: solved ? solved.behindTipM + solved.tipM[1] : null,
        ball:
          solved && solved.ballDepthM !== null
            ? { depthM: solved.ballDepthM, laybackM: solved.chain[0]!.profileM.at(-1)![0] + solved.tipM[1] }
            : null,
        works: solved?.works ?? null,
      };
    });
    const known = lures.flatMap(({ id, works }) => (works ? [{ name: id, ...works }] : []));
    return { spread, craft, lures, common: known.length > 0 ? commonSpeeds(known).common : null };
  }, [spread, craft, last, setups]);
}

export type Lures = NonNullable<ReturnType<typeof useLures>>;
