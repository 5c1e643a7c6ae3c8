import { PINCHED_ABOVE_M } from '../../tackle';
import type { HardwareForm } from '../../tackle/defaults/hardware-classes';
import type { Fitted, FittedOf } from './fitted';

/** What hangs together at one place: a hook, head, lure or snell with all that is put on it. */
export interface Assembly {
  readonly kind: 'assembly';
  readonly bearer: FittedOf<'hook'> | FittedOf<'jig-head'> | FittedOf<'lure'> | FittedOf<'snell'>;
  readonly attached: readonly (
    | FittedOf<'bait'>
    | FittedOf<'trailer'>
    | FittedOf<'skirt'>
    | FittedOf<'stinger'>
    | FittedOf<'hardware'>
    | FittedOf<'hook'>
  )[];
  /** a weight that rests against it, pegged */
  readonly pegged: FittedOf<'weight'> | null;
}

/** A rig from the reel outward, what belongs together taken together. */
export type Element =
  | { readonly kind: 'piece'; readonly fitted: FittedOf<'line'> | FittedOf<'leader'> }
  | { readonly kind: 'knot'; readonly fitted: FittedOf<'knot'> }
  /** slides on the line: a free weight, bead, stop, disc */
  | {
      readonly kind: 'threaded';
      readonly fitted: FittedOf<'weight'> | FittedOf<'hardware'>;
      readonly skirts: readonly FittedOf<'skirt'>[];
    }
  /** carries the pull: a swivel, snap, ring, crimp, trace */
  | { readonly kind: 'link'; readonly fitted: FittedOf<'hardware'> }
  /** carries the pull and has a body of its own */
  | {
      readonly kind: 'inline';
      readonly fitted: FittedOf<'attractor'> | FittedOf<'plane'> | FittedOf<'bouncer'> | FittedOf<'weight'>;
    }
  | Assembly;

/** Forms that carry no pull and slide on the line. */
const THREADED: ReadonlySet<HardwareForm> = new Set([
  'bead',
  'stop',
  'blade',
  'wobble-disc',
  'planer-board',
  'release-clip',
  'bait-head',
  'sleeve',
  'screw-keeper',
  'hook-guard',
]);
/** Forms that go onto a hook, head or lure. */
const ATTACHED: ReadonlySet<HardwareForm> = new Set([
  'screw-keeper',
  'hook-guard',
  'bridle',
  'sleeve',
  'stop',
  'bead',
  'blade',
]);

export const carriesPull = (form: HardwareForm): boolean => !THREADED.has(form) && form !== 'bridle';

/** Groups the chain, from the main line to the bait. */
export function elementsOf(chain: readonly Fitted[]): readonly Element[] {
  const elements: Element[] = [];
  let open: { -readonly [K in keyof Assembly]: Assembly[K] } | null = null;
  const close = () => {
    open = null;
  };
  const begin = (bearer: Assembly['bearer']) => {
    open = { kind: 'assembly', bearer, attached: [], pegged: peggedBefore(elements) };
    elements.push(open);
  };
  const attach = (fitted: Assembly['attached'][number]) => {
    if (open) open.attached = [...open.attached, fitted];
  };
  for (const fitted of chain) {
    switch (fitted.kind) {
      case 'rod':
      case 'reel':
        break;
      case 'line':
      case 'leader':
        close();
        elements.push({ kind: 'piece', fitted });
        break;
      case 'knot':
        close();
        elements.push({ kind: 'knot', fitted });
        break;
      case 'weight':
        close();
        elements.push(
          fitted.joint.hold === 'fixed' ? { kind: 'inline', fitted } : { kind: 'threaded', fitted, skirts: [] },
        );
        break;
      case 'attractor':
      case 'plane':
      case 'bouncer':
        close();
        elements.push({ kind: 'inline', fitted });
        break;
      case 'hardware': {
        const bearer = (open as Assembly | null)?.bearer;
        const { form } = fitted.part;
        if (bearer && (ATTACHED.has(form) || (form === 'split-ring' && bearer.kind === 'lure'))) attach(fitted);
        else {
          close();
          elements.push(carriesPull(form) ? { kind: 'link', fitted } : { kind: 'threaded', fitted, skirts: [] });
        }
        break;
      }
      case 'skirt': {
        const last = elements.at(-1);
        if (!open && last?.kind === 'threaded')
          elements[elements.length - 1] = { ...last, skirts: [...last.skirts, fitted] };
        else attach(fitted);
        break;
      }
      case 'hook':
        // A hook right behind a lure takes the place of the hooks that it came with.
        if ((open as Assembly | null)?.bearer.kind === 'lure') attach(fitted);
        else begin(fitted);
        break;
      case 'jig-head':
      case 'lure':
      case 'snell':
        begin(fitted);
        break;
      case 'bait':
      case 'trailer':
      case 'stinger':
        attach(fitted);
        break;
      default:
        fitted satisfies never;
    }
  }
  return elements;
}

/** A pegged weight that only knots and beads part from what comes next. */
function peggedBefore(elements: readonly Element[]): FittedOf<'weight'> | null {
  for (const element of [...elements].reverse()) {
    if (element.kind === 'threaded' && element.fitted.kind === 'weight')
      return element.fitted.joint.hold === 'pegged' ? element.fitted : null;
    if (element.kind !== 'knot' && element.kind !== 'threaded') return null;
  }
  return null;
}

export const isAssembly = (element: Element): element is Assembly => element.kind === 'assembly';

/** How far above the end of its line a pinched weight sits [m]; null: nothing is pinched. */
export const pinchedAboveM = (element: Element): number | null =>
  element.kind === 'threaded' && element.fitted.kind === 'weight' && element.fitted.joint.hold === 'pinched'
    ? (element.fitted.joint.aboveM ?? PINCHED_ABOVE_M)
    : null;
