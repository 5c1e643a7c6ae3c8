import { flowAt, flowOf, lengthOf, minus, type Flow, type FlowLayer } from '@/core/afloat';
import { seeded } from '@/core/base/numeric';
import { probeDepthBy } from '../../helm/probe-depth';
import { asDirection, directionOf } from '../direction';
import type { Scenario, ScriptEvent, Thermocline } from './scenario';

/** One second of the boat: how things are, and what its instruments make of them. */
export interface Moment {
  /** from the start [s] */
  readonly atS: number;
  readonly truth: Truth;
  readonly readings: Truth;
  readonly faults: { readonly silent: boolean; readonly badChecksums: boolean; readonly clockByS: number };
}

export interface Truth {
  readonly latDeg: number;
  readonly lonDeg: number;
  readonly sogMps: number;
  readonly cogRad: number;
  readonly waterMps: number;
  readonly headingRad: number;
  readonly surfaceC: number;
  readonly bottomM: number;
  readonly windMps: number;
  /** apparent, from the bow */
  readonly windRad: number;
  readonly probeM: number;
  readonly probeC: number;
  readonly probeMps: number;
}

/** How fast the boat follows its throttle and its helm, as time constants [s]; a winch, and how fast new water is reached. */
const FOLLOWS = { throttleS: 4, helmRadPerS: 0.09, winchMps: 0.5, waterS: 5 } as const;
const METRES_PER_DEGREE = 111_320;

