import { elementsOf, fitChain, pinchedAboveM, type Element } from '../../rig';
import type { Setup } from '../../tackle';
import { cutList, type Allowances } from './cut-list';
import type { LeaderEnd } from './leaders';

export type Tool = 'ruler' | 'scissors' | 'cutters' | 'fingers' | 'crimper' | 'scale' | 'pliers';

/** One thing to do with the hands. */
export interface TyingStep {
  readonly kind: 'cut' | 'thread' | 'pinch' | 'tie' | 'crimp' | 'loop' | 'attach' | 'leave' | 'test' | 'trim' | 'wind';
  /** the leader that it is about */
  readonly leaderId: string;
  /** the joint that is threaded, tied, crimped or attached; null: the line alone */
  readonly jointId: string | null;
  /** what it is made fast to */
  readonly toId: string | null;
  readonly end: 'near' | 'far' | null;
  readonly lengthM: number | null;
  readonly tool: Tool;
  /** joints on the leader once it is done, in the order from the near end: the order is checked against it */
  readonly onLine: readonly string[];
}

const METAL = /^steel|^copper/;

/**
 * The order in which the leaders of a rig are made, each begun at its far end: cut, thread what slides, make the far end
 * fast, then the near one; every knot is wetted and drawn, tested and trimmed before the next.
 *
 * What slides goes on in the order in which it sits from the far end back, since the near end is still free; so a bead that
 * is forgotten is missed at the near knot at the latest. A leader behind another is made first.
 */
export function tyingSteps(
  setup: Pick<Setup, 'chain' | 'parts'>,
  allowances?: Allowances,
  sharesLink = false,
): readonly TyingStep[] {
  const { pieces } = cutList([{ setup, count: 1, sharesLink }], allowances);
  const elements = elementsOf(fitChain(setup));
  const attachedTo = (id: string) =>
    elements.flatMap((element) =>
      element.kind === 'assembly' && element.bearer.joint.id === id
        ? element.attached.filter(({ kind }) => kind === 'hardware' || kind === 'stinger').map(({ joint }) => joint.id)
        : [],
    );
  return [...pieces].reverse().flatMap(({ leader, cutM, partId }): TyingStep[] => {
    const part = setup.parts.find(({ id }) => id === partId);
    const isWire = part?.kind === 'line' && METAL.test(part.material);
    const base = {
      leaderId: leader.jointId,
      jointId: null,
      toId: null,
      end: null,
      lengthM: null,
      tool: 'fingers' as Tool,
      onLine: [] as readonly string[],
    };
    const steps: TyingStep[] = [{ ...base, kind: 'cut', lengthM: cutM, tool: isWire ? 'cutters' : 'ruler' }];
    let onLine: readonly string[] = [];
    const fast = (end: 'near' | 'far', { kind, jointId, toId }: LeaderEnd) => {
      if (kind === 'bare') {
        steps.push({ ...base, kind: 'leave', jointId, end, onLine });
        return;
      }
      const on = [jointId, toId].filter((id) => id !== null);
      onLine = end === 'far' ? [...onLine, ...on] : [...on.reverse(), ...onLine];
      steps.push({
        ...base,
        kind: kind === 'crimp' ? 'crimp' : kind === 'loop' ? 'loop' : 'tie',
        jointId,
        toId,
        end,
        tool: kind === 'crimp' ? 'crimper' : 'fingers',
        onLine,
      });
      steps.push({ ...base, kind: 'test', jointId, toId, end, tool: 'scale', onLine });
      steps.push({ ...base, kind: 'trim', jointId, toId, end, tool: isWire ? 'cutters' : 'scissors', onLine });
    };
    fast('far', leader.far);
    for (const jointId of [...leader.threaded].reverse()) {
      const aboveM = pinchedAt(elements, jointId);
      onLine = [jointId, ...onLine];
      steps.push(
        aboveM === null
          ? { ...base, kind: 'thread', jointId, onLine }
          : { ...base, kind: 'pinch', jointId, lengthM: aboveM, tool: 'pliers', onLine },
      );
    }
    for (const jointId of leader.far.toId ? attachedTo(leader.far.toId) : [])
      steps.push({ ...base, kind: 'attach', jointId, toId: leader.far.toId, tool: 'pliers', onLine });
    fast('near', leader.near);
    steps.push({ ...base, kind: 'wind', onLine });
    return steps;
  });
}

/** How far above its end a weight is pinched on [m]; null for what slides. */
function pinchedAt(elements: readonly Element[], jointId: string): number | null {
  const found = elements.find((each) => each.kind === 'threaded' && each.fitted.joint.id === jointId);
  return found ? pinchedAboveM(found) : null;
}
