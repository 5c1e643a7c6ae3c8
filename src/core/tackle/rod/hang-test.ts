import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { InputRangeError, requireInRange, type Limits } from '../../base/guard';
import { leastSquares } from '../../base/numeric';
import { bendRod } from './bend';
import { ELASTICA_LIMITS } from './elastica';
import type { HungMass, HangTest, StiffnessFit } from './rod';

export const HANG_TEST_LIMITS = {
  loads: { min: 1, max: 20 },
  massKg: { min: 0, max: 50, exclusiveMin: true },
  dropM: { min: 0, max: 20, exclusiveMin: true },
  /** a rod pulled straight down cannot pass the plumb line */
  tipAngleRad: { min: 0, max: Math.PI / 2, exclusiveMin: true },
} as const satisfies Record<string, Limits>;

/** Accuracy of the readings: a folding rule beside a tip that trembles; an angle off a photograph. One standard deviation. */
const READING_SD = { dropM: 0.005, angleRad: (2 * Math.PI) / 180 } as const;
/** Taper that is held when one reading cannot tell it: a moderate-fast rod stands in the middle of what is made. */
const USUAL_TIP_RATIO = { value: 0.28, spread: 0.2 } as const;
/** Between these lies every rod that is made; the fit looks nowhere else. */
const FITTED = { tipRatio: { min: 0.02, max: 1 }, loadRatio: { min: 1e-4, max: 1500 } } as const;

/**
 * Rigidity at the grip [N·m²] and taper from masses hung on a rod that is clamped level.
 *
 * Model: least squares over drop/5 mm and angle/2° in ln EI and ln tipRatio, with the bent rod of `bendRod` pulled
 * square to the grip. A tipRatio that is given is held; one load alone says nothing of the taper, so the usual one is
 * held at its class spread, which then widens EI too.
 * Valid: the rod's own weight drops out, because drops are read from the unloaded tip.
 *
 * @throws {InputRangeError} a drop as long as the rod, or a heavier mass that drops less than a lighter one.
 */
export function fitHangTest(lengthM: number, test: HangTest): StiffnessFit {
  const loads = checked(lengthM, test);
  const angle =
    test.tipAngleRad === undefined
      ? undefined
      : requireInRange('rod.stiffness.tipAngleRad', test.tipAngleRad, HANG_TEST_LIMITS.tipAngleRad);
  const heaviest = loads.reduce((a, b) => (b.massKg > a.massKg ? b : a));
  const held = test.tipRatio ?? (loads.length === 1 && angle === undefined ? USUAL_TIP_RATIO.value : undefined);
  const F = (load: HungMass) => load.massKg * STANDARD_GRAVITY_MPS2;

  const said = (EI: number, tipRatio: number) => {
    const rod = { lengthM, buttEiNm2: EI, tipRatio };
    const bends = loads.map((load) => bendRod(rod, F(load), Math.PI / 2).elastica);
    const drops = bends.map(({ tipY }) => tipY * lengthM);
    return angle === undefined ? drops : [...drops, bends[loads.indexOf(heaviest)]!.tipAngleRad];
  };
  const forces = loads.map(F);
  const lnEi = {
    min: Math.log((Math.max(...forces) * lengthM ** 2) / FITTED.loadRatio.max),
    max: Math.log((Math.min(...forces) * lengthM ** 2) / FITTED.loadRatio.min),
    // A third of the length is dropped at F·L²/EI = 1/k, k = 2.674 for the usual taper; nearly in proportion.
    start: Math.log((2.674 * F(heaviest) * lengthM ** 3) / (3 * heaviest.dropM)),
  };
  const readings = {
    observed: [...loads.map(({ dropM }) => dropM), ...(angle === undefined ? [] : [angle])],
    sd: [...loads.map(() => READING_SD.dropM), ...(angle === undefined ? [] : [READING_SD.angleRad])],
  };
  const startEi = Math.min(Math.max(lnEi.start, lnEi.min), lnEi.max);
  const fit = (tipRatio: number | undefined) =>
    leastSquares({
      field: 'rod.stiffness.loads',
      ...readings,
      model: ([e, r]) => said(Math.exp(e!), tipRatio ?? Math.exp(r!)),
      start: tipRatio === undefined ? [startEi, Math.log(USUAL_TIP_RATIO.value)] : [startEi],
      min: [lnEi.min, ...(tipRatio === undefined ? [Math.log(FITTED.tipRatio.min)] : [])],
      max: [lnEi.max, ...(tipRatio === undefined ? [Math.log(FITTED.tipRatio.max)] : [])],
    });
  const found = fit(held);
  const buttEiNm2 = Math.exp(found.parameters[0]!);
  const tipRatio = held ?? Math.exp(found.parameters[1]!);
  const guessed = held !== undefined && test.tipRatio === undefined;
  const slope = guessed
    ? (fit(held * Math.exp(USUAL_TIP_RATIO.spread)).parameters[0]! -
        fit(held * Math.exp(-USUAL_TIP_RATIO.spread)).parameters[0]!) /
      2
    : 0;
  const drops = found.residuals.slice(0, loads.length);
  return {
    buttEiNm2,
    tipRatio,
    rmsDropM: Math.sqrt(drops.reduce((sum, residual) => sum + residual ** 2, 0) / drops.length),
    buttEiSd: buttEiNm2 * Math.hypot(found.sd[0]!, slope),
    tipRatioSd: held === undefined ? tipRatio * found.sd[1]! : guessed ? USUAL_TIP_RATIO.spread * tipRatio : 0,
  };
}

function checked(lengthM: number, { loads, tipRatio }: HangTest): readonly HungMass[] {
  const at = (i: number, field: keyof HungMass) => `rod.stiffness.loads[${i}].${field}`;
  requireInRange('rod.stiffness.loads', loads.length, HANG_TEST_LIMITS.loads);
  if (tipRatio !== undefined) requireInRange('rod.stiffness.tipRatio', tipRatio, ELASTICA_LIMITS.tipRatio);
  loads.forEach(({ massKg, dropM }, i) => {
    requireInRange(at(i, 'massKg'), massKg, HANG_TEST_LIMITS.massKg);
    requireInRange(at(i, 'dropM'), dropM, { ...HANG_TEST_LIMITS.dropM, max: lengthM * MOST_DROP });
    const lighter = loads.find((other) => other.massKg < massKg && other.dropM >= dropM);
    if (lighter) throw new InputRangeError(at(i, 'dropM'), dropM, lighter.dropM, lengthM * MOST_DROP);
  });
  return loads;
}

/** A tip hung straight down from the grip would have dropped by the length; no fit is left there. */
const MOST_DROP = 0.97;
