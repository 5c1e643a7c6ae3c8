import type { Angler } from './angler';
import { HOUSE_SCHEMAS, type Craft, type House, type HouseDocumentName } from './house';
import type { EntryDocument, HouseChange } from './house-entries';
import type { AnglerId } from './ids';

/** Who fishes from the bench. */
export interface AnglerLine {
  readonly id: AnglerId;
  readonly name: string;
  readonly usual: boolean;
  readonly figures: Angler;
}

/** What Rules shows and changes. */
export type RulesShape = Pick<House, HouseDocumentName | 'crafts'> & { readonly anglers: readonly AnglerLine[] };

type Entries = Readonly<Record<string, unknown>>;

/** The changes, entry by entry, that make `now` of `before`. */
export function houseDifference(before: RulesShape, now: RulesShape): HouseChange[] {
  const documents = (Object.keys(HOUSE_SCHEMAS) as HouseDocumentName[]).flatMap((name) =>
    entries(name, '', before[name], now[name]),
  );
  const crafts = matched(before.crafts, now.crafts).flatMap(([was, is]): HouseChange[] => {
    if (!was) return [{ kind: 'add-craft', craft: is! }];
    return is ? entries('craft', was.id, was, is) : [{ kind: 'remove-craft', id: was.id }];
  });
  const anglers = matched(before.anglers, now.anglers).flatMap(([was, is]): HouseChange[] => {
    if (!is) return [{ kind: 'remove-angler', id: was!.id }];
    if (!was) return [{ kind: 'add-angler', id: is.id, name: is.name }, ...entries('angler', is.id, {}, is.figures)];
    const name: HouseChange[] =
      was.name === is.name ? [] : [{ kind: 'name-angler', id: is.id, from: was.name, to: is.name }];
    return [...name, ...entries('angler', is.id, was.figures, is.figures)];
  });
  const [usualBefore, usual] = [before, now].map((shape) => shape.anglers.find((each) => each.usual)?.id);
  const turn: HouseChange[] = usual && usual !== usualBefore ? [{ kind: 'usual-angler', id: usual }] : [];
  return [...documents, ...crafts, ...anglers, ...turn];
}

function entries(document: EntryDocument, id: string, before: Entries, now: Entries): HouseChange[] {
  return [...new Set([...Object.keys(before), ...Object.keys(now)])].flatMap((key): HouseChange[] => {
    const [from, to] = [before[key] ?? null, now[key] ?? null];
    return JSON.stringify(from) === JSON.stringify(to) ? [] : [{ kind: 'entry', document, id, key, from, to }];
  });
}

function matched<T extends Craft | AnglerLine>(
  before: readonly T[],
  now: readonly T[],
): [T | undefined, T | undefined][] {
  const ids = [...new Set([...before, ...now].map(({ id }) => id))];
  return ids.map((id) => [before.find((each) => each.id === id), now.find((each) => each.id === id)]);
}

/** `shape` with an entry as it should stand there. */
export function withEntry(
  shape: RulesShape,
  { document, id, key }: { readonly document: EntryDocument; readonly id: string; readonly key: string },
  value: unknown,
): RulesShape {
  const put = (record: Entries): Entries => {
    const { [key]: _, ...others } = record;
    return value === null || value === undefined ? others : { ...others, [key]: value };
  };
  if (document === 'craft')
    return { ...shape, crafts: shape.crafts.map((craft) => (craft.id === id ? (put(craft) as Craft) : craft)) };
  if (document === 'angler')
    return {
      ...shape,
      anglers: shape.anglers.map((each) => (each.id === id ? { ...each, figures: put(each.figures) as Angler } : each)),
    };
  return { ...shape, [document]: put(shape[document]) };
}