/** The scenario second by second, for ever; the same seed gives the same day. */
export function* world(scenario: Scenario, seed = 1): Generator<Moment, never> {
  const random = seeded(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const hung = probeDepths(scenario);
  let { headingRad, throughMps } = scenario;
  let wanted = { headingRad, throughMps };
  let cableM = scenario.probe.cableM;
  let wantedCableM = cableM;
  let layers = scenario.current;
  let wantedLayers = layers;
  let { thermocline } = scenario;
  let wantedThermocline = thermocline;
  let gust = { byMps: 0, untilS: 0 };
  let [silentUntilS, badUntilS, clockUntilS, clockByS] = [0, 0, 0, 0];
  let { latDeg, lonDeg } = scenario.start;
  let wander = 0;
  const due = [...scenario.script].sort((a, b) => a.atS - b.atS);
  const happen = (event: ScriptEvent, atS: number): void => {
    switch (event.kind) {
      case 'throttle':
        wanted = { ...wanted, throughMps: event.throughMps };
        return;
      case 'course':
        wanted = { ...wanted, headingRad: event.headingRad };
        return;
      case 'probe':
        wantedCableM = event.cableM;
        return;
      case 'current':
        wantedLayers = event.layers;
        return;
      case 'thermocline':
        wantedThermocline = event.thermocline;
        return;
      case 'gust':
        gust = { byMps: event.byMps, untilS: atS + event.forS };
        return;
      case 'dropout':
        silentUntilS = atS + event.forS;
        return;
      case 'bad-checksums':
        badUntilS = atS + event.forS;
        return;
      case 'clock':
        [clockByS, clockUntilS] = [event.byS, atS + event.forS];
        return;
      default:
        event satisfies never;
    }
  };
  for (let atS = 0; ; atS += 1) {
    while (due[0] && due[0].atS <= atS) happen(due.shift()!, atS);
    // Throttle and helm drift a little, as hands and waves do.
    wander = 0.95 * wander + 0.003 * normal();
    const target = wanted.throughMps + (atS < gust.untilS ? gust.byMps : 0);
    throughMps += (target - throughMps) / FOLLOWS.throttleS;
    headingRad = towards(headingRad, wanted.headingRad, FOLLOWS.helmRadPerS);
    cableM += Math.max(-FOLLOWS.winchMps, Math.min(FOLLOWS.winchMps, wantedCableM - cableM));
    layers = mixedLayers(layers, wantedLayers, 1 / FOLLOWS.waterS);
    thermocline = mixedThermocline(thermocline, wantedThermocline, 1 / FOLLOWS.waterS);
    const through = Math.max(0, throughMps + wander);
    const ground = plus(flowOf(through, headingRad), flowAt(layers, 0));
    const sogMps = lengthOf(ground);
    latDeg += ground[0] / METRES_PER_DEGREE;
    lonDeg += ground[1] / (METRES_PER_DEGREE * Math.cos((latDeg * Math.PI) / 180));
    const probeM = hung(cableM, through);
    const air = minus(flowOf(scenario.wind.mps, scenario.wind.towardRad), ground);
    const truth: Truth = {
      latDeg,
      lonDeg,
      sogMps,
      cogRad: directionOf(...ground),
      waterMps: through,
      headingRad,
      surfaceC: temperatureAt(thermocline, 0),
      bottomM: bottomAt(scenario, latDeg),
      windMps: lengthOf(air),
      windRad: asDirection(directionOf(...air) + Math.PI - headingRad),
      probeM,
      probeC: temperatureAt(thermocline, probeM),
      probeMps: lengthOf(minus(ground, flowAt(layers, probeM))),
    };
    const { mps, celsius, depthM, headingRad: compass } = scenario.noise;
    const { waterScale, probeScale } = scenario.sensors;
    const readings: Truth = {
      ...truth,
      sogMps: Math.max(0, truth.sogMps + mps * normal()),
      cogRad: asDirection(truth.cogRad + (mps / Math.max(0.2, sogMps)) * normal()),
      waterMps: Math.max(0, truth.waterMps / waterScale + mps * normal()),
      headingRad: asDirection(truth.headingRad + compass * normal()),
      surfaceC: truth.surfaceC + celsius * normal(),
      bottomM: Math.max(0.3, truth.bottomM + depthM * normal()),
      windMps: Math.max(0, truth.windMps + 0.5 * normal()),
      windRad: asDirection(truth.windRad + 0.1 * normal()),
      probeM: Math.max(0, truth.probeM + depthM * normal()),
      probeC: truth.probeC + celsius * normal(),
      probeMps: Math.max(0, truth.probeMps / probeScale + mps * normal()),
    };
    yield {
      atS,
      truth,
      readings,
      faults: {
        silent: atS < silentUntilS,
        badChecksums: atS < badUntilS,
        clockByS: atS < clockUntilS ? clockByS : 0,
      },
    };
  }
}

export const temperatureAt = ({ surfaceC, deepC, depthM, spanM }: Thermocline, zM: number): number =>
  deepC + (surfaceC - deepC) * 0.5 * (1 - Math.tanh((2 * (zM - depthM)) / spanM));

/** Depth of the probe by cable and speed: the cable's own curve for each whole metre of it. */
function probeDepths({ water, probe }: Scenario): (cableM: number, speedMps: number) => number {
  const solved = new Map<number, (speedMps: number) => number>();
  return (cableM, speedMps) => {
    const whole = Math.max(1, Math.round(cableM));
    const depthAt = solved.get(whole) ?? probeDepthBy({ ...probe, water, cableM: whole, cable: 'steel-cable' });
    solved.set(whole, depthAt);
    return (depthAt(speedMps) * cableM) / whole;
  };
}

const bottomAt = ({ bottomM: { mean, swing, everyM }, start }: Scenario, latDeg: number): number =>
  mean + swing * Math.sin((2 * Math.PI * (latDeg - start.latDeg) * METRES_PER_DEGREE) / everyM);

const plus = (a: Flow, b: Flow): Flow => [a[0] + b[0], a[1] + b[1]];

function towards(from: number, to: number, most: number): number {
  const turn = asDirection(to - from + Math.PI) - Math.PI;
  return asDirection(from + Math.max(-most, Math.min(most, turn)));
}

function mixedLayers(from: readonly FlowLayer[], to: readonly FlowLayer[], share: number): readonly FlowLayer[] {
  if (from === to) return from;
  const mixed = to.map(({ depthM }): FlowLayer => {
    const [a, b] = [flowAt(from, depthM), flowAt(to, depthM)];
    const flow: Flow = [a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])];
    return { depthM, speedMps: lengthOf(flow), towardRad: directionOf(...flow) };
  });
  const left = Math.max(...to.map((layer, i) => Math.abs(layer.speedMps - mixed[i]!.speedMps)));
  return left < 1e-4 ? to : mixed;
}

function mixedThermocline(from: Thermocline, to: Thermocline, share: number): Thermocline {
  const mixed = (a: number, b: number) => a + share * (b - a);
  return from === to
    ? from
    : {
        surfaceC: mixed(from.surfaceC, to.surfaceC),
        deepC: mixed(from.deepC, to.deepC),
        depthM: mixed(from.depthM, to.depthM),
        spanM: mixed(from.spanM, to.spanM),
      };
}
