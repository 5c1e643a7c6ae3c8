import { partIdSchema } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { completePart } from '@/domain/parts/class-part';
import { PRESENTATION_LIMITS } from '@/domain/presentation-limits';
import { parse, type Problem } from '@/domain/problems';
import { rigPattern, type RigId } from '@/domain/rigs';
import { usualIn, type RigSlot } from '@/domain/rig-slots';
import { setupFileSchema, type SetupFile } from '@/domain/setup';
import { chainOf, presentationOf } from '@/domain/start-setup';
import { usualPresentation } from '@/domain/usual-presentation';
import type { House } from '@/domain/house';
import type { Joint } from '@/domain/joint';
import { TOWED_WAYS, type Presentation } from '@/domain/presentation';
import { readPart } from './read-part';

type Fields = Readonly<Record<string, unknown>>;

export interface RigInWords {
  readonly rig: RigId;
  /** by slot: a line as quick add reads it, or a part, whole or in part */
  readonly parts: Readonly<Record<string, string | Fields>>;
  /** what differs from how such a rig is usually fished */
  readonly presentation?: Fields | undefined;
  readonly house?: House | undefined;
}

export type RiggedUp =
  | { readonly kind: 'rigged'; readonly setup: SetupFile }
  | { readonly kind: 'incomplete'; readonly missing: readonly string[] }
  | { readonly kind: 'refused'; readonly problems: readonly Problem[] };

/** A setup from a rig pattern and what is said of the part in each of its slots; knots fill themselves. */
export function rigUp({ rig, parts: said, presentation: changes, house }: RigInWords): RiggedUp {
  const slots: readonly RigSlot[] = rigPattern(rig).slots;
  const unknown = Object.keys(said).filter((each) => slots.every(({ id }) => id !== each));
  if (unknown.length > 0)
    return refused(
      unknown.map((each) => ({
        path: `parts.${each}`,
        given: said[each],
        allowed: { kind: 'one-of', options: slots.map(({ id }) => id) },
      })),
    );
  const missing = slots.filter(({ id, knot }) => said[id] === undefined && !knot).map(({ id }) => id);
  if (missing.length > 0) return { kind: 'incomplete', missing };
  const made = slots.map((slot) => partIn(slot, said[slot.id]));
  const problems = made.flatMap((each) => ('problems' in each ? each.problems : []));
  if (problems.length > 0) return refused(problems);
  const parts = made.flatMap((each) => ('part' in each ? [each.part] : []));
  const chain = chainOf(slots, Object.fromEntries(slots.map(({ id }, i) => [id, parts[i]!.id])))!;
  const whole = parse(setupFileSchema, {
    version: 1,
    name: rig,
    parts,
    chain,
    presentation: merged(aboutTheBall(startFor(rig, parts, chain, changes, house), changes), changes ?? {}),
    ...(house ? { house } : {}),
  });
  return whole.ok
    ? { kind: 'rigged', setup: whole.data }
    : refused(whole.problems.map((each) => ({ ...each, path: inSlots(each.path, slots) })));
}

const refused = (problems: readonly Problem[]): RiggedUp => ({ kind: 'refused', problems });

/** How the rig is usually fished, in the way that the changes ask for. */
function startFor(
  rig: RigId,
  parts: readonly Part[],
  chain: readonly Joint[],
  changes: Fields | undefined,
  house: House | undefined,
): Presentation {
  const usual = usualPresentation(rig, parts, chain, house?.schools);
  if (changes?.['kind'] === 'cast') return presentationOf('cast', usual);
  if (changes?.['kind'] !== 'towed' && changes?.['way'] === undefined) return usual;
  const way = TOWED_WAYS.find((each) => each === changes['way']);
  return presentationOf(way ?? (usual.kind === 'towed' ? usual.way : 'trolled'), usual);
}

/** Over a downrigger a lure is wanted where the ball hangs, unless a band is said. */
function aboutTheBall(start: Presentation, changes: Fields | undefined): Presentation {
  const { gear } = changes ?? {};
  if (start.kind !== 'towed' || !isFields(gear) || gear['kind'] !== 'downrigger') return start;
  const cableM = gear['cableM'];
  if (typeof cableM !== 'number' || cableM <= 0) return start;
  const deep = (share: number) => Math.min(share * cableM, PRESENTATION_LIMITS.bandM.max);
  return { ...start, wanted: { ...start.wanted, depth: { fromM: deep(0.8), toM: deep(1.2) } } };
}

function partIn(
  slot: RigSlot,
  said: string | Fields | undefined,
): { readonly part: Part } | { readonly problems: readonly Problem[] } {
  const id = partIdSchema.parse(slot.id);
  const usual = usualIn(slot);
  if (typeof said === 'string') {
    const { part, problems } = readPart(said, id, { kind: slot.partKind, usual, massIs: slot.with });
    return part ? { part } : { problems: problems.map((each) => ({ ...each, path: `parts.${slot.id}.${each.path}` })) };
  }
  const made = completePart({ ...usual, ...said, id, kind: slot.partKind });
  return made.ok
    ? { part: made.data }
    : { problems: made.problems.map((each) => ({ ...each, path: `parts.${slot.id}.${each.path}` })) };
}

const inSlots = (path: string, slots: readonly RigSlot[]): string =>
  path.replace(/^parts\[(\d+)\]/, (_, i: string) => `parts.${slots[Number(i)]!.id}`);

/** Object by object; arrays whole, and water as one where its density is given. */
function merged(usual: unknown, changes: Fields): Fields {
  const base = isFields(usual) && !('densityKgPm3' in changes) ? usual : {};
  return Object.entries(changes).reduce<Fields>(
    (all, [key, value]) => ({ ...all, [key]: isFields(value) ? merged(all[key], value) : value }),
    base,
  );
}

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
