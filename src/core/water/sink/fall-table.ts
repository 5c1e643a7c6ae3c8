import { InputRuleError } from '../../base/guard';
import { eventIn, hermite, integrate, type Derivative } from '../../base/numeric';

export interface FallRow {
  readonly depthM: number;
  readonly timeS: number | null;
  readonly speedMps: number | null;
}

export interface FallModel {
  /** y = [position, rate]; the position is a depth [m] or an angle [rad] */
  readonly derivative: Derivative;
  /** position at which a depth is reached; null when it never can be */
  readonly positionAt: (depthM: number) => number | null;
  readonly speedAt: (position: number, rate: number) => number;
  /** a first step [s] and the rate below which the fall has stopped */
  readonly firstStepS: number;
  readonly restRate: number;
}

const TOLERANCE = 1e-6;
/** Steps of the march; a fall relaxes in tenths of a second and a step spans about three relaxations. */
const MAX_STEPS = 200_000;

/** Marches a fall from rest and reads off when each depth is passed, in the order of `depthsM`. */
export function fallTable(model: FallModel, depthsM: readonly number[]): FallRow[] {
  const rows: FallRow[] = depthsM.map((depthM) => ({ depthM, timeS: null, speedMps: null }));
  const waiting = depthsM
    .map((depthM, index) => ({ index, depthM, position: model.positionAt(depthM) }))
    .filter((row): row is { index: number; depthM: number; position: number } => row.position !== null)
    .sort((a, b) => a.position - b.position);
  if (waiting.length === 0) return rows;
  let next = 0;
  const { kind } = integrate(
    model.derivative,
    { t: 0, y: [0, 0] },
    { tolerance: TOLERANCE, scale: 1e-3, firstStep: model.firstStepS, maxSteps: MAX_STEPS },
    (step) => {
      while (next < waiting.length && step.y1[0]! >= waiting[next]!.position) {
        const { index, depthM, position } = waiting[next]!;
        const t = eventIn(step, (y) => y(0) - position) ?? step.t1;
        rows[index] = { depthM, timeS: t, speedMps: model.speedAt(position, hermite(step, 1, t)) };
        next += 1;
      }
      return next < waiting.length && step.y1[1]! > model.restRate;
    },
  );
  if (kind === 'out-of-steps')
    throw new InputRuleError('depthsM', 'depths that are reached in as many steps as are taken');
  return rows;
}
