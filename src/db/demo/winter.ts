import { deckIdSchema, leaderIdSchema, partIdSchema, setupIdSchema } from '@/domain/ids';
import type { Deck } from '@/domain/deck';
import type { Leader } from '@/domain/leader';

/** Leaders that hang ready, and what became of some. */
export const demoLeaders: readonly Leader[] = (
  [
    [
      'setup-drowned-wall',
      'Drowned-wall zander, 12 cm tail',
      2,
      1.1,
      'line-fluorocarbon-37',
      78,
      ['tied', 'tied', 'tied', 'frayed'],
    ],
    [
      'setup-crimped-minnow',
      'Diving minnow on a crimped leader',
      2,
      1.2,
      'line-fluorocarbon-37',
      82,
      ['tied', 'tied', 'in-use'],
    ],
    ['setup-kelp-live', 'Bridled live bait over the kelp', 2, 1.4, 'line-nylon-60', 130, ['tied', 'retired']],
  ] as const
).flatMap(([setupId, name, number, lengthM, line, breaksN, states]) =>
  states.map((state, i) => ({
    id: leaderIdSchema.parse(`leader-${setupId.slice('setup-'.length)}-${i + 1}`),
    setupId: setupIdSchema.parse(setupId),
    name,
    number,
    lengthM,
    linePartId: partIdSchema.parse(line),
    breaksN,
    state,
    tiedAt: '2026-11-14T19:30:00.000Z',
  })),
);

const entry = (setup: string, rod: string, reel: string) => ({
  setupId: setupIdSchema.parse(`setup-${setup}`),
  rodId: partIdSchema.parse(`rod-${rod}`),
  reelId: partIdSchema.parse(`reel-${reel}`),
});

/** What lies on deck for an evening on the lake. */
export const demoDeck: Deck = {
  id: deckIdSchema.parse('deck-evening'),
  name: 'Evening along the wall',
  entries: [
    entry('drowned-wall', 'heron', 'cast'),
    entry('large-tail', 'bittern', 'big-cast'),
    entry('canoe-spoon', 'siskin', 'spin'),
  ],
};
