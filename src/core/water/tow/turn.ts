import { requireInRange } from '../../base/guard';

export const TURN_LIMITS = {
  radiusM: { min: 0, max: 5000, exclusiveMin: true },
  speedMps: { min: 0, max: 20 },
  offsetM: { min: -500, max: 500 },
  laybackM: { min: 0, max: 2000 },
} as const;

export interface TurnInput {
  /** of the boat's way [m] */
  readonly radiusM: number;
  readonly speedMps: number;
  /** where each line leaves the boat's middle, to the outside positive, and how far behind its lure runs */
  readonly lines: readonly { readonly offsetM: number; readonly laybackM: number }[];
}

export interface TurnLine {
  readonly outcome: 'ok' | 'goes-slack';
  /** circle that the lure runs on [m] */
  readonly radiusM: number | null;
  readonly speedMps: number | null;
}

/**
 * The steady turn: the lure follows on the circle to which its line is tangent, so it runs slower than the boat, the
 * inside one most. A line longer than its tip's circle is wide goes slack.
 *
 * Model: r = √((R + offset)² − layback²), speed U·r/R.
 */
export function turn({ radiusM, speedMps, lines }: TurnInput): {
  readonly outcome: 'ok';
  readonly lines: readonly TurnLine[];
} {
  requireInRange('radiusM', radiusM, TURN_LIMITS.radiusM);
  return {
    outcome: 'ok',
    lines: lines.map(({ offsetM, laybackM }): TurnLine => {
      const tipM = radiusM + offsetM;
      if (laybackM >= tipM) return { outcome: 'goes-slack', radiusM: null, speedMps: null };
      const r = Math.sqrt(tipM ** 2 - laybackM ** 2);
      return { outcome: 'ok', radiusM: r, speedMps: (speedMps * r) / radiusM };
    }),
  };
}
