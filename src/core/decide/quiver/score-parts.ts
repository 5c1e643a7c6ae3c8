/** The four things that a rod must do for a presentation, in the order in which they are told. */
export const SCORE_PARTS = ['throw', 'set', 'opening', 'handling'] as const;
export type ScorePart = (typeof SCORE_PARTS)[number];
