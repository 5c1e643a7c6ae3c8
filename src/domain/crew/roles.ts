/** What a member of a bench is, the most trusted first. */
export const ROLES = ['owner', 'builder', 'mate'] as const;
export type Role = (typeof ROLES)[number];

/** What a use case needs: to manage the crew, to change the bench, to read it, to log, to steer, to see cards, or only to be a member. */
export const NEEDS = ['crew', 'edit', 'bench', 'log', 'helm', 'cards', 'own'] as const;
export type Need = (typeof NEEDS)[number];

const MAY: Readonly<Record<Role, ReadonlySet<Need>>> = {
  owner: new Set(NEEDS),
  builder: new Set(NEEDS.filter((need) => need !== 'crew')),
  // A mate's phone logs, shows the helm and the cards of the day; what the bench holds stays with those who build it.
  mate: new Set(['log', 'helm', 'cards', 'own']),
};

export const may = (role: Role, need: Need): boolean => MAY[role].has(need);

/** Where a member begins. */
export const homeOf = (role: Role): string => (may(role, 'bench') ? '/bench' : '/log');
