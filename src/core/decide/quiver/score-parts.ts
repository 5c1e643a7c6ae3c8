/**
 * What a rod must do for a presentation, in the order in which it is told. Strength counts for rigs that are towed: what the
 * blank, the line that is on it and the reel bear together, and whether the rod lands what is tied to it.
 */
export const SCORE_PARTS = ['throw', 'set', 'opening', 'strength', 'handling'] as const;
export type ScorePart = (typeof SCORE_PARTS)[number];
