/** What was on a line that a touch can change, besides lure and colour. */
export const CHANGES = ['lure', 'colour', 'leader', 'cut-back', 'reel'] as const;
/** How a strike ended; the first three leave the fish unhooked and are of casting. */
export const OUTCOMES = ['followed', 'nipped', 'short', 'missed', 'hooked', 'lost', 'landed'] as const;
/** When it was lost, as far as it is known. */
export const LOST = ['before-set', 'at-set', 'after-set'] as const;
/** What gave way. */
export const LOST_BY = ['opened', 'tore', 'broke', 'jumped', 'at-net'] as const;
/** Which hook held. */
export const HELD_BY = ['front', 'middle', 'tail', 'several'] as const;
/** What the lure did when it was taken. */
export const LURE_DID = ['fell', 'rested', 'moved', 'at-boat'] as const;
export const MOUTH = ['corner', 'upper', 'lower', 'deep', 'outside'] as const;
/** Points of one event; a longer track is several. */
export const MOST_POINTS = 600;
export const TIDES = ['rising', 'high', 'falling', 'low'] as const;
export const SEEN = ['birds', 'bait', 'floating-weed'] as const;
