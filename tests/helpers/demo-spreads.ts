import { demoHouse, demoParts, demoSetupsOfBench, demoSpreads } from '@/db/demo';
import type { SetupFiles, SpreadQuestion } from '@/domain/spread/solve';
import type { SpreadDocument, SpreadLineDocument } from '@/domain/spread/spread';

export const files = Object.fromEntries(
  demoSetupsOfBench.map(({ id, revisions }) => {
    const { chain, presentation } = revisions.at(-1)!;
    return [
      id,
      { parts: demoParts.filter((part) => chain.some(({ partId }) => partId === part.id)), chain, presentation },
    ];
  }),
) as unknown as SetupFiles;
const rods = demoParts.flatMap((part) => (part.kind === 'rod' ? [part as never] : []));

export const dunlin = demoHouse.crafts.find(({ id }) => id === 'dunlin')!;
export const lake = demoSpreads.find(({ id }) => id === 'spread-lake')!;
export const sound = demoSpreads.find(({ id }) => id === 'spread-sound')!;

/** A spread behind the demo's boat, turning to starboard. */
export const asked = (spread: SpreadDocument): SpreadQuestion => ({
  spread,
  craft: dunlin,
  files,
  house: demoHouse,
  rods,
  turn: { radiusM: 64, side: 'starboard' },
});

export const changed = (spread: SpreadDocument, id: string, change: Partial<SpreadLineDocument>): SpreadDocument => ({
  ...spread,
  lines: spread.lines.map((line) => (line.id === id ? { ...line, ...change } : line)),
});
