import { requireInRange } from '../../base/guard';
import { judgeTow } from '../../judge';
import { boatSpeeds, hungCable, runRig, tipHeightM, type HungCable, type Rig, type Running } from '../../rig';
import type { TowedPresentation } from '../../tackle';
import { tow, type TowInput, type WaterInput } from '../../water';
import { SPREAD_LIMITS, type Point, type Profile, type SpreadLine } from '../spread';
import { thinned, withStart } from './profiles';
import { sidewaysM, type SideLayer } from './sideways';
import { tipAt, type TowPoint } from './tow-point';

/** A rod with its setup in a place of the boat. */
export interface PlacedRod {
  readonly name: string;
  readonly rig: Rig;
  readonly presentation: TowedPresentation;
  readonly point: TowPoint;
  /** how far its board stands out [m], to starboard when positive; the presentation's gear says how much line it has */
  readonly boardOutM?: number | undefined;
}

/** A ball or a sensor on a cable of its own, without a lure. */
export interface HungProbe {
  readonly name: string;
  readonly point: TowPoint;
  readonly cableM: number;
  readonly ballKg: number;
  readonly cable: 'steel-cable' | 'braid';
  readonly cableDiameterM: number;
}

/** One rod's line in the water, and the chain of lines that it is in the spread; the lure is on the last. */
export interface BoatLine {
  readonly name: string;
  readonly tipM: Point;
  readonly running: Running;
  /** of the boat through the surface water [m/s] */
  readonly throughMps: number;
  readonly chain: readonly SpreadLine[];
  /** of the lure, from the surface and one standard deviation [m] */
  readonly depthM: number;
  readonly depthSdM: number;
  /** pull at the rod, or at the release it is loaded against; and with a hand full of weed [N] */
  readonly cleanN: number;
  readonly fouledN: number;
}

/** Speeds, as shares of the boat's, at which a line is solved for the turn; between them depths are taken as straight. */
const SPEED_SHARES = [0.2, 0.45, 0.7, 1, 1.35, 1.8] as const;

/** Spreads of what decides how deep a line runs: its drag across, a lip's drive, how exactly line is paid out. */
const DOUBT = {
  lineDrag: 0.15,
  drive: 0.2,
  lineOut: 0.03,
  /** of how far a ball is lifted and blown back */
  blowBack: 0.2,
} as const;

/**
 * A rod's line behind the boat, for `spread`: its chain with depths by speed, drawn sideways by the current, and how far off its
 * depth may be.
 *
 * Model: `runRig` at the boat's speed and at those that a turn gives, from the tip, clip or mast; a side board is its tow line
 * with the offset, then the lead behind it; a downrigger its cable with the ball, then the line from the release. The deviation
 * is that of the depth under line drag ± 15 %, a lip's drive ± 20 % and line out ± 3 %, each for itself, and of a ball's lift
 * ± 20 %. Left out: current along the course that differs between the two sides.
 *
 * @throws {InputRangeError} when a value lies outside of what the models take.
 */
export function boatLine(placed: PlacedRod, across: readonly SideLayer[]): BoatLine {
  const { name, rig, presentation, point, boardOutM = 0 } = placed;
  requireInRange('speedMps', presentation.speedMps, SPREAD_LIMITS.speedMps);
  const tipM = tipAt(rig, presentation, point);
  const heightM = point.kind === 'downrigger' ? tipHeightM(rig, presentation) : -tipM[2];
  // A house that drives by the ground may be carried along as fast as it goes: then no line is towed.
  const throughMps = requireInRange('speedMps', boatSpeeds(rig, presentation).throughMps, SPREAD_LIMITS.speedMps);
  const asIs = runRig(rig, presentation, heightM);
  const atSpeeds = SPEED_SHARES.map((share) => ({
    speedMps: share * throughMps,
    running: share === 1 ? asIs : runRig(rig, { ...presentation, speedMps: share * presentation.speedMps }, heightM),
  }));
  const { figures } = judgeTow(rig, presentation, asIs);
  const depthSdM = depthDeviationM(asIs, presentation);
  const sideways = (profile: Profile) => sidewaysM(profile, across, throughMps);
  const lead = (): SpreadLine => {
    const behind = (running: Running): Profile =>
      running.shape.map(([x, z]) => [x - running.release!.behindM, z] as const);
    const profileM = thinned(behind(asIs));
    return {
      name,
      after: nameOfFirst(name, presentation),
      profileM,
      offsetM: profileM.at(-1)![0] > 0 ? sideways(profileM) : 0,
      depthsAt: atSpeeds.map(({ speedMps, running }) => ({ speedMps, zM: zOf(thinned(behind(running))) })),
      depthSdM,
    };
  };
  const chain = (): readonly SpreadLine[] => {
    if (presentation.gear?.kind === 'downrigger') {
      const cables = atSpeeds.map(({ speedMps, running }) => ({ speedMps, cable: running.release!.cable! }));
      return [
        cableLine(nameOfFirst(name, presentation), tipM, cables, asIs.release!.cable!, { across, throughMps }),
        lead(),
      ];
    }
    if (presentation.gear?.kind === 'side-planer') {
      const { boardM } = presentation.gear;
      const backM = Math.sqrt(Math.max(0.01, boardM ** 2 - boardOutM ** 2));
      return [
        {
          name: nameOfFirst(name, presentation),
          tipM,
          profileM: [
            [0, tipM[2]],
            [backM, 0],
          ],
          offsetM: boardOutM,
        },
        lead(),
      ];
    }
    const from = (running: Running): Profile => withStart(thinned(running.shape), tipM[2]);
    const profileM = from(asIs);
    return [
      {
        name,
        tipM,
        profileM,
        offsetM: profileM.at(-1)![0] > 0 ? sideways(profileM) : 0,
        depthsAt: atSpeeds.map(({ speedMps, running }) => ({ speedMps, zM: zOf(from(running)) })),
        depthSdM,
      },
    ];
  };
  return {
    name,
    tipM,
    running: asIs,
    throughMps,
    chain: chain(),
    depthM: asIs.depthM ?? 0,
    depthSdM,
    cleanN: figures.clean.pullN,
    fouledN: figures.fouled.pullN,
  };
}

