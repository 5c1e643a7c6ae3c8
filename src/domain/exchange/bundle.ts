import { z } from 'zod';
import { setupIdSchema, type PartId, type SetupId } from '../ids';
import { partSchema, type Part } from '../parts';
import { presentationSchema } from '../presentation';
import { chainSchema } from '../setup';
import { craftSchema, type Craft } from '../house';
import { withStock } from '../stock';
import { spreadSchema } from '../spread/spread';

const bundledSetup = z.strictObject({
  id: setupIdSchema,
  name: z.string().trim().min(1).max(120),
  chain: chainSchema,
  presentation: presentationSchema,
});

/** Setups and spreads with the parts that stand in them, to pass from one bench to another. */
export const bundleSchema = z.strictObject({
  version: z.literal(1),
  kind: z.literal('bundle'),
  parts: z.array(partSchema).max(5000),
  setups: z.array(bundledSetup).max(1000),
  spreads: z.array(spreadSchema).max(200),
  /** boats of the spreads and of the setups in them */
  crafts: z.array(craftSchema).max(20),
});

export type Bundle = z.infer<typeof bundleSchema>;

/** Under which id each part of a bundle stands in a Box, and those that it does not hold yet. */
export interface MatchedParts {
  readonly idOf: ReadonlyMap<PartId, PartId>;
  readonly fresh: readonly Part[];
}

/**
 * Matches parts with those of a Box. One that is the same in all but its stock is that one, whatever its id; one whose id another
 * part has there is given a new id.
 */
export function matchParts(parts: readonly Part[], box: readonly Part[]): MatchedParts {
  const held = new Map(box.map((part) => [sameness(part), part.id]));
  const taken = new Set<string>(box.map(({ id }) => id.toLowerCase()));
  const idOf = new Map<PartId, PartId>();
  const fresh: Part[] = [];
  for (const part of parts) {
    const same = held.get(sameness(part));
    if (same) {
      idOf.set(part.id, same);
      continue;
    }
    const id = freeId(part.id, taken);
    taken.add(id.toLowerCase());
    idOf.set(part.id, id);
    held.set(sameness(part), id);
    fresh.push({ ...uncounted(part), id });
  }
  return { idOf, fresh };
}

function sameness(part: Part): string {
  const { id: _, ...rest } = withStock(part, 0);
  return JSON.stringify(Object.entries(rest).sort(([a], [b]) => a.localeCompare(b)));
}

/** Pieces that are left are counted on their own bench; a spool keeps the length that it was bought with. */
function uncounted(part: Part): Part {
  if (part.kind === 'line') return part;
  const { left: _, ...rest } = part;
  return rest as Part;
}

function freeId<Id extends string>(id: Id, taken: ReadonlySet<string>): Id {
  if (!taken.has(id.toLowerCase())) return id;
  for (let n = 2; ; n++) {
    const next = `${id.slice(0, 60)}-${n}` as Id;
    if (!taken.has(next.toLowerCase())) return next;
  }
}

/** A bundle's setups with the ids that parts and boats have on a bench; from the bank where the boat did not come along. */
export const setupsWith = (
  bundle: Bundle,
  { idOf }: MatchedParts,
  craftIdOf: ReadonlyMap<string, string>,
): Bundle['setups'] =>
  bundle.setups.map((setup) => ({
    ...setup,
    chain: setup.chain.map((joint) => ({ ...joint, partId: idOf.get(joint.partId) ?? joint.partId })),
    presentation: { ...setup.presentation, craftId: craftOf(setup.presentation, craftIdOf) },
  }));

const craftOf = ({ craftId }: { readonly craftId: string | null }, craftIdOf: ReadonlyMap<string, string>) =>
  craftId === null ? null : (craftIdOf.get(craftId) ?? null);

/** A bundle's spreads with the ids that setups and rods have on a bench; lines whose setup did not come along are left out. */
export const spreadsWith = (
  bundle: Bundle,
  { idOf }: MatchedParts,
  setupIdOf: ReadonlyMap<SetupId, SetupId>,
  craftIdOf: ReadonlyMap<string, string>,
): Bundle['spreads'] =>
  bundle.spreads.map((spread) => ({
    ...spread,
    craftId: craftOf(spread, craftIdOf),
    lines: spread.lines.flatMap((line) => {
      const setupId = setupIdOf.get(line.setupId);
      return setupId ? [{ ...line, setupId, ...(line.rodId && { rodId: idOf.get(line.rodId) ?? line.rodId }) }] : [];
    }),
  }));

/** A boat that is the same in all but its id is that one; another gets an id that is free, as long as there is room for it. */
export function matchCrafts(
  crafts: readonly Craft[],
  held: readonly Craft[],
  most: number,
): { readonly idOf: ReadonlyMap<string, string>; readonly fresh: readonly Craft[] } {
  const same = ({ id: _, ...craft }: Craft) => JSON.stringify(craft);
  const known = new Map(held.map((craft) => [same(craft), craft.id]));
  const taken = new Set(held.map(({ id }) => id.toLowerCase()));
  const idOf = new Map<string, string>();
  const fresh: Craft[] = [];
  for (const craft of crafts) {
    const there = known.get(same(craft));
    if (there) {
      idOf.set(craft.id, there);
      continue;
    }
    if (taken.size >= most) continue;
    const id = freeId(craft.id, taken);
    idOf.set(craft.id, id);
    taken.add(id.toLowerCase());
    known.set(same(craft), id);
    fresh.push({ ...craft, id });
  }
  return { idOf, fresh };
}
