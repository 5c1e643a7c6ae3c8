import { FALL_EDGE_SHARE } from '../../tackle/defaults/fall-windows';
import { sink, type Sink, type SinkInput } from '../../water';
import type { CastPresentation } from '../../tackle';
import { fallInputOf, type Rig } from '../../rig';
import { markWithin, type Reason, type Verdict } from '../verdict';

export interface FallFigures {
  readonly free: Sink;
  readonly tightLine: Sink;
  /** mean rate of the free fall to the wanted depth [m/s]; null when it never gets there */
  readonly meanMps: number | null;
}

/** Depths of the countdown besides the wanted one, as far as twice as deep [m]. */
const COUNTDOWN_M = [1, 2, 3, 4, 6, 8, 10, 15, 20, 30];

const countdown = (depthM: number, deepestM: number) =>
  [depthM, ...COUNTDOWN_M.filter((depth) => depth !== depthM && depth <= deepestM)].sort((a, b) => a - b);

/** The `sink` call that a rig and a presentation make, on slack line. */
export function fallInput(rig: Rig, presentation: CastPresentation): SinkInput {
  return { ...fallInputOf(rig, presentation), depthsM: countdown(presentation.depthM, 2 * presentation.depthM) };
}

/**
 * Whether the rig falls at the wanted rate. The rate is the mean over the fall to the wanted depth on slack line, which
 * is what counting down measures; the tight line's time stands beside it as the slow bound.
 */
export function judgeFall(
  rig: Rig,
  presentation: CastPresentation,
): { readonly verdict: Verdict; readonly figures: FallFigures } {
  const { depthM } = presentation;
  const asked = fallInput(rig, presentation);
  const free = sink(asked);
  const tightLine = sink({
    ...asked,
    mode: 'tight-line',
    depthsM: countdown(depthM, depthM),
    lineLengthM: Math.hypot(presentation.distanceM, depthM),
  });
  const at = (result: Sink) => result.table.find((row) => row.depthM === depthM)?.timeS ?? null;
  const freeS = at(free);
  const tightS = at(tightLine);
  const meanMps = freeS === null ? null : depthM / freeS;
  const { fall } = presentation.wanted;
  const figures = { free, tightLine, meanMps };
  if (fall.kind === 'floats' || fall.kind === 'suspends') {
    const as = free.outcome === fall.kind;
    return {
      verdict: {
        mark: as ? 'sound' : 'fails',
        value: meanMps,
        unit: 'm/s',
        limits: null,
        reasons: [
          {
            code: as ? `fall-${fall.kind}-as-wanted` : `fall-does-not-${fall.kind === 'floats' ? 'float' : 'suspend'}`,
            facts: { liftN: -free.netWeightN },
          },
        ],
      },
      figures,
    };
  }
  const window = fall.kind === 'own' ? fall : rig.classes.fallWindows[fall.kind];
  const limits = {
    failsBelow: window.fromMps * (1 - FALL_EDGE_SHARE),
    soundFrom: window.fromMps,
    soundTo: window.toMps,
    failsAbove: window.toMps * (1 + FALL_EDGE_SHARE),
  };
  const base = { value: meanMps, unit: 'm/s' as const, limits };
  if (free.outcome !== 'sinks') {
    return {
      verdict: {
        ...base,
        mark: 'fails',
        reasons: [{ code: `fall-${free.outcome}`, facts: { liftN: -free.netWeightN } }],
      },
      figures,
    };
  }
  if (meanMps === null) {
    return {
      verdict: { ...base, mark: 'fails', reasons: [{ code: 'fall-never-that-deep', facts: { depthM } }] },
      figures,
    };
  }
  const low = meanMps < limits.soundFrom;
  const high = meanMps > limits.soundTo;
  const mark = markWithin(meanMps, limits);
  const reasons: Reason[] = [
    ...(low || high
      ? [
          {
            code: low ? ('fall-too-slow' as const) : ('fall-too-fast' as const),
            facts: { fromMps: window.fromMps, toMps: window.toMps },
          },
        ]
      : []),
    { code: tightS === null ? 'fall-countdown-free' : 'fall-countdown', facts: { depthM, freeS, tightS } },
  ];
  return { verdict: { ...base, mark, reasons }, figures };
}
