/** Where a lure's hooks hang, from its nose to its tail. */
export const STATIONS = ['front', 'middle', 'tail'] as const;
export type Station = (typeof STATIONS)[number];

/** What each of a lure's stations is called: the last is the tail, the first of several the front. */
export const stationNames = (count: number): readonly Station[] =>
  Array.from({ length: count }, (_, i) => (i === count - 1 ? 'tail' : i === 0 ? 'front' : 'middle'));
