import type { Evaluation } from './evaluate';

/** What a change of one part shows in: a row of these before and after. */
export interface EffectFigures {
  readonly castMassKg: number;
  /** weight in water of the end that is judged [N] */
  readonly netWeightN: number | null;
  /** mean rate of the fall; null where it does not sink or is towed [m/s] */
  readonly sinkMps: number | null;
  /** where it runs in tow [m], and what it pulls there [N]; null for a rig that is cast */
  readonly depthM: number | null;
  readonly pullN: number | null;
  readonly pitchRad: number | null;
  readonly neededN: number;
  readonly openingN: number;
  readonly pointsInReach: number;
}

/** The figures that any part of the end can move. */
export function effectFigures({
  castMassKg,
  figures,
  verdicts,
}: Pick<Evaluation, 'castMassKg' | 'figures' | 'verdicts'>): EffectFigures {
  const { fall, tow, balance, hook } = figures;
  return {
    castMassKg,
    netWeightN: fall?.free.netWeightN ?? balance.ends[0]?.trim.netWeightN ?? null,
    sinkMps: fall?.meanMps ?? null,
    depthM: tow?.running.depthM ?? null,
    pullN: tow?.clean.pullN ?? null,
    pitchRad: verdicts.balance.value,
    neededN: hook.neededN,
    openingN: hook.openingN,
    pointsInReach: balance.pointsInReach,
  };
}
