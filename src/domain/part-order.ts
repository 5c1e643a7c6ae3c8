import { KINDS_OF_PART, PART_KINDS, type Part } from './parts';

/** Things with a part each, as they lie in a box: rods first, baits last, and inside a kind by sort, then by size. */
export function inBoxOrder<T>(things: readonly T[], partOf: (thing: T) => Part): readonly T[] {
  return things
    .map((thing) => {
      const part = partOf(thing);
      return { thing, id: part.id, kind: PART_KINDS.indexOf(part.kind), place: placeOf(part) };
    })
    .sort(
      (a, b) =>
        a.kind - b.kind || a.place[0].localeCompare(b.place[0]) || a.place[1] - b.place[1] || a.id.localeCompare(b.id),
    )
    .map(({ thing }) => thing);
}

/** Each kind takes its own parts, which the table cannot say of a kind that is known only as the program runs. */
const placeOf = (part: Part) =>
  (KINDS_OF_PART[part.kind].place as (part: Part) => readonly [sort: string, size: number])(part);
