import type { CurrentLayer } from '@/core/water';
import { chainChanges, type ChainChange, type Chosen } from '../chain-changes';
import type { Craft } from '../house';
import type { SetupFile } from '../setup';
import type { TrialDocument } from './trial-document';

/** A field of a presentation; `layers` are those of the current. */
export type FishedValue = Chosen | readonly CurrentLayer[];

export type ElseDiffers =
  | { readonly kind: 'chain'; readonly change: ChainChange }
  | { readonly kind: 'presentation'; readonly path: string; readonly was: FishedValue; readonly is: FishedValue };

type Crafts = readonly Pick<Craft, 'id' | 'name'>[];

/** What differs between the setups of two versions; with more than one thing nobody knows which of them it was. */
export function differences(a: SetupFile, b: SetupFile, crafts: Crafts): readonly ElseDiffers[] {
  const chain = chainChanges(a.chain, b.chain).map((change): ElseDiffers => ({ kind: 'chain', change }));
  const [was, is] = [fished(a, crafts), fished(b, crafts)];
  const others = [...new Set([...was.keys(), ...is.keys()])].flatMap((path): ElseDiffers[] =>
    JSON.stringify(was.get(path)) === JSON.stringify(is.get(path)) || followsFromGear(path, was, is)
      ? []
      : [{ kind: 'presentation', path, was: was.get(path), is: is.get(path) }],
  );
  return [...chain, ...others];
}

/** A ball has a cable and a board has none: only that it is another gear is told, and a line's length where both have none. */
function followsFromGear(path: string, was: Fished, is: Fished): boolean {
  const gears = [was, is].map((each) => each.get('gear.kind'));
  if (path === 'lineOutM') return gears.some((gear) => gear !== undefined);
  return path.startsWith('gear.') && path !== 'gear.kind' && gears[0] !== gears[1];
}

/** Whether two versions are of one setup as it is, so that nothing else can differ. */
export const isOneSetup = ({ a, b }: Pick<TrialDocument, 'a' | 'b'>): boolean =>
  a.pick.by !== 'gear' ||
  b.pick.by !== 'gear' ||
  (a.pick.setupId === b.pick.setupId && a.pick.revision === b.pick.revision);

type Fished = ReadonlyMap<string, FishedValue>;

/** How a setup is fished. What is wanted of it, and the day that it was thought for, is no difference in that. */
function fished({ presentation }: SetupFile, crafts: Crafts): Fished {
  const { wanted: _, conditions: __, kind, craftId, ...own } = presentation;
  const { way, ...rest } = { way: undefined, ...own };
  return flat({
    fished: kind === 'cast' ? kind : way,
    ...rest,
    craft: crafts.find(({ id }) => id === craftId)?.name ?? craftId ?? undefined,
  });
}

function flat(value: object, before = ''): Map<string, FishedValue> {
  const found = new Map<string, FishedValue>();
  for (const [key, own] of Object.entries(value)) {
    const path = before === '' ? key : `${before}.${key}`;
    if (own !== null && typeof own === 'object' && !Array.isArray(own))
      for (const [inner, each] of flat(own as object, path)) found.set(inner, each);
    else found.set(path, own as FishedValue);
  }
  return found;
}
