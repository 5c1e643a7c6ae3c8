/** The words in which a day and its slots are told; the catalogues say them under `word`. */
export const CLARITIES = ['clear', 'stained', 'murky'] as const;
export const LIGHTS = ['bright', 'overcast', 'dusk', 'dark'] as const;
export const SKIES = ['bright', 'overcast'] as const;
export const MOODS = ['active', 'neutral', 'wary'] as const;
export const BOTTOMS = ['rock', 'sand', 'mud', 'weed'] as const;