/** The first line of a chain: the cable or the board of a rod. */
const nameOfFirst = (name: string, { gear }: Pick<TowedPresentation, 'gear'>): string =>
  gear === undefined ? name : `${name} ${gear.kind === 'downrigger' ? 'cable' : 'board'}`;

/** A probe as a line: it hangs in the way of the others, and carries nothing. */
export function probeLine(
  { name, point, cableM, ballKg, cable, cableDiameterM }: HungProbe,
  {
    water,
    speedMps,
    across,
    rig,
  }: {
    readonly water: WaterInput;
    readonly speedMps: number;
    readonly across: readonly SideLayer[];
    readonly rig: Pick<Rig, 'classes'>;
  },
): { readonly line: SpreadLine; readonly hung: HungCable } {
  const at = (mps: number) => hungCable({ water, speedMps: mps, cableM, cable, cableDiameterM, ballKg }, rig.classes);
  const hung = at(speedMps);
  const cables = SPEED_SHARES.map((share) => ({
    speedMps: share * speedMps,
    cable: share === 1 ? hung : at(share * speedMps),
  }));
  const tipM: Point = [point.xM, point.yM, -point.upM];
  return { line: cableLine(name, tipM, cables, hung, { across, throughMps: speedMps }), hung };
}

function cableLine(
  name: string,
  tipM: Point,
  cables: readonly { readonly speedMps: number; readonly cable: HungCable }[],
  asIs: HungCable,
  { across, throughMps }: { readonly across: readonly SideLayer[]; readonly throughMps: number },
): SpreadLine {
  const from = ({ shape }: HungCable): Profile => [[0, tipM[2]], ...thinned(shape)];
  const profileM = from(asIs);
  return {
    name,
    tipM,
    profileM,
    offsetM: profileM.at(-1)![0] > 0 ? sidewaysM(profileM, across, throughMps) : 0,
    depthsAt: cables.map(({ speedMps, cable }) => ({ speedMps, zM: zOf(from(cable)) })),
    depthSdM: liftDoubtM(asIs),
  };
}

const zOf = (profile: Profile): readonly number[] => profile.map(([, z]) => z);

/** A ball's depth is what the counter says less what the water lifts it: the lift is not sure. */
const liftDoubtM = ({ depthM, shape }: HungCable): number => {
  const lengthM = shape.slice(1).reduce((sum, [x, z], i) => sum + Math.hypot(x - shape[i]![0], z - shape[i]![1]), 0);
  return DOUBT.blowBack * Math.max(0, lengthM - depthM);
};

function depthDeviationM({ asked, contact, outcome, release }: Running, { gear }: TowedPresentation): number {
  const hung = release?.cable && gear?.kind === 'downrigger' ? liftDoubtM(release.cable) : 0;
  if (contact || outcome !== 'runs') return hung;
  const depth = (input: TowInput) => tow(input, { shaped: false }).depthM;
  const is = depth(asked);
  if (is === null) return hung;
  const [main, ...rest] = asked.segments;
  const drag = asked.segments.map((segment) => ({
    ...segment,
    normalDragFactor: (segment.normalDragFactor ?? 1) * (1 + DOUBT.lineDrag),
  }));
  const tried = [
    depth({ ...asked, segments: drag }),
    ...(asked.end.downAreaM2
      ? [depth({ ...asked, end: { ...asked.end, downAreaM2: asked.end.downAreaM2 * (1 + DOUBT.drive) } })]
      : []),
    depth({ ...asked, segments: [{ ...main!, lengthM: main!.lengthM * (1 + DOUBT.lineOut) }, ...rest] }),
  ];
  return Math.hypot(hung, ...tried.map((each) => (each === null ? 0 : each - is)));
}
