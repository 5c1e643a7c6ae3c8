import { chainChanges, type ChainChange, type Chosen } from '../chain-changes';
import type { SetupFile } from '../setup';
import type { TrialDocument } from './trial-document';

export type ElseDiffers =
  | { readonly kind: 'chain'; readonly change: ChainChange }
  | { readonly kind: 'presentation'; readonly path: string; readonly was: Chosen; readonly is: Chosen };

/** What differs between the setups of two versions; with more than one thing nobody knows which of them it was. */
export function differences(a: SetupFile, b: SetupFile): readonly ElseDiffers[] {
  const chain = chainChanges(a.chain, b.chain).map((change): ElseDiffers => ({ kind: 'chain', change }));
  const [was, is] = [fished(a), fished(b)];
  const others = [...new Set([...was.keys(), ...is.keys()])].flatMap((path): ElseDiffers[] =>
    JSON.stringify(was.get(path)) === JSON.stringify(is.get(path))
      ? []
      : [{ kind: 'presentation', path, was: was.get(path), is: is.get(path) }],
  );
  return [...chain, ...others];
}

/** Whether two versions are of one setup as it is, so that nothing else can differ. */
export const isOneSetup = ({ a, b }: Pick<TrialDocument, 'a' | 'b'>): boolean =>
  a.pick.by !== 'gear' ||
  b.pick.by !== 'gear' ||
  (a.pick.setupId === b.pick.setupId && a.pick.revision === b.pick.revision);

/** What is wanted of a setup, and the day that it was thought for, is no difference in how it was fished. */
const fished = ({ presentation: { wanted: _, conditions: __, ...own } }: SetupFile) => flat(own);

function flat(value: object, before = ''): Map<string, Chosen> {
  const found = new Map<string, Chosen>();
  for (const [key, own] of Object.entries(value)) {
    const path = before === '' ? key : `${before}.${key}`;
    if (own !== null && typeof own === 'object' && !Array.isArray(own))
      for (const [inner, each] of flat(own as object, path)) found.set(inner, each);
    else found.set(path, own as Chosen);
  }
  return found;
}
