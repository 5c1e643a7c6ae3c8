/** The messages come as one file a language and room; those that several rooms say are shared. */
export const ROOMS = [
  'shared',
  'bench',
  'box',
  'water',
  'quiver',
  'tying',
  'today',
  'spread',
  'helm',
  'log',
  'trials',
  'crew',
  'rules',
] as const;
export type Room = (typeof ROOMS)[number];
