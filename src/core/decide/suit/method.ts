import type { Setup } from '../../tackle';

export const METHODS = ['topwater', 'cast', 'straight-down', 'drifted', 'trolled', 'paddled', 'live-bait'] as const;
export type Method = (typeof METHODS)[number];

/** How a setup is fished, in one word: a live fish by that, a towed rig by its way, a cast one by whether it stays on top. */
export function methodOf({ presentation, parts, chain }: Setup): Method {
  const used = parts.filter((part) => chain.some(({ partId }) => partId === part.id));
  if (used.some((part) => part.kind === 'natural-bait' && part.bait === 'bait-fish' && part.state === 'live'))
    return 'live-bait';
  if (presentation.kind === 'towed') return presentation.way === 'dropped' ? 'straight-down' : presentation.way;
  const onTop = presentation.wanted.fall.kind === 'floats' || used.some(({ kind }) => kind === 'topwater');
  return onTop ? 'topwater' : 'cast';
}
